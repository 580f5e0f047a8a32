'use client';

import { Segmented, Select } from 'antd';
import { READING_TEXT, explainMeanStep, explainStep, stepText } from '../../features/explanations/gears';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { Explained } from '../../features/explain/Explained';
import { SaveTable } from '../../features/save-table/SaveTable';
import { signedTeeth } from '../../features/units/measures';
import { useWithKey } from '../../features/shortcuts/useKeymap';
import { useShortcut } from '../../features/shortcuts/useShortcut';
import { gearCells, gearFields, percentCell } from '../../formats/csv-cells';
import { STEP_ROUTES, type StepRoute } from '../../records';
import { nextOf } from './quantity';
import { stepListing } from './step-rows';
import type { Gears } from './useGears';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import styles from './Gears.module.css';
import { t } from './text';

const ROUTE_TEXT: Readonly<Record<StepRoute, string>> = {
  cassette: t('stepList.routeText.cassette'),
  shiftPath: t('stepList.routeText.shiftPath'),
  allGears: t('stepList.routeText.allGears'),
};

const READINGS = ['speedStep', 'cadenceDrop', 'logStep'] as const;

/** Step by step from easiest to hardest: teeth and size, in the reading that the rider chose. */
export function StepList({ gears }: { gears: Gears }) {
  const withKey = useWithKey();
  const { workspace, preferences, edits } = useReadyWorkspace();
  const { report } = gears;
  const { stepReading: reading, stepRoute: route } = preferences;
  useShortcut('reading', () => edits.editPreferences((now) => ({ stepReading: nextOf(READINGS, now.stepReading) })));
  useShortcut('route', () => edits.editPreferences((now) => ({ stepRoute: nextOf(STEP_ROUTES, now.stepRoute) })));
  const { rows, summary } = stepListing(report, route);

  return (
    <Panel aria-label={t('stepList.steps')}>
      <PanelHead>
        <h2>{t('stepList.steps')}</h2>
        <Segmented
          size="small"
          aria-label={t('stepList.stepsAlong')}
          title={withKey(t('stepList.stepsAlong'), 'route')}
          value={route}
          onChange={(stepRoute) => edits.editPreferences({ stepRoute })}
          options={STEP_ROUTES.map((value) => ({ value, label: ROUTE_TEXT[value] }))}
        />
        <Select
          size="small"
          aria-label={t('stepList.reading')}
          title={withKey(t('stepList.showSteps'), 'reading')}
          value={reading}
          style={{ width: 122 }}
          onChange={(stepReading) => edits.editPreferences({ stepReading })}
          options={READINGS.map((value) => ({ value, label: READING_TEXT[value] }))}
        />
      </PanelHead>
      <div className={styles.summaryLine}>
        {summary && (
          <p className={styles.stepSummary}>
            {t('stepList.largest')} <b data-testid="largest-step">{stepText(summary.largest.step, reading)}</b>{' '}
            {t('stepList.atFromToMean', { from: summary.largest.from, to: summary.largest.to })}{' '}
            <Explained
              explain={() =>
                explainMeanStep(rows.length, summary.totalLogStep, reading, stepText(summary.mean, reading))
              }
            >
              {stepText(summary.mean, reading)}
            </Explained>
            {route === 'shiftPath' && t('stepList.countGears', { count: report.path.gears.length })}
          </p>
        )}
        <SaveTable
          name={t('stepList.nameSteps', { name: workspace.bike.name })}
          table={() => ({
            fields: [
              ...gearFields('easier_'),
              ...gearFields('harder_'),
              'cog_jump_t',
              'speed_step_percent',
              'cadence_drop_percent',
              'log_step',
            ],
            rows: rows.map(({ step }) => [
              ...gearCells(step.from),
              ...gearCells(step.to),
              step.cogJumpT,
              percentCell(step.speedStep),
              percentCell(step.cadenceDrop),
              step.logStep,
            ]),
          })}
        />
      </div>
      <Table className={styles.stepTable} data-testid="step-table">
        <thead>
          <tr>
            <th scope="col">{t('stepList.easierHarder')}</th>
            <th scope="col">{t('stepList.teeth')}</th>
            <th scope="col">{READING_TEXT[reading]}</th>
            <td />
          </tr>
        </thead>
        <tbody>
          {rows.map(({ key, step, from, to, share, isLargest }) => (
            <tr key={key} className={isLargest ? styles.largest : undefined}>
              <th scope="row">
                {from}→{to}
                {step.ringChange && route === 'shiftPath' && <em> {t('stepList.ringChange')}</em>}
              </th>
              <td>{step.cogJumpT === 0 ? '0' : signedTeeth(step.cogJumpT)}</td>
              <td>
                <Explained explain={() => explainStep(step, reading)}>{stepText(step, reading)}</Explained>
              </td>
              <td className={styles.barCell}>
                <span className={styles.stepBar} style={{ width: `${share * 100}%` }} />
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Panel>
  );
}

'use client';

import { PrinterOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import dynamic from 'next/dynamic';
import { shiftsByHand } from '../../core/compare';
import { frontControlOf } from '../../core/fit';
import { CROSSED_COGS } from '../../core/gears';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { LeverField } from '../../features/setups-bar/LeverField';
import { gearName } from '../../features/explanations/gears';
import { bigChangeWords, crossoverWords } from '../../features/explanations/shifting';
import { NumberField } from '../../ui/fields/NumberField';
import { PrintSheet, usePrint } from '../../ui/print/PrintSheet';
import { useWithKey } from '../../features/shortcuts/useKeymap';
import { useShortcut } from '../../features/shortcuts/useShortcut';
import { GearCard } from './GearCard';
import { stepListing } from './step-rows';
import type { Gears } from './useGears';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Gears.module.css';
import { t } from './text';
import { firstOf } from '../../core/items';

const StepChart = dynamic(() => import('../../features/charts/StepChart').then((module) => module.StepChart), {
  ssr: false,
  loading: () => <div className={styles.chartWait} />,
});

/** How the setup is shifted: the path from easiest to hardest, the change of ring, the profile of steps. */
export function ShiftingView({ gears }: { gears: Gears }) {
  const withKey = useWithKey();
  const { workspace, preferences, edits } = useReadyWorkspace();
  const { report, inUse, context, bigChange } = gears;
  const { bike, setup, place, fromLink } = workspace;
  const { path } = report;
  const control = frontControlOf(setup.parts);
  const { printing, print } = usePrint();
  useShortcut('print', print);
  const chart = { brief: inUse.brief, reading: preferences.stepReading, speedUnit: preferences.speedUnit, height: 190 };
  const series = (label: string, steps: typeof path.steps) => [
    { place, label, steps, rolloutMm: context.riding.rolloutMm },
  ];
  const cassette = stepListing(report, 'cassette').rows.map(({ step }) => step);
  return (
    <div className={styles.shifting}>
      <Panel aria-label={t('shiftingView.shiftPath')}>
        <PanelHead>
          <h2>{t('shiftingView.shiftPathCountGearsFrom', { count: path.gears.length })}</h2>
          <Button
            size="small"
            icon={<PrinterOutlined />}
            onClick={print}
            title={withKey(t('shiftingView.printTheGearCard'), 'print')}
          >
            {t('shiftingView.gearCard')}
          </Button>
        </PanelHead>
        <ol className={styles.path} data-testid="shift-path">
          {path.gears.map((gear, i) => {
            const changes = i > 0 && path.crossovers.some(({ step }) => step.to === gear);
            return (
              <li key={gearName(gear)} className={changes ? styles.changes : undefined}>
                {gearName(gear)}
              </li>
            );
          })}
        </ol>
        {path.crossovers.map((crossover) => {
          const words = crossoverWords(crossover, setup, setup.clicksPerPush, control);
          return (
            <ul key={gearName(crossover.step.to)} className={styles.words} data-testid="crossover">
              <li>{words.easier}.</li>
              <li>{words.harder}.</li>
            </ul>
          );
        })}
        <p className={styles.stepSummary}>
          {path.crossovers.length === 0
            ? t('shiftingView.oneHandDoesItAll')
            : t('shiftingView.doubleShifts', { doubleShifts: shiftsByHand(path, control).double })}
        </p>
        <p className={styles.stepSummary} data-testid="big-change">
          {t('shiftingView.easiestHardestOneGo', { bigChange: bigChangeWords(bigChange) })}
        </p>
        <div className={styles.sheetFields}>
          {setup.chainrings.length > 1 && (
            <NumberField
              id="crossed"
              label={t('shiftingView.cogsAvoidEachEnd')}
              term={t('shiftingView.crossChainedCogs')}
              owner={bike.id}
              disabled={fromLink}
              unit={t('shiftingView.cogs')}
              bounds={CROSSED_COGS}
              whole
              width={130}
              value={bike.crossedCogs}
              onCommit={(value) =>
                value !== undefined && edits.editBike('crossedCogs', (record) => ({ ...record, crossedCogs: value }))
              }
            />
          )}
          <LeverField id="lever" record={setup} />
        </div>
      </Panel>
      <Panel aria-label={t('shiftingView.stepProfile')}>
        {path.steps.length > 0 && (
          <>
            <StepChart
              {...chart}
              title={
                path.crossovers.length > 0
                  ? t('shiftingView.stepsAlongTheShiftPath')
                  : t('shiftingView.stepsAlongTheCassetteWhich')
              }
              name={t('shiftingView.nameShiftPath', { name: bike.name })}
              series={series(t('shiftingView.shiftSequence'), path.steps)}
            />
            {path.crossovers.length > 0 && (
              <StepChart
                {...chart}
                title={t('shiftingView.stepsAlongTheCassetteOn', { chainring: firstOf(setup.chainrings) })}
                name={t('shiftingView.nameCassette', { name: bike.name })}
                series={series('cassette', cassette)}
              />
            )}
          </>
        )}
      </Panel>
      {printing && (
        <PrintSheet>
          <GearCard gears={gears} />
        </PrintSheet>
      )}
    </div>
  );
}

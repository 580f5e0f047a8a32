'use client';

import { clsx } from 'clsx';
import { NEED_FIELDS, type BriefNeed } from '../../core/needs';
import { measuredNeed } from '../../core/compare';
import { useUnits } from '../../features/workspace/useUnits';
import { Assumed } from '../../features/setups-bar/Assumed';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { letterOf } from '../../features/setup-mark/setup-sign';
import { SetupMark } from '../../features/setup-mark/SetupMark';
import { SaveTable } from '../../features/save-table/SaveTable';
import { BOTHER_TEXT } from '../../features/rider/words';
import { Sideways } from '../../ui/panel/Sideways';
import { botherOf, needFigure, needShare, needTitle } from './need-words';
import type { Comparison } from './useCompare';
import { SetupColumns } from './SetupColumns';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import { nameOfNeed } from '../../records/figure-names';
import styles from './Compare.module.css';
import { t } from './text';
import { firstOf, itemAt } from '../../core/items';

/** The rider's own needs, each met or not by each setup, by which figure, and what would change it. */
export function NeedsTable({ comparison }: { comparison: Comparison }) {
  const { workspace } = useReadyWorkspace();
  const { all, inUse } = comparison;
  const { brief } = inUse;
  const units = useUnits();
  const table = () => ({
    fields: [
      'need',
      'unit',
      ...all.flatMap(({ place }) => ['_met', '_value', '_limit'].map((what) => `${letterOf(place)}${what}`)),
    ],
    rows: firstOf(all).answers.map((answer, i) => [
      nameOfNeed(answer.id),
      measuredNeed(answer, firstOf(all).figures, brief).unit ?? '',
      ...all.flatMap(({ answers, figures }) => {
        const own = itemAt(answers, i);
        const { value, limit } = measuredNeed(own, figures, brief);
        const isKnown = !('known' in own) || own.known;
        return [isKnown ? (own.met ? 'yes' : 'no') : '', value ?? '', limit ?? ''];
      }),
    ]),
  });
  return (
    <Panel aria-label={t('needsTable.needs')}>
      <PanelHead>
        <h2>{t('needsTable.yourNeedsMetOrNot')}</h2>
        <SaveTable name={t('needsTable.nameNeeds', { name: workspace.bike.name })} table={table} />
      </PanelHead>
      <Sideways label={t('needsTable.needs')}>
        <Table className={clsx(styles.table, styles.aligned)} data-testid="needs">
          <SetupColumns setups={all.length} cells={1} />
          <thead>
            <tr>
              <th scope="col">{t('needsTable.need')}</th>
              {all.map(({ place }) => (
                <th key={place} scope="col">
                  <SetupMark place={place} />
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {firstOf(all).answers.map((answer, i) => {
              const share = needShare(answer, brief);
              const bother = botherOf(answer, brief);
              return (
                <tr key={answer.id} data-need={answer.id}>
                  <th scope="row">
                    {needTitle(answer, brief, units, inUse.needs)}
                    {share !== undefined && <small> {t('needsTable.sharePercentOfYourRiding', { share })}</small>}
                    {answer.id in NEED_FIELDS && <Assumed need={answer.id as BriefNeed} />}
                    {bother && <em> {t('needsTable.said', { bother: BOTHER_TEXT[bother] })}</em>}
                  </th>
                  {all.map(({ place, answers }) => {
                    const own = itemAt(answers, i);
                    const { figure, remedy } = needFigure(own, units);
                    const unknown = 'known' in own && !own.known;
                    return (
                      <td key={place} className={own.met ? styles.met : unknown ? styles.unknown : styles.unmet}>
                        <b>
                          {unknown
                            ? t('needsTable.notKnown')
                            : own.met
                              ? t('needsTable.met')
                              : own.justAbout
                                ? t('needsTable.justAbout')
                                : t('needsTable.notMetMarked')}
                        </b>{' '}
                        {figure}
                        {!own.met && own.justAbout && <small> {t('needsTable.shortLessThanUncertainty')}</small>}
                        {remedy !== '' && <small> {t('needsTable.wantsRemedy', { remedy })}</small>}
                      </td>
                    );
                  })}
                </tr>
              );
            })}
          </tbody>
        </Table>
      </Sideways>
    </Panel>
  );
}

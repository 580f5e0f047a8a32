'use client';

import { NEED_FIELDS, type BriefNeed } from '../../core/brief';
import { measuredNeed } from '../../core/compare';
import { useUnits } from '../../kit/bench/useUnits';
import { Assumed } from '../../kit/bench/Assumed';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { letterOf } from '../../kit/bench/setup-sign';
import { SetupMark } from '../../kit/bench/SetupMark';
import { SaveTable } from '../../kit/export/SaveTable';
import { BOTHER_TEXT } from '../../kit/words';
import { Sideways } from '../../kit/sheet/Sideways';
import { botherOf, needFigure, needShare, needTitle } from './words/need-words';
import type { Comparison } from './useCompare';
import { SetupColumns } from './SetupColumns';
import { Panel, PanelHead } from '../../kit/sheet/Panel';
import { Table } from '../../kit/sheet/Table';
import { nameOfNeed } from '../../records/figure-names';
import styles from './Compare.module.css';
import { t } from './words/text';

/** The rider's own needs, each met or not by each setup, by which figure, and what would change it. */
export function NeedsTable({ comparison }: { comparison: Comparison }) {
  const { bench } = useReadyBench();
  const { all, inUse } = comparison;
  const { brief } = inUse;
  const units = useUnits();
  const table = () => ({
    fields: [
      'need',
      'unit',
      ...all.flatMap(({ place }) => ['_met', '_value', '_limit'].map((what) => `${letterOf(place)}${what}`)),
    ],
    rows: all[0]!.answers.map((answer, i) => [
      nameOfNeed(answer.id),
      measuredNeed(answer, all[0]!.figures, brief).unit ?? '',
      ...all.flatMap(({ answers, figures }) => {
        const own = answers[i]!;
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
        <SaveTable name={t('needsTable.nameNeeds', { name: bench.bike.name })} table={table} />
      </PanelHead>
      <Sideways label={t('needsTable.needs')}>
        <Table className={`${styles.table} ${styles.aligned}`} data-testid="needs">
          <SetupColumns setups={all.length} cells={1} />
          <thead>
            <tr>
              <th scope="col">{t('needsTable.byTheBrief')}</th>
              {all.map(({ place }) => (
                <th key={place} scope="col">
                  <SetupMark place={place} />
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {all[0]!.answers.map((answer, i) => {
              const share = needShare(answer, brief);
              const bother = botherOf(answer, brief);
              return (
                <tr key={answer.id} data-need={answer.id}>
                  <th scope="row">
                    {needTitle(answer, brief, units, inUse.needs)}
                    {share !== undefined && <small> {t('needsTable.sharePercentOfYourRiding', { share })}</small>}
                    {answer.id in NEED_FIELDS && <Assumed need={answer.id as BriefNeed} />}
                    {bother && <em> {t('needsTable.bothersYouTodayBother', { bother: BOTHER_TEXT[bother] })}</em>}
                  </th>
                  {all.map(({ place, answers }) => {
                    const own = answers[i]!;
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
                        {!own.met && own.justAbout && <small> {t('needsTable.justAboutWhy')}</small>}
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

'use client';

import { useReadyBench } from '../../kit/bench/BenchProvider';
import { LETTERS } from '../../kit/bench/setup-sign';
import { SetupMark } from '../../kit/bench/SetupMark';
import { SaveTable } from '../../kit/export/SaveTable';
import { BOTHER_TEXT } from '../../kit/words';
import { Sideways } from '../../kit/sheet/Sideways';
import { botherOf, needFigure, needShare, needTitle } from './need-words';
import type { Comparison } from './useCompare';
import styles from './Compare.module.css';

/** The rider's own needs, each met or not by each setup, by which figure, and what would change it. */
export function NeedsTable({ comparison }: { comparison: Comparison }) {
  const { bench, preferences } = useReadyBench();
  const { all, inUse } = comparison;
  const { brief } = inUse;
  const unit = preferences.speedUnit;
  const table = () => ({
    fields: [
      'need',
      ...all.flatMap(({ place }) => [LETTERS[place]!, `${LETTERS[place]} figure`, `${LETTERS[place]} wants`]),
    ],
    rows: all[0]!.answers.map((answer, i) => [
      needTitle(answer, brief, unit),
      ...all.flatMap(({ answers }) => {
        const { figure, remedy } = needFigure(answers[i]!, unit);
        return [answers[i]!.met ? 'met' : 'not met', figure, remedy];
      }),
    ]),
  });
  return (
    <section className={styles.panel} aria-label="Needs">
      <div className={styles.panelHead}>
        <h2>Your needs, met or not</h2>
        <SaveTable name={`${bench.bike.name} needs`} table={table} />
      </div>
      <Sideways label="Needs">
        <table className={styles.table} data-testid="needs">
          <thead>
            <tr>
              <th scope="col">by the brief</th>
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
                    {needTitle(answer, brief, unit)}
                    {share !== undefined && <small> {share} % of your riding</small>}
                    {bother && <em> bothers you today: {BOTHER_TEXT[bother]}</em>}
                  </th>
                  {all.map(({ place, answers }) => {
                    const own = answers[i]!;
                    const { figure, remedy } = needFigure(own, unit);
                    const unknown = own.id === 'capacity' && !own.known;
                    return (
                      <td key={place} className={own.met ? styles.met : unknown ? styles.unknown : styles.unmet}>
                        <b>{unknown ? '? not known' : own.met ? '● met' : '○ not met'}</b> {figure}
                        {remedy !== '' && <small> wants {remedy}</small>}
                      </td>
                    );
                  })}
                </tr>
              );
            })}
          </tbody>
        </table>
      </Sideways>
    </section>
  );
}

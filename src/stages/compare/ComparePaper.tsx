import { useUnits } from '../../kit/bench/useUnits';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { letterOf } from '../../kit/bench/setup-sign';
import { formatShorthand } from '../../formats/shorthand';
import { CompareLadder, LADDER_HEIGHT_ON_PAPER } from './CompareLadder';
import { differenceWords, rowTitle, valueText, verdictSentence } from './words/difference-words';
import type { Comparison } from './useCompare';
import { Table } from '../../kit/sheet/Table';
import styles from './ComparePaper.module.css';

/** On paper no gear is chosen. */
const NO_GEAR = { place: -1, key: '' };
const doNothing = () => undefined;

/** Without what a row says of the brief's limits: the page has no room for it, and the verdicts have said it. */
const briefly = (words: string) => words.split(',')[0];

/** The comparison on one page, black on white: ladder, verdicts, figures. */
export function ComparePaper({ comparison }: { comparison: Comparison }) {
  const { bench } = useReadyBench();
  const { all, inUse } = comparison;
  const { brief } = inUse;
  const [base, ...others] = all;
  const units = useUnits();
  const contradicted = inUse.contradictions.length > 0;
  return (
    <article className={styles.paper} data-testid="compare-paper">
      <h1>{bench.bike.name}</h1>
      <p>
        {all.map(({ place, figures }) => `${letterOf(place)}: ${formatShorthand(figures.report.setup)}`).join(' · ')}
      </p>
      <CompareLadder comparison={comparison} selected={NO_GEAR} onSelect={doNothing} height={LADDER_HEIGHT_ON_PAPER} />
      {!contradicted &&
        others.map(({ place, rows }) => (
          <p key={place} className={styles.sentence}>
            {verdictSentence(letterOf(place), rows, brief, units)}
          </p>
        ))}
      {!contradicted && others.length > 0 && (
        <Table>
          <thead>
            <tr>
              <td />
              <th>A</th>
              {others.map(({ place }) => (
                <th key={place} colSpan={2}>
                  {letterOf(place)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {others[0]!.rows.map(({ id, base: value }, i) => (
              <tr key={id}>
                <th>{rowTitle(id, brief, units)}</th>
                <td>{valueText(id, value, base!.figures, brief, units)}</td>
                {others.map(({ place, figures, rows }) => [
                  <td key={`${place} value`}>{valueText(id, rows[i]!.own, figures, brief, units)}</td>,
                  <td key={`${place} words`} className={rows[i]!.judgement === 'worse' ? styles.worse : undefined}>
                    {briefly(differenceWords(rows[i]!, brief, units))}
                  </td>,
                ])}
              </tr>
            ))}
          </tbody>
        </Table>
      )}
    </article>
  );
}

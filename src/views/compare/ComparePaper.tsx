import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { letterOf } from '../../features/setup-mark/setup-sign';
import { formatShorthand } from '../../formats/shorthand';
import { CompareLadder, LADDER_HEIGHT_ON_PAPER } from './CompareLadder';
import { differenceWords, rowTitle, valueText, verdictSentence } from './difference-words';
import type { Comparison } from './useCompare';
import { Table } from '../../ui/panel/Table';
import styles from './ComparePaper.module.css';
import { firstOf, itemAt, definite } from '../../core/items';

/** On paper no gear is chosen. */
const NO_GEAR = { place: -1, key: '' };
const doNothing = () => undefined;

/** Leaves out remarks on limits, for which the sheet is too narrow; the verdicts have them. */
const briefly = (words: string) => words.split(',')[0];

/** The comparison on one page, black on white: ladder, verdicts, figures. */
export function ComparePaper({ comparison }: { comparison: Comparison }) {
  const { workspace } = useReadyWorkspace();
  const { all, inUse } = comparison;
  const { brief } = inUse;
  const [base, ...others] = all;
  const units = useUnits();
  const contradicted = inUse.contradictions.length > 0;
  return (
    <article className={styles.paper} data-testid="compare-paper">
      <h1>{workspace.bike.name}</h1>
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
            {firstOf(others).rows.map(({ id, base: value }, i) => (
              <tr key={id}>
                <th>{rowTitle(id, brief, units)}</th>
                <td>{valueText(id, value, definite(base).figures, brief, units)}</td>
                {others.map(({ place, figures, rows }) => [
                  <td key={`${place} value`}>{valueText(id, itemAt(rows, i).own, figures, brief, units)}</td>,
                  <td
                    key={`${place} words`}
                    className={itemAt(rows, i).judgement === 'worse' ? styles.worse : undefined}
                  >
                    {briefly(differenceWords(itemAt(rows, i), brief, units))}
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

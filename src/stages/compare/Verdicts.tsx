import { LETTERS, signOf } from '../../kit/bench/setup-sign';
import { SetupMark } from '../../kit/bench/SetupMark';
import { useUnits } from '../../kit/bench/useUnits';
import { verdictSentence } from './words/difference-words';
import type { Comparison } from './useCompare';
import styles from './Compare.module.css';
import { WORDS } from './words/text';

/** What each candidate gains and loses, said before it is shown. */
export function Verdicts({ comparison }: { comparison: Comparison }) {
  const { all, inUse } = comparison;
  const units = useUnits();
  return (
    <section className={styles.verdicts} aria-label={WORDS.verdicts.verdict}>
      {all.slice(1).map(({ place, rows, title }) => (
        <div key={place} className={styles.verdict} data-setup={signOf(place)}>
          <span className={styles.verdictHead}>
            <SetupMark place={place} /> {title}
          </span>
          <p data-testid={`verdict-${LETTERS[place]}`}>{verdictSentence(LETTERS[place]!, rows, inUse.brief, units)}</p>
        </div>
      ))}
    </section>
  );
}

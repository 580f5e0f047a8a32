import { LETTERS } from '../../kit/bench/setup-sign';
import type { Aim } from '../../core/brief';
import type { School } from '../../core/compare';
import type { Comparison } from './useCompare';
import styles from './Compare.module.css';

const SCHOOL_TEXT: Readonly<Record<School, { readonly name: string; readonly by: string }>> = {
  cadence: { name: 'Cadence first', by: 'fewest holes, then the smallest largest step' },
  simplicity: { name: 'Simplicity first', by: 'fewest front shifts, then both-hand shifts, then lever pushes' },
  range: { name: 'Range first', by: 'least short of the wanted ends, then the widest range' },
  economy: { name: 'Weight, cost or air first', by: 'by the first of them that you name, weight if none' },
};

const isOwn = (school: School, aim: Aim | undefined) =>
  school === 'economy' ? aim === 'weight' || aim === 'cost' || aim === 'aero' : aim === school;

/** Which setup each school of thought would take: they disagree, and the rider chooses. */
export function Schools({ comparison }: { comparison: Comparison }) {
  const { all, schools, inUse } = comparison;
  const said = schools.filter(({ notKnown }) => !notKnown).map(({ choices }) => choices.join());
  const agree = new Set(said).size <= 1;
  return (
    <section className={styles.panel} aria-label="Schools">
      <h2>{agree ? 'The schools agree' : 'The schools disagree; you choose'}</h2>
      <dl className={styles.schools} data-testid="schools">
        {schools.map(({ school, choices, notKnown }) => (
          <div key={school}>
            <dt>
              {SCHOOL_TEXT[school].name}
              {isOwn(school, inUse.brief.aims[0]) && ' (yours)'}
              <small>{SCHOOL_TEXT[school].by}</small>
            </dt>
            <dd>
              {notKnown
                ? 'cannot say: weigh or price each setup (E)'
                : choices.length === all.length
                  ? 'sees no difference'
                  : `would take ${choices.map((place) => LETTERS[place]).join(' or ')}`}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

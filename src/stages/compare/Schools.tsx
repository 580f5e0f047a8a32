import { LETTERS } from '../../kit/bench/setup-sign';
import type { Aim } from '../../core/brief';
import type { School } from '../../core/compare';
import type { Comparison } from './useCompare';
import styles from './Compare.module.css';
import { WORDS } from './words/text';

const SCHOOL_TEXT: Readonly<Record<School, { readonly name: string; readonly by: string }>> = {
  cadence: { name: WORDS.schools.cadenceFirst, by: WORDS.schools.fewestHolesThenTheSmallest },
  simplicity: { name: WORDS.schools.simplicityFirst, by: WORDS.schools.fewestFrontShiftsThenBoth },
  range: { name: WORDS.schools.rangeFirst, by: WORDS.schools.leastShortOfTheWanted },
  economy: { name: WORDS.schools.weightCostOrAirFirst, by: WORDS.schools.byTheFirstOfThem },
};

const isOwn = (school: School, aim: Aim | undefined) =>
  school === 'economy' ? aim === 'weight' || aim === 'cost' || aim === 'aero' : aim === school;

/** Which setup each school of thought would take: they disagree, and the rider chooses. */
export function Schools({ comparison }: { comparison: Comparison }) {
  const { all, schools, inUse } = comparison;
  const said = schools.filter(({ notKnown }) => !notKnown).map(({ choices }) => choices.join());
  const agree = new Set(said).size <= 1;
  return (
    <section className={styles.panel} aria-label={WORDS.schools.schools}>
      <h2>{agree ? WORDS.schools.theSchoolsAgree : WORDS.schools.theSchoolsDisagreeYouChoose}</h2>
      <dl className={styles.schools} data-testid="schools">
        {schools.map(({ school, choices, notKnown }) => (
          <div key={school}>
            <dt>
              {SCHOOL_TEXT[school].name}
              {isOwn(school, inUse.brief.aims[0]) && WORDS.schools.yours}
              <small>{SCHOOL_TEXT[school].by}</small>
            </dt>
            <dd>
              {notKnown
                ? WORDS.schools.cannotSayWeighOrPrice
                : choices.length === all.length
                  ? WORDS.schools.seesNoDifference
                  : WORDS.schools.wouldTakeChoices(choices.map((place) => LETTERS[place]).join(' or '))}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

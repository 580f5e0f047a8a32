import { LETTERS } from '../../kit/bench/setup-sign';
import type { Priority } from '../../core/compare';
import type { Comparison } from './useCompare';
import { Panel } from '../../kit/sheet/Panel';
import styles from './Compare.module.css';
import { WORDS } from './words/text';

const PRIORITY_TEXT: Readonly<Record<Priority, { readonly name: string; readonly by: string }>> =
  WORDS.priorities.texts;

const letters = (places: readonly number[], joint: string) => places.map((place) => LETTERS[place]).join(joint);

/** Which setup each priority would choose: they disagree, and the rider decides. */
export function Priorities({ comparison }: { comparison: Comparison }) {
  const { all, priorities, inUse } = comparison;
  const said = priorities.filter(({ choices }) => choices.length > 0).map(({ choices }) => choices.join());
  const agree = new Set(said).size <= 1;
  return (
    <Panel aria-label={WORDS.priorities.priorities}>
      <h2>{agree ? WORDS.priorities.agree : WORDS.priorities.disagree}</h2>
      <dl className={styles.schools} data-testid="priorities">
        {priorities.map(({ priority, choices, notKnown }) => (
          <div key={priority}>
            <dt>
              {PRIORITY_TEXT[priority].name}
              {inUse.brief.aims[0] === priority && WORDS.priorities.yours}
              <small>{PRIORITY_TEXT[priority].by}</small>
            </dt>
            <dd>
              {choices.length === 0
                ? WORDS.priorities.cannotSay
                : choices.length === all.length - notKnown.length
                  ? WORDS.priorities.noDifference
                  : WORDS.priorities.chooses(letters(choices, ' or '))}
              {choices.length > 0 && notKnown.length > 0 && ` ${WORDS.priorities.without(letters(notKnown, ', '))}`}
            </dd>
          </div>
        ))}
      </dl>
    </Panel>
  );
}

import { eitherOf, listed } from '../../messages/job';
import { letterOf } from '../../features/setup-mark/setup-sign';
import type { Priority } from '../../core/compare';
import type { Comparison } from './useCompare';
import { Panel } from '../../ui/panel/Panel';
import styles from './Compare.module.css';
import { t } from './text';

const PRIORITY_TEXT: Readonly<Record<Priority, { readonly name: string; readonly by: string }>> = {
  cadence: { name: t('priorities.texts.cadence.name'), by: t('priorities.texts.cadence.by') },
  simplicity: { name: t('priorities.texts.simplicity.name'), by: t('priorities.texts.simplicity.by') },
  range: { name: t('priorities.texts.range.name'), by: t('priorities.texts.range.by') },
  weight: { name: t('priorities.texts.weight.name'), by: t('priorities.texts.weight.by') },
  cost: { name: t('priorities.texts.cost.name'), by: t('priorities.texts.cost.by') },
  aero: { name: t('priorities.texts.aero.name'), by: t('priorities.texts.aero.by') },
};

const letters = (places: readonly number[]) => places.map((place) => letterOf(place));

/** Which setup each priority would choose: they disagree, and the rider decides. */
export function Priorities({ comparison }: { comparison: Comparison }) {
  const { all, priorities, inUse } = comparison;
  const said = priorities.filter(({ choices }) => choices.length > 0).map(({ choices }) => choices.join());
  const agree = new Set(said).size <= 1;
  return (
    <Panel aria-label={t('priorities.priorities')}>
      <h2>{agree ? t('priorities.agree') : t('priorities.disagree')}</h2>
      <dl className={styles.schools} data-testid="priorities">
        {priorities.map(({ priority, choices, notKnown }) => (
          <div key={priority}>
            <dt>
              {PRIORITY_TEXT[priority].name}
              {inUse.brief.aims[0] === priority && t('priorities.yours')}
              <small>{PRIORITY_TEXT[priority].by}</small>
            </dt>
            <dd>
              {choices.length === 0
                ? t('priorities.cannotSay')
                : choices.length === all.length - notKnown.length
                  ? t('priorities.noDifference')
                  : t('priorities.chooses', { choices: eitherOf(letters(choices)) })}
              {choices.length > 0 &&
                notKnown.length > 0 &&
                ` ${t('priorities.without', { places: listed(letters(notKnown)) })}`}
            </dd>
          </div>
        ))}
      </dl>
    </Panel>
  );
}

import { useUnits } from '../../kit/bench/useUnits';
import { letterOf } from '../../kit/bench/setup-sign';
import { SetupMark } from '../../kit/bench/SetupMark';
import type { Comparison } from './useCompare';
import { Panel } from '../../kit/sheet/Panel';
import styles from './Compare.module.css';
import { t } from './words/text';
import { boughtText, suitText } from './words/suit-words';

/** Who each setup suits, from facts, with the other side's case; and what its cost buys. */
export function ForWhom({ comparison }: { comparison: Comparison }) {
  const units = useUnits();
  const { all, inUse } = comparison;
  return (
    <Panel aria-label={t('forWhom.forWhom')}>
      <h2>{t('forWhom.forWhom')}</h2>
      <dl className={styles.suits}>
        {all.map(({ place, suit, figures, rows, title }) => {
          const bought = boughtText(figures.candidate.cost, rows, units);
          return (
            <div key={place}>
              <dt>
                <SetupMark place={place} /> {title}
              </dt>
              <dd data-testid={`suit-${letterOf(place)}`}>
                {suit && suitText(letterOf(place), suit, inUse.brief, units)} {bought}
              </dd>
            </div>
          );
        })}
      </dl>
    </Panel>
  );
}

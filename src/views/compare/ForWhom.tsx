import { useUnits } from '../../features/workspace/useUnits';
import { letterOf } from '../../features/setup-mark/setup-sign';
import { SetupMark } from '../../features/setup-mark/SetupMark';
import type { Comparison } from './useCompare';
import { Panel } from '../../ui/panel/Panel';
import styles from './Compare.module.css';
import { t } from './text';
import { boughtText, suitText } from './suit-words';

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

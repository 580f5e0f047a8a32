import type { RowId } from '../../core/compare';
import { useUnreadable } from '../../features/workspace/WorkspaceProvider';
import { letterOf, signOf } from '../../features/setup-mark/setup-sign';
import { SetupMark } from '../../features/setup-mark/SetupMark';
import { useUnits } from '../../features/workspace/useUnits';
import { valueText, verdictSentence } from './difference-words';
import type { Comparison } from './useCompare';
import styles from './Compare.module.css';
import { t } from './text';
import { entryOf, itemAt } from '../../core/items';

/** The heads of the columns: what each alternative gains and loses, and its key figures. */
export function Verdicts({ comparison }: { comparison: Comparison }) {
  const { all, inUse } = comparison;
  const units = useUnits();
  const unreadable = useUnreadable();
  const { brief } = inUse;
  const value = (at: number, id: RowId) => {
    const row = (all[at === 0 ? 1 : at]?.rows ?? []).find((one) => one.id === id);
    return valueText(id, at === 0 ? row?.base : row?.own, itemAt(all, at).figures, brief, units);
  };
  return (
    <section className={styles.heads} aria-label={t('verdicts.verdict')}>
      {all.map(({ place, rows, title }, at) => (
        <div
          key={place}
          className={styles.verdict}
          data-setup={signOf(place)}
          data-last-readable={unreadable.has(place) || undefined}
        >
          <span className={styles.verdictHead}>
            <SetupMark place={place} /> {title}
          </span>
          <p data-testid={`verdict-${letterOf(place)}`}>
            {at === 0 ? t('verdicts.fittedNow') : verdictSentence(letterOf(place), rows, brief, units)}
          </p>
          {unreadable.has(place) && (
            <p className={styles.unreadable} data-testid={`unreadable-${letterOf(place)}`}>
              {t('verdicts.lastReadable', { reason: entryOf(unreadable, place) })}
            </p>
          )}
          <small>{t('verdicts.firstFigures', { range: value(at, 'range'), gears: value(at, 'distinct') })}</small>
        </div>
      ))}
    </section>
  );
}

import { distanceText } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { dateText } from '../../ui/format';
import { EVENT_ONE } from './timeline';
import type { Log } from './useLog';
import { Table } from '../../ui/panel/Table';
import styles from './HistoryPaper.module.css';
import { t } from './text';

/** A bike's history on paper. */
export function HistoryPaper({ bikeName, log }: { bikeName: string; log: Log }) {
  const units = useUnits();
  return (
    <article className={styles.paper} data-testid="history-paper">
      <h1>{bikeName}</h1>
      <Table>
        <thead>
          <tr>
            <th>{t('historyPaper.day')}</th>
            <th>{t('historyPaper.what')}</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {log.shown.map(({ id, atMs, kind, title, text }) => (
            <tr key={id}>
              <td>{dateText(atMs)}</td>
              <td>{EVENT_ONE[kind]}</td>
              <td>
                <b>{title}</b> {text}
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      <h2>{t('historyPaper.parts')}</h2>
      <Table>
        <tbody>
          {log.lives.map(({ part, km, isOn }) => (
            <tr key={part.id}>
              <td>{part.name}</td>
              <td>{isOn ? t('historyPaper.onNow') : t('historyPaper.off')}</td>
              <td>{distanceText(units, km)}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </article>
  );
}

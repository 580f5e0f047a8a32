'use client';

import { distanceText } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { SaveTable } from '../../features/save-table/SaveTable';
import { dateText } from '../../ui/format';
import type { Log } from './useLog';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Log.module.css';
import { yesOrNo } from '../../formats/csv-cells';
import { t } from './text';

/** Distance of each part on this bike. */
export function LivesPanel({ log }: { log: Log }) {
  const units = useUnits();
  const { lives } = log;
  return (
    <Panel aria-label={t('livesPanel.partsOfThisBike')}>
      <PanelHead>
        <h2>{t('livesPanel.partsTheirDistance')}</h2>
        <SaveTable
          name={t('livesPanel.partsOfThisBikeInSentence')}
          table={() => ({
            fields: ['part', 'kind', 'is_on_now', 'on_this_bike_km'],
            rows: lives.map(({ part, km, isOn }) => [part.name, part.kind, yesOrNo(isOn), km]),
          })}
        />
      </PanelHead>
      {lives.length === 0 && <Note>{t('livesPanel.noPartOfTheStock')}</Note>}
      <ul className={styles.lives}>
        {lives.map(({ part, km, isOn }) => {
          const last = part.mounts.at(-1);
          return (
            <li key={part.id}>
              <span>
                {part.name}
                {!isOn && last?.toMs !== undefined && t('livesPanel.offDate', { date: dateText(last.toMs) })}
              </span>
              <b>{distanceText(units, km)}</b>
            </li>
          );
        })}
      </ul>
    </Panel>
  );
}

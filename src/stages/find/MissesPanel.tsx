'use client';

import { closestMisses } from '../../core/find';
import { useUnits } from '../../kit/bench/useUnits';
import type { SearchResponse } from '../../workers/find/protocol';
import { missText } from '../../kit/finding/answer-words';
import { setupName } from '../../kit/finding/part-words';
import { LayButton } from './LayButton';
import type { Find } from './useFind';
import { Note, Panel } from '../../kit/sheet/Panel';
import styles from './Find.module.css';
import { t } from './words/text';

/** How many of the closest misses are shown. */
const SHOWN = 6;

/** Where nothing meets the brief: what comes closest, and which need stands against it by how much. */
export function MissesPanel({ find, told }: { find: Find; told: SearchResponse }) {
  const units = useUnits();
  const { brief, needs } = find.inUse;
  return (
    <Panel aria-label={t('missesPanel.closestMisses')}>
      <h2>{t('missesPanel.closestMissesOneForEach')}</h2>
      <ol className={styles.misses} data-testid="misses">
        {closestMisses(told.result, SHOWN).map((miss) => (
          <li key={setupName(miss.facts) + miss.missed.map(({ need }) => need).join()}>
            <strong>{setupName(miss.facts)}</strong>
            <span>{missText(miss, find.settings, brief, needs, units)}</span>
            <LayButton find={find} found={miss.facts} />
          </li>
        ))}
      </ol>
      <Note>{t('missesPanel.letGoOfWhatStands')}</Note>
    </Panel>
  );
}

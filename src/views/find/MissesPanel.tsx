'use client';

import { closestMisses } from '../../core/find';
import { useUnits } from '../../features/workspace/useUnits';
import type { SearchResponse } from '../../workers/find/protocol';
import { missText } from '../../features/search/answer-words';
import { setupName } from '../../features/search/part-words';
import { AddSetupButton } from './AddSetupButton';
import type { Find } from './useFind';
import { Note, Panel } from '../../ui/panel/Panel';
import styles from './Find.module.css';
import { t } from './text';

/** How many of the closest misses are shown. */
const SHOWN = 6;

/** Shown where nothing meets the needs: the closest setups, with the need that each misses. */
export function MissesPanel({ find, response }: { find: Find; response: SearchResponse }) {
  const units = useUnits();
  const { brief, needs } = find.inUse;
  return (
    <Panel aria-label={t('missesPanel.closestMisses')}>
      <h2>{t('missesPanel.nearMissesWhatMissing')}</h2>
      <ol className={styles.misses} data-testid="misses">
        {closestMisses(response.result, SHOWN).map((miss) => (
          <li key={setupName(miss.facts) + miss.missed.map(({ need }) => need).join()}>
            <strong>{setupName(miss.facts)}</strong>
            <span>{missText(miss, find.settings, brief, needs, units)}</span>
            <AddSetupButton find={find} found={miss.facts} />
          </li>
        ))}
      </ol>
      <Note>{t('missesPanel.relaxRequirementRemoveAbove')}</Note>
    </Panel>
  );
}

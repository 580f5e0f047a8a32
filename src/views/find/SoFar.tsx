'use client';

import type { FindAim, Found } from '../../core/find';
import { useUnits } from '../../features/workspace/useUnits';
import { aimPhrase } from '../../features/search/aim-words';
import { setupName } from '../../features/search/part-words';
import { Panel } from '../../ui/panel/Panel';
import styles from './Find.module.css';
import { t } from './text';
import { itemAt } from '../../core/items';

/** How many of them are shown: a list that changes four times a second is no table to work with. */
const SHOWN = 12;

/** What a search has found while it goes on. Plain, so that the page stays quick. */
export function SoFar({ front, aims }: { front: readonly Found[]; aims: readonly FindAim[] }) {
  const units = useUnits();
  return (
    <Panel aria-label={t('soFar.foundSoFar')} aria-busy>
      <h2>{t('soFar.foundSoFar')}</h2>
      <ul className={styles.soFar} data-testid="so-far">
        {front.slice(0, SHOWN).map((found) => (
          <li key={setupName(found)}>
            <strong>{setupName(found)}</strong>{' '}
            {aims.map((aim, a) => aimPhrase(aim, itemAt(found.values, a), units)).join(', ')}
          </li>
        ))}
      </ul>
    </Panel>
  );
}

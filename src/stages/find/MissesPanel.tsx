'use client';

import { closestMisses } from '../../core/find';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import type { FindTold } from '../../workers/find/protocol';
import { missText } from './answer-words';
import { setupName } from './part-words';
import { LayButton } from './LayButton';
import type { Find } from './useFind';
import styles from './Find.module.css';

/** How many of the closest misses are shown. */
const SHOWN = 6;

/** Where nothing meets the brief: what comes closest, and which need stands against it by how much. */
export function MissesPanel({ find, told }: { find: Find; told: FindTold }) {
  const { preferences } = useReadyBench();
  const { brief, needs } = find.inUse;
  return (
    <section className={styles.panel} aria-label="Closest misses">
      <h2>Closest misses, one for each thing that stands against them</h2>
      <ol className={styles.misses} data-testid="misses">
        {closestMisses(told.result, SHOWN).map((miss) => (
          <li key={setupName(miss.facts) + miss.missed.map(({ need }) => need).join()}>
            <strong>{setupName(miss.facts)}</strong>
            <span>{missText(miss, find.settings, brief, needs, preferences.speedUnit)}</span>
            <LayButton find={find} found={miss.facts} />
          </li>
        ))}
      </ol>
      <p className={styles.note}>
        Let go of what stands against one of them: untick it on the left, or ease it in the brief.
      </p>
    </section>
  );
}

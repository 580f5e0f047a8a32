'use client';

import { REAR_DERAILLEUR_DATA, checkRearDerailleur, type RearDerailleur } from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { explainCheck } from '../../kit/explain/fit';
import { Explained } from '../../kit/explain/Slip';
import { NumberField } from '../../kit/fields/NumberField';
import { withOptional } from '../../kit/fields/with-optional';
import { VerdictMark } from '../../kit/verdict/VerdictMark';
import type { Gears } from './useGears';
import styles from './Gears.module.css';

const LABELS: readonly (readonly [keyof RearDerailleur, string])[] = [
  ['totalCapacityT', 'Total capacity'],
  ['largestCogMaxT', 'Largest cog ≤'],
  ['largestCogMinT', 'Largest cog ≥'],
  ['smallestCogMinT', 'Smallest cog ≥'],
];

/** The rear derailleur's published numbers, and what they say of this setup. */
export function DerailleurPanel({ gears }: { gears: Gears }) {
  const { bench, edits } = useReadyBench();
  const { setup, fromLink } = bench;
  return (
    <section className={styles.panel} aria-label="Rear derailleur">
      <div className={styles.panelHead}>
        <h2>Rear derailleur, by its sheet</h2>
      </div>
      <div className={styles.sheetFields}>
        {LABELS.map(([field, label]) => (
          <NumberField
            key={field}
            id={field}
            label={label}
            term={REAR_DERAILLEUR_DATA[field].term}
            owner={setup.id}
            disabled={fromLink}
            unit="T"
            bounds={REAR_DERAILLEUR_DATA[field].bounds}
            whole
            optional
            width={84}
            placeholder="–"
            value={setup.rearDerailleur[field]}
            check={(value) => contradiction(withOptional(setup.rearDerailleur, field, value))}
            onCommit={(value) =>
              edits.editSetup(REAR_DERAILLEUR_DATA[field].term, (record) => ({
                ...record,
                rearDerailleur: withOptional(record.rearDerailleur, field, value),
              }))
            }
          />
        ))}
      </div>
      <ul className={styles.checks}>
        {gears.checks.map((check) => (
          <li key={check.id} data-testid={`check-${check.id}`}>
            <Explained explain={() => explainCheck(check, setup)}>
              <VerdictMark verdict={check.verdict} />
            </Explained>
            <span>
              {check.message}
              {check.fixes.length > 0 && <> To mend: {check.fixes.join('; or ')}.</>}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A limit can be sound alone and still contradict another. */
function contradiction(derailleur: RearDerailleur): string | undefined {
  return checkRearDerailleur(derailleur)[0]?.message;
}

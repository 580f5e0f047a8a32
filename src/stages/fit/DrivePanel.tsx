'use client';

import {
  DRIVE_BOUNDS,
  DRIVE_DEFAULTS,
  REAR_DERAILLEUR_DATA,
  SUSPENSION_GROWTH_MM,
  checkRearDerailleur,
  type RearDerailleur,
} from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { NumberField } from '../../kit/fields/NumberField';
import { withOptional } from '../../kit/fields/with-optional';
import type { BikeRecord } from '../../records';
import styles from './Fit.module.css';

const FRAME: readonly {
  readonly field: 'chainstayMm' | 'bbDropMm' | 'suspensionGrowthMm';
  readonly term: string;
  readonly bounds: { readonly min: number; readonly max: number };
  readonly assumed: number;
}[] = [
  { field: 'chainstayMm', term: 'chainstay', bounds: DRIVE_BOUNDS.chainstayMm, assumed: DRIVE_DEFAULTS.chainstayMm },
  { field: 'bbDropMm', term: 'bottom bracket drop', bounds: DRIVE_BOUNDS.bbDropMm, assumed: DRIVE_DEFAULTS.bbDropMm },
  { field: 'suspensionGrowthMm', term: 'suspension growth', bounds: SUSPENSION_GROWTH_MM, assumed: 0 },
];

const PUBLISHED: readonly (keyof RearDerailleur)[] = [
  'totalCapacityT',
  'largestCogMaxT',
  'largestCogMinT',
  'smallestCogMinT',
  'ringDifferenceMaxT',
];

const MEASURED: readonly (readonly [keyof RearDerailleur, number | undefined])[] = [
  ['cageLengthMm', undefined],
  ['pulleyTeeth', DRIVE_DEFAULTS.pulleyTeeth],
  ['pitchLineGapMm', DRIVE_DEFAULTS.pitchLineGapMm],
  ['guidePulleyAngleDeg', DRIVE_DEFAULTS.guidePulleyAngleDeg],
  ['guidePulleyOffsetMm', DRIVE_DEFAULTS.guidePulleyOffsetMm],
  ['foldBackLimitDeg', DRIVE_DEFAULTS.foldBackLimitDeg],
];

/** What the checks and drawings reckon with: frame, sheet and cage. */
export function DrivePanel() {
  const { bench, edits } = useReadyBench();
  const { bike, setup, fromLink } = bench;
  const frameValue = (field: keyof BikeRecord & (typeof FRAME)[number]['field']) => bike[field];
  return (
    <section className={styles.panel} aria-label="Frame and derailleurs">
      <h2>Frame</h2>
      <div className={styles.fields}>
        {FRAME.map(({ field, term, bounds, assumed }) => (
          <NumberField
            key={field}
            id={field}
            label={`${term[0]!.toUpperCase()}${term.slice(1)}`}
            term={term}
            owner={bike.id}
            disabled={fromLink}
            unit="mm"
            bounds={bounds}
            optional
            width={150}
            placeholder={`${assumed} assumed`}
            value={frameValue(field)}
            onCommit={(value) => edits.editBike(term, (record) => withOptional(record, field, value))}
          />
        ))}
      </div>
      <h2>Derailleurs, by their sheets</h2>
      <div className={styles.fields}>
        {PUBLISHED.map((field) => (
          <Datum key={field} field={field} assumed={undefined} />
        ))}
      </div>
      <h2>Cage, typical unless you measure it</h2>
      <div className={styles.fields}>
        {MEASURED.map(([field, assumed]) => (
          <Datum key={field} field={field} assumed={assumed} />
        ))}
      </div>
      <p className={styles.note}>{setup.name ?? 'This setup'} only: other setups have derailleurs of their own.</p>
    </section>
  );
}

function Datum({ field, assumed }: { field: keyof RearDerailleur; assumed: number | undefined }) {
  const { bench, edits } = useReadyBench();
  const { setup, fromLink } = bench;
  const { term, unit, bounds, whole } = REAR_DERAILLEUR_DATA[field];
  return (
    <NumberField
      id={field}
      label={`${term[0]!.toUpperCase()}${term.slice(1)}`}
      term={term}
      owner={setup.id}
      disabled={fromLink}
      unit={unit}
      bounds={bounds}
      whole={whole}
      optional
      width={150}
      placeholder={assumed === undefined ? 'not known' : `${assumed} assumed`}
      value={setup.rearDerailleur[field]}
      check={(value) => checkRearDerailleur(withOptional(setup.rearDerailleur, field, value))[0]?.message}
      onCommit={(value) =>
        edits.editSetup(term, (record) => ({
          ...record,
          rearDerailleur: withOptional(record.rearDerailleur, field, value),
        }))
      }
    />
  );
}

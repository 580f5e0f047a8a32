'use client';

import { Checkbox } from 'antd';
import { CHAINRING_TEETH } from '../../core/gears';
import {
  DRIVE_BOUNDS,
  DRIVE_DEFAULTS,
  RETENTIONS,
  SUSPENSION_GROWTH_MM,
  type RearDerailleur,
  type Retention,
} from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { BikeNumber } from '../../kit/bench/BikeNumber';
import { DerailleurNumber, PartNumber, usePartEdit } from '../../kit/bench/PartFields';
import { Field } from '../../kit/fields/Field';
import styles from './Fit.module.css';

const PUBLISHED: readonly (keyof RearDerailleur)[] = [
  'totalCapacityT',
  'largestCogMaxT',
  'largestCogMinT',
  'smallestCogMinT',
];

const MEASURED: readonly (readonly [keyof RearDerailleur, number | undefined])[] = [
  ['cageLengthMm', undefined],
  ['pulleyTeeth', DRIVE_DEFAULTS.pulleyTeeth],
  ['pitchLineGapMm', DRIVE_DEFAULTS.pitchLineGapMm],
  ['guidePulleyAngleDeg', DRIVE_DEFAULTS.guidePulleyAngleDeg],
  ['guidePulleyOffsetMm', DRIVE_DEFAULTS.guidePulleyOffsetMm],
  ['foldBackLimitDeg', DRIVE_DEFAULTS.foldBackLimitDeg],
];

const RETENTION_TEXT: Readonly<Record<Retention, string>> = {
  narrowWide: 'narrow-wide ring',
  clutch: 'clutch',
  guide: 'chain guide',
};

/** What the checks and drawings reckon with: frame, derailleurs, rings and cage. */
export function DrivePanel() {
  const { bench } = useReadyBench();
  const { setup } = bench;
  const two = setup.chainrings.length > 1;
  return (
    <section className={styles.panel} aria-label="Frame and derailleurs">
      <h2>Frame</h2>
      <div className={styles.fields}>
        <BikeNumber
          field="chainstayMm"
          term="chainstay"
          unit="mm"
          bounds={DRIVE_BOUNDS.chainstayMm}
          placeholder={`${DRIVE_DEFAULTS.chainstayMm} assumed`}
        />
        <BikeNumber
          field="bbDropMm"
          term="bottom bracket drop"
          unit="mm"
          bounds={DRIVE_BOUNDS.bbDropMm}
          placeholder={`${DRIVE_DEFAULTS.bbDropMm} assumed`}
        />
        <BikeNumber
          field="suspensionGrowthMm"
          term="suspension growth"
          unit="mm"
          bounds={SUSPENSION_GROWTH_MM}
          placeholder="0 assumed"
        />
        <BikeNumber
          field={two ? 'twoRingsMaxT' : 'oneRingMaxT'}
          term={two ? 'largest big ring' : 'largest single ring'}
          label={two ? 'Room for a big ring of' : 'Room for a single ring of'}
          unit="T"
          bounds={CHAINRING_TEETH}
          whole
          placeholder="not known"
        />
      </div>
      <h2>Rear derailleur, by its sheet</h2>
      <div className={styles.fields}>
        {PUBLISHED.map((field) => (
          <DerailleurNumber key={field} field={field} />
        ))}
        <PartNumber field="hangerExtenderMm" label="Hanger extender lowers by" />
      </div>
      <h2>Crank{two ? ' and front derailleur' : ''}</h2>
      <div className={styles.fields}>
        <PartNumber field="boltCircleMm" />
        <PartNumber field="smallestRingT" />
        {two ? (
          <>
            <DerailleurNumber field="ringDifferenceMaxT" />
            <PartNumber field="frontBigRingMinT" label="Curved for a big ring from" />
            <PartNumber field="frontBigRingMaxT" label="to" />
          </>
        ) : (
          <RetentionField />
        )}
      </div>
      <h2>Cage, typical unless you measure it</h2>
      <div className={styles.fields}>
        {MEASURED.map(([field, assumed]) => (
          <DerailleurNumber key={field} field={field} assumed={assumed} />
        ))}
      </div>
      <p className={styles.note}>
        Derailleur, crank and cage: {setup.name ?? 'this setup'} only, for other setups have parts of their own. The
        frame is the bike’s.
      </p>
    </section>
  );
}

/** What keeps the chain on a single ring; nothing at all is an answer too. */
function RetentionField() {
  const { bench } = useReadyBench();
  const { setup, fromLink } = bench;
  const editPart = usePartEdit();
  const kept = setup.parts.retention;
  const set = (next: readonly Retention[] | undefined) => editPart('retention', 'what keeps the chain on', next);
  return (
    <Field id="retention" label="The chain is kept on by">
      <div className={styles.checkboxes}>
        {RETENTIONS.map((one, i) => (
          <Checkbox
            key={one}
            {...(i === 0 ? { id: 'retention' } : {})}
            disabled={fromLink}
            checked={kept?.includes(one) ?? false}
            onChange={({ target }) =>
              set(target.checked ? [...(kept ?? []), one] : (kept ?? []).filter((other) => other !== one))
            }
          >
            {RETENTION_TEXT[one]}
          </Checkbox>
        ))}
        <Checkbox
          disabled={fromLink}
          checked={kept?.length === 0}
          onChange={({ target }) => set(target.checked ? [] : undefined)}
        >
          nothing
        </Checkbox>
      </div>
    </Field>
  );
}

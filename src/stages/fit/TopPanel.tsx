'use client';

import { Slider } from 'antd';
import { useRef } from 'react';
import {
  CHAINLINE_DEFAULTS,
  CHAINLINE_MM,
  COG_PITCH_MM,
  DEFAULT_STEEP_ANGLE_DEG,
  RING_SPACING_MM,
  STEEP_ANGLE_DEG,
  typicalCogPitchMm,
} from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { BikeNumber } from '../../kit/bench/BikeNumber';
import { SetupNumber } from '../../kit/bench/SetupNumber';
import { SavePicture } from '../../kit/export/SavePicture';
import { SaveTable } from '../../kit/export/SaveTable';
import { svgPicture } from '../../kit/export/svg';
import { Field } from '../../kit/fields/Field';
import { allDigits, fixed, short } from '../../kit/format';
import { TopView } from '../../kit/top-view/TopView';
import { useChainline } from './useChainline';
import { GearTable } from './GearTable';
import type { Fit } from './useFit';
import styles from './Fit.module.css';

/** How far a ring can be tried in or out with spacers and other cranks, mm. */
const SHIFT_MM = 3;

/** The chain from above: its angle in every gear, the straightest cog, and where it is steep. */
export function TopPanel({ fit }: { fit: Fit }) {
  const { bench } = useReadyBench();
  const { setup } = bench;
  const drawing = useRef<SVGSVGElement>(null);
  const chainline = useChainline(fit);
  const { rows, geometry, shiftMm, tryShift, steepDeg } = chainline;
  const risky = rows.filter(({ mayDrop }) => mayDrop);
  const fields = [
    ['frontChainlineMm', 'front chainline', CHAINLINE_MM, CHAINLINE_DEFAULTS.frontChainlineMm],
    ...(setup.chainrings.length > 1
      ? ([['ringSpacingMm', 'ring spacing', RING_SPACING_MM, CHAINLINE_DEFAULTS.ringSpacingMm]] as const)
      : []),
    ['rearChainlineMm', 'rear chainline', CHAINLINE_MM, CHAINLINE_DEFAULTS.rearChainlineMm],
    ['cogPitchMm', 'cog pitch', COG_PITCH_MM, typicalCogPitchMm(setup.cogs.length)],
  ] as const;
  return (
    <section className={styles.panel} aria-label="Top view">
      <div className={styles.panelHead}>
        <h2>Top view: the chain’s angle in every gear</h2>
        <SavePicture name={`${bench.bike.name} top view`} picture={() => svgPicture(drawing.current)} />
        <SaveTable
          name={`${bench.bike.name} chain angles`}
          table={() => ({
            fields: ['chainring', 'cog', 'ring_offset_mm', 'cog_offset_mm', 'angle_deg'],
            rows: rows.map((row) => [row.chainring, row.cog, row.ringOffsetMm, row.cogOffsetMm, row.angleDeg]),
          })}
          byKey
        />
      </div>
      <TopView rows={rows} geometry={geometry} drawingRef={drawing} />
      <GearTable
        rows={setup.chainrings.map((ring) => rows.filter(({ chainring }) => chainring === ring))}
        corner="cog"
        testId="angles"
        cell={({ cog, angleDeg, isSteep, isStraightest }) => (
          <td key={cog} className={isSteep ? styles.steep : isStraightest ? styles.straight : undefined}>
            {isSteep ? '▲ ' : isStraightest ? '= ' : ''}
            {fixed(angleDeg, 1)}°
          </td>
        )}
      />
      <p className={styles.note} data-testid="back-pedal">
        = straightest, ▲ steeper than your {short(steepDeg, 2)}°.{' '}
        {risky.length === 0
          ? 'No gear is likely to drop its chain when back-pedalling.'
          : `Back-pedalling may drop the chain in ${risky.map(({ chainring, cog }) => `${chainring}/${cog}`).join(', ')}: try it on the stand.`}{' '}
        Offsets are typical until measured.
      </p>
      <div className={styles.fields}>
        {fields.map(([field, term, bounds, assumed]) => (
          <SetupNumber
            key={field}
            field={field}
            term={term}
            unit="mm"
            bounds={bounds}
            placeholder={`${allDigits(assumed)} assumed`}
          />
        ))}
        <BikeNumber
          id="steep"
          field="steepAngleDeg"
          label="Steep is above"
          term="steep angle"
          unit="°"
          bounds={STEEP_ANGLE_DEG}
          width={120}
          placeholder={`${DEFAULT_STEEP_ANGLE_DEG} assumed`}
        />
        <Field id="shift" label={`What if the ring stood ${shiftText(shiftMm)}`}>
          <Slider
            min={-SHIFT_MM}
            max={SHIFT_MM}
            step={0.5}
            value={shiftMm}
            onChange={tryShift}
            included={false}
            marks={{ [-SHIFT_MM]: '−3', 0: 'as it is', [SHIFT_MM]: '+3' }}
            styles={{ root: { width: 220, margin: '8px 24px 24px' } }}
            ariaLabelForHandle="Ring offset tried, mm"
          />
        </Field>
      </div>
    </section>
  );
}

function shiftText(shiftMm: number): string {
  if (shiftMm === 0) return 'in or out, mm';
  return `${fixed(Math.abs(shiftMm), 1)} mm farther ${shiftMm > 0 ? 'out' : 'in'}`;
}

'use client';

import { Segmented } from 'antd';
import { ANGLE_LOSS_PERCENT_PER_DEG, CHAIN_FRICTION, type LossWatts } from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { BikeNumber } from '../../kit/bench/BikeNumber';
import { BriefNumber } from '../../kit/bench/BriefNumber';
import { explainFrontDrag, explainLoss } from '../../kit/explain/losses';
import { Explained } from '../../kit/explain/Slip';
import { SaveTable } from '../../kit/export/SaveTable';
import { withOptional } from '../../kit/fields/with-optional';
import { SPEED_UNIT_TEXT, fixed, short, speedIn } from '../../kit/format';
import type { LossSchool } from '../../records';
import { GearTable } from './GearTable';
import type { Fit } from './useFit';
import { useLosses } from './useLosses';
import styles from './Fit.module.css';

const gear = ({ chainring, cog }: LossWatts) => `${chainring}/${cog}`;
const spread = ({ lowWatts, highWatts }: LossWatts) => `${fixed(lowWatts, 1)} to ${fixed(highWatts, 1)} W`;

/** Chain losses in watts with their spread, by the school that counts them, and the drag of the front parts. */
export function LossPanel({ fit }: { fit: Fit }) {
  const { bench, preferences, edits } = useReadyBench();
  const { setup, bike, fromLink } = bench;
  const losses = useLosses(fit);
  const { school, powerW, rows, most, least, drag, frontDragCm2, anglePercentPerDeg } = losses;
  const { speedUnit } = preferences;
  const choose = (next: LossSchool) =>
    edits.editBike('school on losses', (record) =>
      withOptional(record, 'lossSchool', next === 'count' ? undefined : next),
    );
  const counted = school === 'count';
  return (
    <section className={styles.panel} aria-label="Losses">
      <div className={styles.panelHead}>
        <h2>What chain and air take, at {short(powerW, 0)} W</h2>
        {counted && (
          <SaveTable
            name={`${bike.name} losses`}
            table={() => ({
              fields: ['chainring', 'cog', 'loss_w', 'low_w', 'high_w'],
              rows: rows.flat().map((one) => [one.chainring, one.cog, one.watts, one.lowWatts, one.highWatts]),
            })}
          />
        )}
        <Segmented<LossSchool>
          size="small"
          value={school}
          disabled={fromLink}
          options={[
            { value: 'count', label: 'count it' },
            { value: 'ignore', label: 'ignore it' },
          ]}
          onChange={choose}
          aria-label="School on losses"
        />
      </div>
      {counted ? (
        <>
          <p className={styles.answerSmall} data-testid="loss">
            From{' '}
            <Explained explain={() => explainLoss(least, powerW, anglePercentPerDeg)}>
              {fixed(least.watts, 1)} W in {gear(least)}
            </Explained>{' '}
            ({spread(least)}) to{' '}
            <Explained explain={() => explainLoss(most, powerW, anglePercentPerDeg)}>
              {fixed(most.watts, 1)} W in {gear(most)}
            </Explained>{' '}
            ({spread(most)}).
          </p>
          <GearTable
            rows={rows}
            corner="W"
            cell={(one) => (
              <td key={one.cog} title={spread(one)}>
                {fixed(one.watts, 1)}
              </td>
            )}
          />
          <p className={styles.note}>
            An estimate from the friction of the pins, {fixed(CHAIN_FRICTION.lowMu, 2)} to{' '}
            {fixed(CHAIN_FRICTION.highMu, 2)}. Published measurements disagree on what the sideways angle adds; some
            found little. Set a share for it if you count it.
          </p>
        </>
      ) : (
        <p className={styles.note} data-testid="loss">
          Ignored: dirt on the chain, tyres and the surface cost more than these few watts. On the road and against the
          clock, count it.
        </p>
      )}
      <p className={styles.note} data-testid="front-drag">
        {setup.chainrings.length > 1
          ? 'Leaving out front derailleur and second ring would save in the air: '
          : 'Without front derailleur and second ring this setup saves in the air: '}
        {drag.map(({ speedKmh, watts }, i) => (
          <span key={speedKmh}>
            {i > 0 && ', '}
            <Explained explain={() => explainFrontDrag(frontDragCm2, speedKmh, watts)}>
              {fixed(watts, 2)} W at {fixed(speedIn(speedUnit, speedKmh), 0)} {SPEED_UNIT_TEXT[speedUnit]}
            </Explained>
          </span>
        ))}
        . It grows with the speed cubed.
      </p>
      <div className={styles.fields}>
        <BriefNumber field="powerW" width={150} />
        <BikeNumber
          field="angleLossPercentPerDeg"
          term="loss by angle"
          label="Loss by angle"
          unit="% a degree"
          bounds={ANGLE_LOSS_PERCENT_PER_DEG}
          placeholder="0 assumed"
          width={170}
        />
        <BriefNumber field="frontDragCm2" label="Drag area of the front parts" width={170} />
      </div>
    </section>
  );
}

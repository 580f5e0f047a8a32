'use client';

import { scaleLinear } from 'd3-scale';
import { short } from '../../ui/format';
import { useUnits } from '../workspace/useUnits';
import { distanceText, shownIn, unitText, type Units } from '../units/measures';
import { Numbers } from '../../ui/numbers/Numbers';
import type { ChainWear } from './wear-of';
import { wearNumbers } from './wear-numbers';
import styles from './WearView.module.css';
import { t } from './text';

const WIDTH = 380;
const HEIGHT = 130;
const PAD = { left: 34, right: 12, top: 8, bottom: 22 };

/** Readings over distance, the line through them, the gauge limit, and the spread of where they meet. */
export function WearView({ wear }: { wear: ChainWear }) {
  const units = useUnits();
  if (wear.readings.length < 2) return null;
  return (
    <>
      <Drawing wear={wear} units={units} />
      <Numbers of={t('wearView.chainWearOverDistance')} table={() => wearNumbers(wear, units)} />
    </>
  );
}

function Drawing({ wear, units }: { wear: ChainWear; units: Units }) {
  const { readings, answer, limitPercent, nowKm } = wear;
  const forecast = answer.kind === 'forecast' || answer.kind === 'reached' ? answer.forecast : undefined;
  const farKm = Math.max(nowKm, forecast?.spreadKm?.[1] ?? forecast?.limitKm ?? 0, ...readings.map(({ km }) => km));
  const far = shownIn('distance', units, farKm * 1.05);
  const along = scaleLinear([0, far], [PAD.left, WIDTH - PAD.right]).nice(5);
  const x = (km: number) => along(shownIn('distance', units, km));
  const y = scaleLinear(
    [0, Math.max(limitPercent, ...readings.map(({ wearPercent }) => wearPercent)) * 1.15],
    [HEIGHT - PAD.bottom, PAD.top],
  );
  const yLimit = y(limitPercent);
  return (
    <svg
      className={styles.view}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={t('wearView.chainWearOverDistanceReadings', {
        readings: readings
          .map(({ km, wearPercent }) =>
            t('wearView.wearPercentAtKm', { wearPercent: short(wearPercent, 2), distance: distanceText(units, km) }),
          )
          .join(', '),
        limitPercent: short(limitPercent, 2),
      })}
    >
      {along.ticks(5).map((tick) => (
        <g key={tick}>
          <line className={styles.grid} x1={along(tick)} x2={along(tick)} y1={PAD.top} y2={HEIGHT - PAD.bottom} />
          <text x={along(tick)} y={HEIGHT - 7} textAnchor="middle">
            {tick}
          </text>
        </g>
      ))}
      <text x={WIDTH - PAD.right} y={HEIGHT - PAD.bottom - 4} textAnchor="end">
        {unitText('distance', units)}
      </text>
      {y.ticks(3).map((percent) => (
        <text key={percent} x={PAD.left - 5} y={y(percent) + 4} textAnchor="end">
          {short(percent, 2)}
        </text>
      ))}
      <line className={styles.limit} x1={PAD.left} x2={WIDTH - PAD.right} y1={yLimit} y2={yLimit} />
      <text className={styles.limitText} x={PAD.left + 4} y={yLimit - 4}>
        {short(limitPercent, 2)}%
      </text>
      {forecast?.spreadKm && (
        <line
          className={styles.spread}
          x1={x(Math.max(0, forecast.spreadKm[0]))}
          x2={x(forecast.spreadKm[1])}
          y1={yLimit}
          y2={yLimit}
        />
      )}
      {forecast && (
        <line
          className={styles.line}
          x1={x(0)}
          y1={y(Math.max(0, forecast.wearAt(0)))}
          x2={x(forecast.limitKm)}
          y2={y(forecast.wearAt(forecast.limitKm))}
        />
      )}
      <line className={styles.now} x1={x(nowKm)} x2={x(nowKm)} y1={PAD.top} y2={HEIGHT - PAD.bottom} />
      {readings.map(({ atMs, km, wearPercent }) => (
        <circle key={atMs} className={styles.reading} cx={x(km)} cy={y(wearPercent)} r={3.5} />
      ))}
    </svg>
  );
}

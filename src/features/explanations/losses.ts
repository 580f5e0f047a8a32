import { CHAIN_FRICTION, LOSS_SPREAD, type LossWatts } from '../../core/fit';
import { percent } from '../../core/units';
import { allDigits, fixed, short } from '../../ui/format';
import type { Explanation } from './explanation';
import { t } from './text';

/** How the loss of a gear is worked out. */
export function explainLoss(
  { chainring, cog, watts, lowWatts, highWatts }: LossWatts,
  powerW: number,
  anglePercentPerDeg: number,
): Explanation {
  return {
    title: t('losses.explainLoss.title', { chainring, cog, watts: fixed(watts, 2) }),
    formula: t('losses.explainLoss.formula'),
    worked: [
      `${allDigits(CHAIN_FRICTION.mu)} × ${short(1.8, 1)} mm × (2π ÷ ${short(12.7, 1)} mm) × (1 ÷ ${chainring} + 1 ÷ ${cog}) × ${short(powerW, 0)} W`,
      t('losses.explainLoss.worked.sidewaysAngleOfThePower', { anglePercentPerDeg: short(anglePercentPerDeg, 2) }),
      t('losses.explainLoss.worked.withFromToEitherWay', {
        lowMu: allDigits(CHAIN_FRICTION.lowMu),
        highMu: allDigits(CHAIN_FRICTION.highMu),
        tension: fixed(percent(LOSS_SPREAD.tension), 0),
        pulleys: short(percent(LOSS_SPREAD.pulleys), 2),
        perDegree: short(percent(LOSS_SPREAD.perDegree), 2),
        lowWatts: fixed(lowWatts, 2),
        highWatts: fixed(highWatts, 2),
      }),
    ],
    source: t('losses.explainLoss.source'),
    note: t('losses.explainLoss.note'),
  };
}

/** How the drag of the front parts is worked out. */
export function explainFrontDrag(frontDragCm2: number, speedKmh: number, watts: number): Explanation {
  return {
    title: t('losses.explainFrontDrag.title', { speedKmh: short(speedKmh, 1), watts: fixed(watts, 2) }),
    formula: t('losses.explainFrontDrag.formula'),
    worked: [
      `½ × ${short(1.2, 1)} kg/m³ × ${short(frontDragCm2, 1)} cm² × (${short(speedKmh, 1)} km/h)³ = ${fixed(watts, 2)} W`,
    ],
    source: t('losses.explainFrontDrag.source'),
  };
}

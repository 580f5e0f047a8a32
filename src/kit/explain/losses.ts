import { CHAIN_FRICTION, LOSS_SPREAD, type LossWatts } from '../../core/fit';
import { percent } from '../../core/units';
import { allDigits, fixed, short } from '../format';
import type { Explanation } from './explanation';

/** How the loss of a gear is worked out. */
export function explainLoss(
  { chainring, cog, watts, lowWatts, highWatts }: LossWatts,
  powerW: number,
  anglePercentPerDeg: number,
): Explanation {
  return {
    title: `Loss in ${chainring}/${cog}: ${fixed(watts, 2)} W`,
    formula: 'μ × pin radius × (2π ÷ pitch) × (1 ÷ ring + 1 ÷ cog) × power, and the share for the angle',
    worked: [
      `${allDigits(CHAIN_FRICTION.mu)} × ${short(1.8, 1)} mm × (2π ÷ ${short(12.7, 1)} mm) × (1 ÷ ${chainring} + 1 ÷ ${cog}) × ${short(powerW, 0)} W`,
      `sideways angle: ${short(anglePercentPerDeg, 2)} % of the power a degree`,
      `with μ from ${allDigits(CHAIN_FRICTION.lowMu)} to ${allDigits(CHAIN_FRICTION.highMu)}, ${fixed(percent(LOSS_SPREAD.tension), 0)}% either way for chain tension, up to ${short(percent(LOSS_SPREAD.pulleys), 2)}% of the power for the pulleys and up to ${short(percent(LOSS_SPREAD.perDegree), 2)}% per degree of angle: ${fixed(lowWatts, 2)} to ${fixed(highWatts, 2)} W`,
    ],
    source:
      'First principles: links bend on to and off ring and cog. Spicer et al., J. Mech. Design 2001, found little effect of the angle.',
    note: 'An estimate: wear, dirt and lubrication change it by more than a tooth does.',
  };
}

/** How the drag of the front parts is worked out. */
export function explainFrontDrag(frontDragCm2: number, speedKmh: number, watts: number): Explanation {
  return {
    title: `Front derailleur and second ring at ${short(speedKmh, 1)} km/h: ${fixed(watts, 2)} W`,
    formula: '½ × air density × drag area × speed³',
    worked: [
      `½ × ${short(1.2, 1)} kg/m³ × ${short(frontDragCm2, 1)} cm² × (${short(speedKmh, 1)} km/h)³ = ${fixed(watts, 2)} W`,
    ],
    source: 'The drag area is a guess until you set it: measurements of so small a difference are few.',
  };
}

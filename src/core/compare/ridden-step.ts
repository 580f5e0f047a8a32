import type { FilledBrief, Needs } from '../needs';
import { speedKmh, type SizedGear } from '../gears';
import { itemAt } from '../items';

/** A share of the riding time about one speed. */
interface SpeedShare {
  readonly share: number;
  readonly centreKmh: number;
  /** How far speeds lie apart about it: the scale of a logistic distribution of ln speed. */
  readonly spread: number;
}

/** On the flat speeds stay close; over rolling ground and hills they range farther. */
/** Within one gear they stay closer still. */
const SPREAD = { gear: 0.04, flat: 0.08, rolling: 0.16, hilly: 0.22 };
/** Of the time in hills so much goes uphill, for it is slow. */
const UPHILL = 0.75;

/** The rider's speeds by recordings, else by terrain. Shares add up to 1. */
export function speedsRidden(brief: FilledBrief, { climbSpeedKmh }: Needs): SpeedShare[] {
  const recorded = brief.ridden?.shares.filter(({ share }) => share > 0) ?? [];
  if (recorded.length > 0) {
    return recorded.map(({ developmentM, share }) => ({
      share,
      centreKmh: speedKmh(developmentM, brief.preferredRpm),
      spread: SPREAD.gear,
    }));
  }
  const { flatPercent, rollingPercent, hillyPercent, mountainPercent, cruisingSpeedKmh } = brief;
  const all = flatPercent + rollingPercent + hillyPercent + mountainPercent;
  const hills = (hillyPercent + mountainPercent) / all;
  // Most climbs are gentler than the steepest.
  const uphillKmh = Math.sqrt(climbSpeedKmh * cruisingSpeedKmh);
  return [
    { share: flatPercent / all, centreKmh: cruisingSpeedKmh, spread: SPREAD.flat },
    { share: rollingPercent / all, centreKmh: cruisingSpeedKmh, spread: SPREAD.rolling },
    { share: hills * UPHILL, centreKmh: uphillKmh, spread: SPREAD.hilly },
    { share: hills * (1 - UPHILL), centreKmh: cruisingSpeedKmh, spread: SPREAD.hilly },
  ].filter(({ share }) => share > 0);
}

const shareBelow = (speeds: readonly SpeedShare[], kmh: number) =>
  speeds.reduce(
    (sum, { share, centreKmh, spread }) => sum + share / (1 + Math.exp(-Math.log(kmh / centreKmh) / spread)),
    0,
  );

/**
 * The mean step that a rider meets, each weighed by the time at the speeds between its two gears; a speed step as a share.
 * @param gears of the shift sequence, easiest first
 * @returns undefined for a single gear, or where no time falls between gears
 */
export function timeWeightedStep(
  gears: readonly SizedGear[],
  preferredRpm: number,
  speeds: readonly SpeedShare[],
): number | undefined {
  let [time, sum] = [0, 0];
  for (let i = 1; i < gears.length; i += 1) {
    const [easier, harder] = [itemAt(gears, i - 1), itemAt(gears, i)];
    const share =
      shareBelow(speeds, speedKmh(harder.developmentM, preferredRpm)) -
      shareBelow(speeds, speedKmh(easier.developmentM, preferredRpm));
    time += share;
    sum += share * (harder.developmentM / easier.developmentM - 1);
  }
  return time > 0 ? sum / time : undefined;
}

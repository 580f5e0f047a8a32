import { BRIEF_BOUNDS, type Brief, type FilledBrief } from '../../core/needs';
import { within } from '../../core/numbers';
import type { RiderFromRides } from '../../core/ridden';
import { power60FromW } from '../../core/ride';

/** Durations from which the power for an hour follows, minutes; five say more of the reserve than of the hour. */
const LONG_MINUTES = 20;
/** A power that is less sure than this, as a share, is no better than a guess by effort. */
const SURE_SHARE = 0.15;

/** What Needs can take over from rides: only what they tell, rounded as it would be typed, within its bounds. */
export function briefFromRides(
  { crr, cdaM2, efforts }: RiderFromRides,
  { anaerobicJPerKg, riderMassKg }: FilledBrief,
): Pick<Brief, 'powerW' | 'crr' | 'cdaM2'> {
  const longest = efforts
    .filter(({ minutes, spreadW, powerW }) => minutes >= LONG_MINUTES && spreadW <= SURE_SHARE * powerW)
    .at(-1);
  const powerW =
    longest && Math.round(power60FromW(longest.powerW, longest.minutes * 60, anaerobicJPerKg * riderMassKg));
  const values = {
    ...(powerW !== undefined && { powerW }),
    ...(crr.isFromRides && { crr: Number(crr.value.toFixed(4)) }),
    ...(cdaM2.isFromRides && { cdaM2: Number(cdaM2.value.toFixed(2)) }),
  };
  return Object.fromEntries(
    (Object.entries(values) as [keyof typeof values, number][]).filter(([field, value]) =>
      within(value, BRIEF_BOUNDS[field]),
    ),
  );
}

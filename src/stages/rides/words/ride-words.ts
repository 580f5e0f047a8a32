import type { GearUse, RecordingNotes } from '../../../core/recording';
import type { ProfileNotes, RideThrough } from '../../../core/ride';
import { heightText, type Units } from '../../../kit/measures';
import { gearName } from '../../../kit/explain/gears';
import { durationText, fixed } from '../../../kit/format';

export const shareText = (part: number, whole: number) => (whole > 0 ? `${fixed((part / whole) * 100, 0)} %` : '–');

/** What reading a ride left out or worked out. */
export function notesText(notes: RecordingNotes): string {
  const { repeated, absurdSpeeds, absurdCadences, absurdHeights, pauses, pausedS, speedFrom } = notes;
  const said = [
    ...(speedFrom === 'positions' ? ['speed worked out from positions'] : []),
    ...(speedFrom === 'distance' ? ['speed worked out from distance'] : []),
    ...(repeated > 0 ? [`${repeated} samples at the same time as the one before left out`] : []),
    ...(absurdSpeeds > 0 ? [`${absurdSpeeds} speeds that no bicycle does left out`] : []),
    ...(absurdCadences > 0 ? [`${absurdCadences} cadences that nobody turns left out`] : []),
    ...(absurdHeights > 0 ? [absurdHeightsText(absurdHeights)] : []),
    ...(pauses > 0 ? [`${pauses} ${pauses === 1 ? 'pause' : 'pauses'} of ${durationText(pausedS)} together`] : []),
  ];
  return said.length === 0 ? '' : `${said.join('; ')}.`;
}

const absurdHeightsText = (count: number) =>
  `${count} ${count === 1 ? 'height' : 'heights'} that no road has (“no data”) left out`;

/** What reading a route left out or bridged. */
export function routeNotesText({ missing, absurd, longestGapM }: ProfileNotes, units: Units): string {
  const said = [
    ...(absurd > 0 ? [absurdHeightsText(absurd)] : []),
    ...(missing > 0
      ? [`${missing} points without a height, straight lines over them, ${heightText(units, longestGapM)} at most`]
      : []),
  ];
  return said.length === 0 ? '' : `${said.join('; ')}.`;
}

/** The verdict on how gears are used, in a sentence. */
export function usageSentence(use: GearUse): string {
  if (use.drivingS === 0) return 'The cranks never drove in this recording.';
  const used = use.shares.filter(({ seconds }) => seconds > 0);
  const never = use.shares.length - used.length;
  const most = used.reduce((best, one) => (one.seconds > best.seconds ? one : best));
  const out = shareText(use.belowS + use.aboveS, use.drivingS);
  return `Most in ${gearName(most.gear)}, ${shareText(most.seconds, use.drivingS)} of the time; ${never === 0 ? 'every gear was used' : `${never} of ${use.shares.length} gears never`}; ${out} out of the band.`;
}

/** How sure the gears are told, and what would make it surer. */
export function sureText({ sure, residual }: GearUse, measured: boolean): string {
  const scatter = `readings scatter by ±${fixed(residual.spread * 100, 1)} %`;
  const surer = measured
    ? 'The rollout is measured, which is the best that can be done.'
    : 'A measured rollout would make it surer.';
  return `Told ${fixed(sure * 100, 0)} % surely; ${scatter}. ${surer}`;
}

/** What a ride-through says of the setups against the first, the one fitted now. */
export function throughSentence(rides: readonly RideThrough[], letters: readonly string[]): string {
  const [fitted, ...others] = rides;
  if (!fitted) return '';
  const out = (ride: RideThrough) => shareText(ride.belowS + ride.aboveS, ride.drivingS);
  const hard = (ride: RideThrough) =>
    ride.walkingS > 0
      ? `walks ${durationText(ride.walkingS)}`
      : ride.grindingS > 0
        ? `grinds ${durationText(ride.grindingS)}`
        : 'never grinds';
  const said = [fitted, ...others].map(
    (ride, i) =>
      `${letters[i]} ${out(ride)} out of the band, ${hard(ride)}, ${ride.frontShifts === 0 ? 'no front shifts' : `${ride.frontShifts} front shifts`}`,
  );
  return `${said.join('; ')}.`;
}

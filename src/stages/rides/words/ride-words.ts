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
    ...(repeated > 0 ? [`${repeated} duplicate ${repeated === 1 ? 'sample' : 'samples'} ignored`] : []),
    ...(absurdSpeeds > 0 ? [`${absurdSpeeds} impossible ${absurdSpeeds === 1 ? 'speed' : 'speeds'} ignored`] : []),
    ...(absurdCadences > 0
      ? [`${absurdCadences} impossible ${absurdCadences === 1 ? 'cadence' : 'cadences'} ignored`]
      : []),
    ...(absurdHeights > 0 ? [absurdHeightsText(absurdHeights)] : []),
    ...(pauses > 0 ? [`${pauses} ${pauses === 1 ? 'pause' : 'pauses'} totalling ${durationText(pausedS)}`] : []),
  ];
  return said.length === 0 ? '' : `${said.join('; ')}.`;
}

const absurdHeightsText = (count: number) =>
  `${count} impossible ${count === 1 ? 'elevation' : 'elevations'} (“no data”) ignored`;

/** What reading a route left out or bridged. */
export function routeNotesText({ missing, absurd, longestGapM }: ProfileNotes, units: Units): string {
  const said = [
    ...(absurd > 0 ? [absurdHeightsText(absurd)] : []),
    ...(missing > 0
      ? [`${missing} points without elevation, bridged by straight lines of ${heightText(units, longestGapM)} at most`]
      : []),
  ];
  return said.length === 0 ? '' : `${said.join('; ')}.`;
}

/** The verdict on how gears are used, in a sentence. */
export function usageSentence(use: GearUse): string {
  if (use.drivingS === 0) return 'No pedalling in this recording.';
  const used = use.shares.filter(({ seconds }) => seconds > 0);
  const never = use.shares.length - used.length;
  const most = used.reduce((best, one) => (one.seconds > best.seconds ? one : best));
  const out = shareText(use.belowS + use.aboveS, use.drivingS);
  return `Most in ${gearName(most.gear)}, ${shareText(most.seconds, use.drivingS)} of the time; ${never === 0 ? 'every gear was used' : `${never} of ${use.shares.length} gears never used`}; ${out} outside your cadence range.`;
}

/** How sure the gears are told, and what would make it surer. */
export function sureText({ sure, residual }: GearUse, measured: boolean): string {
  const scatter = `readings vary by ±${fixed(residual.spread * 100, 1)} %`;
  const surer = measured
    ? 'The rollout is measured, so this is as accurate as it gets.'
    : 'Measuring the rollout would improve this.';
  return `Gears identified with ${fixed(sure * 100, 0)} % confidence; ${scatter}. ${surer}`;
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
        : 'no grinding';
  const said = [fitted, ...others].map(
    (ride, i) =>
      `${letters[i]} ${out(ride)} outside the cadence range, ${hard(ride)}, ${ride.frontShifts === 0 ? 'no front shifts' : `${ride.frontShifts} front shifts`}`,
  );
  return `${said.join('; ')}.`;
}

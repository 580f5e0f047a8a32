import type { ReadingBasis, ReadingId, ReadingJudgement, ReadingUnit, StepReading } from '../../core/job';
import { allDigits, short } from '../../core/number-text';
import { endsOf, type Ends } from './chain-words';
import { count } from './list';
import { JOINT_TEXT } from './torque-words';

/** What is read. */
export function readingTitle(id: ReadingId): string {
  switch (id) {
    case 'links':
      return 'Links in all';
    case 'speeds':
      return 'Chain speeds';
    case 'shifterSpeeds':
      return 'Shifter speeds';
    case 'gapMm':
      return 'B-gap';
    case 'turns':
      return 'B-tension screw (+ is in)';
    case 'spacerMm':
      return 'Spacers';
    case 'cageHeightMm':
      return 'Cage above the big ring';
    case 'clearanceMm':
      return 'Clearance';
    case 'km':
      return 'Distance ridden';
    case 'wearPercent':
      return 'Chain wear';
    default: {
      const joint = id.slice('torque.'.length) as keyof typeof JOINT_TEXT;
      const what = JOINT_TEXT[joint];
      return `${what.charAt(0).toUpperCase()}${what.slice(1)}`;
    }
  }
}

/** Writes a distance in the unit that its reader reads. */
export type DistanceWriter = (km: number) => string;

const inKilometres: DistanceWriter = (km) => `${short(km, 2)} km`;

/** A number with its unit: "114 links", "5.5 mm", "0.5%". */
export function withUnit(value: number, unit: ReadingUnit, distance: DistanceWriter = inKilometres): string {
  if (unit === 'km') return distance(value);
  if (unit === 'links') return count(value, 'link');
  if (unit === 'turns') return `${short(value, 2)} ${Math.abs(value) === 1 ? 'turn' : 'turns'}`;
  return unit === '%' ? `${short(value, 2)}%` : `${short(value, 2)} ${unit}`;
}

/** Why a target is what it is. */
const BASIS: Readonly<Record<Exclude<ReadingBasis, 'chainWindow'>, string>> = {
  bodyAndCassette: 'freehub body less cassette',
  'gap.lastTime': 'it worked last time with this cassette',
  'gap.derailleur': 'from the gap set for this derailleur',
  'gap.typical': 'typical; the derailleur maker’s figure takes precedence',
  'turns.lastTime': 'as last time',
  'torque.part': 'read off the part',
  'torque.usual': 'usual; the torque on the part takes precedence',
  cageHeight: 'so that the cage clears the teeth and still shifts',
  clearance: 'so that nothing touches under load',
  wearLimit: 'the limit for this number of speeds',
};

const basisText = (basis: ReadingBasis, { big, small }: Ends): string =>
  basis === 'chainWindow' ? `${big} + 2, and taut in ${small}` : BASIS[basis];

/** The target of a reading: "114 links (112 to 116)". */
export function targetText({ target, window, unit }: StepReading): string | undefined {
  if (target === undefined) return undefined;
  const { min, max } = window ?? {};
  const span =
    min !== undefined && max !== undefined && max >= min && (min !== target || max !== target)
      ? ` (${short(min, 1)} to ${short(max, 1)})`
      : min !== undefined && max === undefined && unit !== 'links'
        ? ' or more'
        : max !== undefined && min === undefined
          ? ' at most'
          : '';
  return `${withUnit(target, unit)}${span}`;
}

/**
 * What is thought of a reading, against this job's own target, with the reason and the next step.
 * @param rings of the setup that goes on
 */
export function judgementText(
  reading: StepReading,
  value: number,
  judged: ReadingJudgement,
  rings: number,
  distance: DistanceWriter = inKilometres,
): string {
  const { id, unit, possible, basis } = reading;
  const value$ = withUnit(value, unit, distance);
  const target = targetText(reading);
  const ends = endsOf(rings);
  const why = basis ? basisText(basis, ends) : '';
  switch (judged.kind) {
    case 'onTarget':
      return `${value$}: on target (${why}).`;
    case 'inWindow':
      return `${value$}: good; the target is ${target} (${why}).`;
    case 'noTarget':
      return `${value$}: noted.`;
    case 'notPossible':
      return `${value$} cannot be right: between ${withUnit(possible.min, unit, distance)} and ${withUnit(possible.max, unit, distance)} is possible${target ? `, the target is ${target}` : ''}. Read it again.`;
    case 'notWhole':
      return `${allDigits(value)} links: enter a whole number. The target is ${target}.`;
    case 'odd':
      return `${value$}: an odd number cannot be joined, because inner and outer links alternate. The target is ${target}. Count again.`;
    case 'withoutQuickLink':
      return `${value$} and the quick link make ${judged.links}. Enter ${judged.links} if the quick link is not in your count, or count again.`;
    case 'slackAtPlanned':
      return `${value$}, as planned for ${ends.big}; it hangs slack in ${ends.small}, whatever its length: the cage is too short for this range. Leave those gears out.`;
    case 'below':
      return `${value$}, ${withUnit(judged.by, unit)} too ${unit === 'links' ? 'few' : 'little'}: ${target ? `the target is ${target}` : 'below the target'} (${why}). ${belowStep(id)}`;
    case 'above':
      return `${value$}, ${withUnit(judged.by, unit)} too ${unit === 'links' ? 'many' : 'much'}: ${target ? `the target is ${target}` : 'above the target'} (${why}). ${aboveStep(id, ends)}`;
  }
}

function belowStep(id: ReadingId): string {
  switch (id) {
    case 'links':
      return 'A shift into the largest cog can lock the drivetrain. Do not ride; use a longer chain.';
    case 'gapMm':
      return 'The guide pulley can rub: turn the B-tension screw in (clockwise).';
    case 'spacerMm':
      return 'The cassette will rock: add the missing spacer.';
    case 'cageHeightMm':
      return 'The cage can touch the ring: raise it.';
    case 'clearanceMm':
      return 'It can touch under load: move the ring out with spacers, or use a smaller one.';
    default:
      return id.startsWith('torque.') ? 'Tighten further, in steps.' : 'Read it again.';
  }
}

function aboveStep(id: ReadingId, { small }: Ends): string {
  switch (id) {
    case 'links':
      return `It hangs slack in ${small}: take links out in pairs, or leave those gears out.`;
    case 'gapMm':
      return 'Shifting will be slow: turn the B-tension screw out.';
    case 'spacerMm':
      return 'The lockring will not engage: take the extra spacer off.';
    case 'cageHeightMm':
      return 'It will shift poorly: lower it.';
    case 'wearPercent':
      return 'The chain is worn: replace it before it wears the cogs.';
    default:
      return id.startsWith('torque.') ? 'Check the part for damage, then set the wrench again.' : 'Read it again.';
  }
}

import type { GearUse, RecordingNotes } from '../../core/recording';
import type { FilledBrief } from '../../core/needs';
import { OFF_CLIMBS_SHARE, type ProfileNotes, type RideThrough } from '../../core/ride';
import type { RidesThrough } from './useRideThrough';
import { heightText, type Units } from '../../features/units/measures';
import { gearName } from '../../features/explanations/gears';
import { durationText, fixed } from '../../ui/format';
import { t } from './text';
import { itemAt } from '../../core/items';

export const shareText = (part: number, whole: number) => (whole > 0 ? `${fixed((part / whole) * 100, 0)}%` : '–');

/** What reading a ride left out or worked out. */
export function notesText(notes: RecordingNotes, remarks: readonly string[] = []): string {
  const { untimed, repeated, absurdSpeeds, absurdCadences, absurdHeights, absurdPowers } = notes;
  const { pauses, pausedS, speedFrom, speedUnit } = notes;
  const said = [
    ...remarks,
    ...(speedFrom === 'positions' ? [t('rideWords.notesText.speedWorkedOutFromPositions')] : []),
    ...(speedFrom === 'distance' ? [t('rideWords.notesText.speedWorkedOutFromDistance')] : []),
    ...(speedUnit !== 'm/s' ? [t('rideWords.notesText.speedUnit', { unit: speedUnit })] : []),
    ...(untimed > 0 ? [t('rideWords.notesText.untimed', { untimed })] : []),
    ...(repeated > 0 ? [t('rideWords.notesText.duplicateRepeated1Ignored', { repeated })] : []),
    ...(absurdSpeeds > 0 ? [t('rideWords.notesText.impossibleAbsurdSpeeds1Ignored', { absurdSpeeds })] : []),
    ...(absurdCadences > 0 ? [t('rideWords.notesText.impossibleAbsurdCadences1Ignored', { absurdCadences })] : []),
    ...(absurdHeights > 0 ? [absurdHeightsText(absurdHeights)] : []),
    ...(absurdPowers > 0 ? [t('rideWords.notesText.impossiblePowers', { absurdPowers })] : []),
    ...(pauses > 0 ? [t('rideWords.notesText.pauses1Totalling', { pauses, pausedS: durationText(pausedS) })] : []),
  ];
  return said.length === 0 ? '' : `${said.join('; ')}.`;
}

const absurdHeightsText = (count: number) => t('rideWords.absurdHeightsText.impossibleCount1NoDataIgnored', { count });

/** What reading a route left out or bridged. */
export function routeNotesText({ missing, absurd, longestGapM }: ProfileNotes, units: Units): string {
  const said = [
    ...(absurd > 0 ? [absurdHeightsText(absurd)] : []),
    ...(missing > 0
      ? [
          t('rideWords.routeNotesText.pointsWithoutElevationBridgedBy', {
            missing,
            longestGapM: heightText(units, longestGapM),
          }),
        ]
      : []),
  ];
  return said.length === 0 ? '' : `${said.join('; ')}.`;
}

/** The verdict on how gears are used, in a sentence. */
export function usageSentence(use: GearUse): string {
  if (use.drivingS === 0) return t('rideWords.usageSentence.noPedallingInThisRecording');
  const used = use.shares.filter(({ seconds }) => seconds > 0);
  const never = use.shares.length - used.length;
  const most = used.reduce((best, one) => (one.seconds > best.seconds ? one : best));
  const out = shareText(use.belowS + use.aboveS, use.drivingS);
  return t('rideWords.usageSentence.mostInOfTheTime', {
    gear: gearName(most.gear),
    seconds: shareText(most.seconds, use.drivingS),
    never: never === 0 ? 'yes' : 'no',
    never2: never === 0 ? '' : never,
    sharesCount: never === 0 ? '' : use.shares.length,
    out,
  });
}

/** The confidence of the gears as text, and how to improve it; or that the bicycle recorded them. */
export function confidenceText(use: GearUse, measured: boolean): string {
  const { drivingS, recordedS, otherTeethS } = use;
  const identified = identifiedText(use, measured);
  const percent = (seconds: number) => fixed((seconds / drivingS) * 100, 0);
  if (drivingS > 0 && recordedS > ALL * drivingS) return t('rideWords.confidenceText.gearsRecorded');
  if (otherTeethS > FEW * drivingS)
    return t('rideWords.confidenceText.recordedTeethDiffer', { other: percent(otherTeethS), identified });
  return recordedS > FEW * drivingS
    ? t('rideWords.confidenceText.gearsPartlyRecorded', { recorded: percent(recordedS), identified })
    : identified;
}

/** Shares of the time that count as all of it, and as worth a word. */
const ALL = 0.99;
const FEW = 0.01;
/** Confidence that would be rounded to 100%, which none is. */
const NEARLY_ALL = 0.995;

function identifiedText({ sure, residual }: GearUse, measured: boolean): string {
  const scatter = t('rideWords.confidenceText.readingsVaryBy', { spread: fixed(residual.spread * 100, 1) });
  const surer = measured
    ? t('rideWords.confidenceText.theRolloutIsMeasuredSo')
    : t('rideWords.confidenceText.measuringTheRolloutWouldImprove');
  return t('rideWords.confidenceText.gearsIdentifiedWithConfidence', {
    isNearlyAll: sure >= NEARLY_ALL ? 'yes' : 'no',
    sure: fixed(sure * 100, 0),
    scatter,
    surer,
  });
}

/** The results of a route simulation against setup A, as text. */
export function throughSentence(rides: readonly RideThrough[], letters: readonly string[]): string {
  const [fitted, ...others] = rides;
  if (!fitted) return '';
  const out = (ride: RideThrough) => shareText(ride.belowS + ride.aboveS, ride.drivingS);
  const hard = (ride: RideThrough) =>
    ride.walkingS > 0
      ? t('rideWords.throughSentence.hard.walks', { walkingS: durationText(ride.walkingS) })
      : ride.grindingS > 0
        ? t('rideWords.throughSentence.hard.grinds', { grindingS: durationText(ride.grindingS) })
        : t('rideWords.throughSentence.hard.noGrinding');
  const said = [fitted, ...others].map((ride, i) =>
    t('rideWords.throughSentence.outsideTheCadenceRangeFront', {
      i: itemAt(letters, i),
      ride: out(ride),
      ride2: hard(ride),
      frontShifts: ride.frontShifts === 0 ? 'yes' : 'no',
      frontShifts2: ride.frontShifts === 0 ? '' : ride.frontShifts,
    }),
  );
  return `${said.join('; ')}.`;
}

/** How the rider of a route simulation rides, shifts and is helped, in sentences. */
export function conditionsText({ road, habit }: Pick<RidesThrough, 'road' | 'habit'>, brief: FilledBrief): string {
  const { assistFactor, assistMaxW, assistCutOffKmh, powerW, lowRpm, highRpm } = brief;
  const byHabit = road.shifts === 'habit' ? habit : undefined;
  return t('rideWords.conditions', {
    power:
      road.power === 'paced'
        ? t('rideWords.conditionsPaced', { share: fixed(OFF_CLIMBS_SHARE * 100, 0) })
        : t('rideWords.conditionsSteady', { power: fixed(powerW, 0) }),
    shifts: byHabit
      ? t('rideWords.conditionsHabit', {
          easier: fixed(byHabit.easierBelowRpm, 0),
          harder: fixed(byHabit.harderAboveRpm, 0),
          pause: fixed(byHabit.pauseS, 0),
        })
      : t('rideWords.conditionsRange', { low: fixed(lowRpm, 0), high: fixed(highRpm, 0) }),
    motor:
      assistFactor > 0
        ? t('rideWords.conditionsMotor', {
            factor: fixed(assistFactor, 1),
            most: fixed(assistMaxW, 0),
            speed: fixed(assistCutOffKmh, 0),
          })
        : '',
  }).trim();
}

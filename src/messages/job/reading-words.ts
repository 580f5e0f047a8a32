import type { ReadingBasis, ReadingId, ReadingJudgement, ReadingUnit, StepReading } from '../../core/job';
import { allDigits, short, unitAfter } from '../number-text';
import { endsOf, type Ends } from './chain-words';
import { linksText } from './list';
import { JOINT_TEXT } from './torque-words';
import { t } from './text';

/** What is read. */
export function readingTitle(id: ReadingId): string {
  switch (id) {
    case 'links':
      return t('readingWords.readingTitle.links');
    case 'speeds':
      return t('readingWords.readingTitle.speeds');
    case 'shifterSpeeds':
      return t('readingWords.readingTitle.shifterSpeeds');
    case 'gapMm':
      return t('readingWords.readingTitle.gapMm');
    case 'turns':
      return t('readingWords.readingTitle.turns');
    case 'spacerMm':
      return t('readingWords.readingTitle.spacerMm');
    case 'cageHeightMm':
      return t('readingWords.readingTitle.cageHeightMm');
    case 'clearanceMm':
      return t('readingWords.readingTitle.clearanceMm');
    case 'km':
      return t('readingWords.readingTitle.km');
    case 'wearPercent':
      return t('readingWords.readingTitle.wearPercent');
    default: {
      const joint = id.slice('torque.'.length) as keyof typeof JOINT_TEXT;
      const what = JOINT_TEXT[joint];
      return `${what.charAt(0).toUpperCase()}${what.slice(1)}`;
    }
  }
}

/** Writes a distance in the unit that its reader reads. */
type DistanceWriter = (km: number) => string;

const inKilometres: DistanceWriter = (km) => `${short(km, 2)} km`;

/** A number with its unit: "114 links", "5.5 mm", "0.5%". */
export function withUnit(value: number, unit: ReadingUnit, distance: DistanceWriter = inKilometres): string {
  if (unit === 'km') return distance(value);
  if (unit === 'links') return linksText(value);
  if (unit === 'turns') return t('readingWords.withUnit.value21', { value: short(value, 2), value2: Math.abs(value) });
  return `${short(value, 2)}${unitAfter(unit)}`;
}

/** Why a target is what it is. */
const BASIS: Readonly<Record<Exclude<ReadingBasis, 'chainWindow'>, string>> = {
  bodyAndCassette: t('readingWords.basis.bodyAndCassette'),
  'gap.lastTime': t('readingWords.basis.gapLastTime'),
  'gap.derailleur': t('readingWords.basis.gapDerailleur'),
  'gap.typical': t('readingWords.basis.gapTypical'),
  'turns.lastTime': t('readingWords.basis.turnsLastTime'),
  'torque.part': t('readingWords.basis.torquePart'),
  'torque.usual': t('readingWords.basis.torqueUsual'),
  cageHeight: t('readingWords.basis.cageHeight'),
  clearance: t('readingWords.basis.clearance'),
  wearLimit: t('readingWords.basis.wearLimit'),
};

const basisText = (basis: ReadingBasis, { big, small }: Ends): string =>
  basis === 'chainWindow' ? t('readingWords.basisText.2AndTautIn', { big, small }) : BASIS[basis];

/** The target of a reading: "114 links (112 to 116)", or what is as good where no single value is aimed at: "112 links or more". */
export function targetText({ target, window, unit }: StepReading): string | undefined {
  const { min, max } = window ?? {};
  if (target === undefined) {
    if (min === undefined) return undefined;
    return max === undefined || max < min
      ? t('readingWords.targetText.atLeast', { min: withUnit(min, unit) })
      : t('readingWords.targetText.between', { min: short(min, 1), max: withUnit(max, unit) });
  }
  const span =
    min !== undefined && max !== undefined && max >= min && (min !== target || max !== target)
      ? t('readingWords.targetText.to', { min: short(min, 1), max: short(max, 1) })
      : min !== undefined && max === undefined && unit !== 'links'
        ? t('readingWords.targetText.orMore')
        : max !== undefined && min === undefined
          ? t('readingWords.targetText.atMost')
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
      return t('readingWords.judgementText.onTarget', { value: value$, why });
    case 'inWindow':
      return t('readingWords.judgementText.inWindow', { value: value$, ...targetIn(target), why });
    case 'noTarget':
      return t('readingWords.judgementText.noTarget', { value: value$ });
    case 'notPossible':
      return t('readingWords.judgementText.notPossible', {
        value: value$,
        min: withUnit(possible.min, unit, distance),
        max: withUnit(possible.max, unit, distance),
        target: target ? 'yes' : 'no',
        target2: target ? target : '',
      });
    case 'notWhole':
      return t('readingWords.judgementText.notWhole', { value: allDigits(value), unit, ...targetIn(target) });
    case 'odd':
      return t('readingWords.judgementText.odd', { value: value$, ...targetIn(target) });
    case 'withoutQuickLink':
      return t('readingWords.judgementText.withoutQuickLink', { value: value$, links: judged.links });
    case 'slackAtPlanned':
      return t('readingWords.judgementText.slackAtPlanned', { value: value$, big: ends.big, small: ends.small });
    case 'below':
      return t('readingWords.judgementText.below', {
        value: value$,
        by: withUnit(judged.by, unit),
        unit: unit === 'links' ? 'yes' : 'no',
        target: target ? 'yes' : 'no',
        target2: target ? target : '',
        why,
        id: belowStep(id),
      });
    case 'above':
      return t('readingWords.judgementText.above', {
        value: value$,
        by: withUnit(judged.by, unit),
        unit: unit === 'links' ? 'yes' : 'no',
        target: target ? 'yes' : 'no',
        target2: target ? target : '',
        why,
        id: aboveStep(id, ends),
      });
  }
}

/** A target within a sentence that also stands without one. */
const targetIn = (target: string | undefined) => ({
  hasTarget: target === undefined ? 'no' : 'yes',
  target: target ?? '',
});

const isTorque = (id: ReadingId) => id.startsWith('torque.');

function belowStep(id: ReadingId): string {
  switch (id) {
    case 'links':
      return t('readingWords.belowStep.links');
    case 'gapMm':
      return t('readingWords.belowStep.gapMm');
    case 'spacerMm':
      return t('readingWords.belowStep.spacerMm');
    case 'cageHeightMm':
      return t('readingWords.belowStep.cageHeightMm');
    case 'clearanceMm':
      return t('readingWords.belowStep.clearanceMm');
    default:
      return isTorque(id) ? t('readingWords.belowStep.tightenFurtherInSteps') : t('readingWords.belowStep.readItAgain');
  }
}

function aboveStep(id: ReadingId, { small }: Ends): string {
  switch (id) {
    case 'links':
      return t('readingWords.aboveStep.links', { small });
    case 'gapMm':
      return t('readingWords.aboveStep.gapMm');
    case 'spacerMm':
      return t('readingWords.aboveStep.spacerMm');
    case 'cageHeightMm':
      return t('readingWords.aboveStep.cageHeightMm');
    case 'wearPercent':
      return t('readingWords.aboveStep.wearPercent');
    default:
      return isTorque(id) ? t('readingWords.aboveStep.checkThePartForDamage') : t('readingWords.aboveStep.readItAgain');
  }
}

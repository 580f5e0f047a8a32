import { assumedIn, type FilledBrief } from '../../../core/brief';
import {
  DRAG_SPREAD,
  isToleranceAssumed,
  stepTolerance,
  type DifferenceRow,
  type Judgement,
  type RowId,
  type SetupFigures,
} from '../../../core/compare';
import type { Zone } from '../../../core/gears';
import { SPEED_UNIT_TEXT, fixed, percentText, short, speedIn, speedText } from '../../../kit/format';
import { moneyText, partMassText, sizedGearText, type Units } from '../../../kit/measures';
import { ZONE_TEXT } from '../../../kit/words';
import { listed } from '../../../messages/job';

/** Titles of the rows, in their order. */
export function rowTitle(id: RowId, brief: FilledBrief, units: Units): string {
  switch (id) {
    case 'easiest':
      return 'Easiest gear';
    case 'hardest':
      return 'Hardest gear';
    case 'range':
      return 'Range';
    case 'topSpeed':
      return `Top speed at ${short(brief.highRpm, 1)} rpm`;
    case 'spinOut':
      return `Spin-out speed, ${short(brief.spinOutRpm, 1)} rpm`;
    case 'lowestSteady':
      return `Slowest speed at ${short(brief.lowRpm, 1)} rpm`;
    case 'holes':
      return `Gaps at ${short(brief.lowRpm, 1)}–${short(brief.highRpm, 1)} rpm`;
    case 'distinct':
      return 'Distinct gears, by minimum difference';
    case 'pathGears':
      return 'Distinct gears, by shift sequence';
    case 'frontShifts':
      return 'Front shifts, easiest to hardest';
    case 'hubShifts':
      return 'Hub shifts, easiest to hardest';
    case 'doubleShifts':
      return 'Double shifts';
    case 'rearClicks':
      return 'Rear shifts, end to end';
    case 'leverPushes':
      return 'Lever pushes, end to end (the larger of both directions)';
    case 'capacity':
      return 'Spare capacity';
    case 'riddenStep':
      return 'Average step at the speeds you ride';
    case 'loss':
      return `Chain and hub losses at ${short(speedIn(units.speedUnit, brief.cruisingSpeedKmh), 1)} ${SPEED_UNIT_TEXT[units.speedUnit]}, estimate`;
    case 'frontDrag':
      return `Drag of front parts at ${short(speedIn(units.speedUnit, brief.cruisingSpeedKmh), 1)} ${SPEED_UNIT_TEXT[units.speedUnit]}, estimate`;
    case 'mass':
      return 'Weight';
    case 'cost':
      return 'Cost';
    default: {
      const [kind, zone] = id.split('.') as ['largestStep' | 'meanStep', Zone];
      return `${kind === 'largestStep' ? 'Largest' : 'Mean'} step, ${ZONE_TEXT[zone]}`;
    }
  }
}

/** A row's value of one setup, as text. */
export function valueText(
  id: RowId,
  value: number | undefined,
  figures: SetupFigures,
  brief: FilledBrief,
  units: Units,
): string {
  if (value === undefined) return id === 'mass' ? 'not weighed' : id === 'cost' || id === 'capacity' ? 'no data' : '–';
  switch (id) {
    case 'easiest':
      return `${fixed(figures.report.gears[0]!.ratio, 3)} · ${sizedGearText(units, figures.report.gears[0]!)}`;
    case 'hardest':
      return `${fixed(figures.report.gears.at(-1)!.ratio, 3)} · ${sizedGearText(units, figures.report.gears.at(-1)!)}`;
    case 'range':
      return percentText(value);
    case 'topSpeed':
    case 'spinOut':
    case 'lowestSteady':
      return speedText(units.speedUnit, value);
    case 'holes':
    case 'distinct':
    case 'pathGears':
    case 'frontShifts':
    case 'hubShifts':
    case 'doubleShifts':
    case 'rearClicks':
    case 'leverPushes':
      return String(value);
    case 'capacity':
      return value >= 0 ? `${value}T` : `${fixed(value, 0)}T: over the published limit`;
    case 'loss': {
      const { lowFraction, highFraction } = figures.loss;
      const watts = (fraction: number) => fixed(fraction * brief.powerW, 1);
      return `${percentText(value)}, ${watts(value)} W (${watts(lowFraction)}–${watts(highFraction)})`;
    }
    case 'frontDrag':
      return value === 0
        ? 'none'
        : `${fixed(value, 2)} W (${fixed(value * (1 - DRAG_SPREAD), 2)}–${fixed(value * (1 + DRAG_SPREAD), 2)})`;
    case 'mass':
      return `${figures.candidate.isMassEstimate ? 'about ' : ''}${partMassText(units, value)}`;
    case 'cost':
      return moneyText(units, value);
    default:
      return percentText(value);
  }
}

export const JUDGEMENT_SIGN: Readonly<Record<Judgement, string>> = {
  better: '▲',
  worse: '▼',
  same: '=',
  enough: '·',
  withinSpread: '≈',
  notKnown: '?',
};

/** The difference in words, for this brief. */
export function differenceWords(
  { id, own, base, change, judgement }: DifferenceRow,
  brief: FilledBrief,
  units: Units,
): string {
  if (judgement === 'same') return 'the same';
  if (judgement === 'withinSpread') return 'no difference within the uncertainty';
  if (judgement === 'notKnown' || own === undefined || base === undefined) return 'no data';
  const share = change === undefined ? '' : percentText(Math.abs(change));
  const more = own > base;
  const enough = judgement === 'enough';
  switch (id) {
    case 'easiest':
      return `${share} ${more ? 'harder' : 'easier'}${enough ? ', easy enough' : ''}`;
    case 'hardest':
      return `${share} ${more ? 'harder' : 'easier'}${enough ? ', hard enough' : ''}`;
    case 'range':
      return more ? 'wider' : 'narrower';
    case 'topSpeed':
    case 'spinOut':
      return `${share} ${more ? 'faster' : 'slower'}${enough ? ', fast enough' : ''}`;
    case 'lowestSteady':
      return `${share} ${more ? 'higher' : 'lower'}${enough ? ', low enough' : ''}`;
    case 'capacity':
      return enough ? 'enough' : more ? 'more to spare' : 'less to spare';
    case 'mass':
      return `${partMassText(units, Math.abs(own - base))} ${more ? 'heavier' : 'lighter'}`;
    case 'loss':
      return `${fixed(Math.abs(own - base) * brief.powerW, 1)} W ${more ? 'more' : 'less'}`;
    case 'frontDrag':
      return `${fixed(Math.abs(own - base), 2)} W ${more ? 'more' : 'less'}`;
    case 'cost':
      return `${moneyText(units, Math.abs(own - base))} ${more ? 'more' : 'less'}`;
    case 'riddenStep':
      return more ? 'larger' : 'smaller';
    case 'holes':
    case 'distinct':
    case 'pathGears':
    case 'frontShifts':
    case 'hubShifts':
    case 'doubleShifts':
    case 'rearClicks':
    case 'leverPushes':
      return `${Math.abs(own - base)} ${more ? 'more' : 'fewer'}`;
    default: {
      const zone = id.split('.')[1] as Zone;
      const limit = stepTolerance(brief, zone);
      const side =
        own > limit ? `, above ${isToleranceAssumed(brief, zone) ? 'the assumed' : 'your'} ${percentText(limit)}` : '';
      return `${more ? 'larger' : 'smaller'}${side}`;
    }
  }
}

/** What a candidate gains and loses against the one fitted now, in one sentence. */
export function verdictSentence(
  letter: string,
  rows: readonly DifferenceRow[],
  brief: FilledBrief,
  units: Units,
): string {
  const phrase = (wanted: Judgement) => {
    const own = rows.filter(({ judgement }) => judgement === wanted);
    return [...own.flatMap((row) => rowPhrase(row, brief, units) ?? []), ...stepPhrase(own)];
  };
  const gains = phrase('better');
  const losses = phrase('worse');
  if (gains.length === 0 && losses.length === 0) return `${letter} is no better or worse for your needs.`;
  if (losses.length === 0) return `${letter} ${listed(gains)}, with no downsides for your needs.`;
  if (gains.length === 0) return `${letter} ${listed(losses)}, with no benefit for your needs.`;
  return `${letter} ${listed(gains)}, but ${listed(losses)}.`;
}

/** A gain or loss as part of a sentence; undefined for rows that only repeat what another says. */
function rowPhrase(row: DifferenceRow, brief: FilledBrief, units: Units): string | undefined {
  const { id, own = 0, base = 0, change = 0 } = row;
  const share = percentText(Math.abs(change));
  const cadences = assumedIn(brief, 'holes').length > 0 ? 'the assumed cadence range' : 'your cadence range';
  switch (id) {
    case 'easiest':
      return `has an easiest gear ${share} ${own > base ? 'harder' : 'easier'}`;
    case 'topSpeed':
      return `is ${share} ${own > base ? 'faster' : 'slower'} at ${short(brief.highRpm, 1)} rpm`;
    case 'holes':
      return own === 0
        ? `leaves no gaps in ${cadences}`
        : `leaves ${own} ${own === 1 ? 'gap' : 'gaps'} in ${cadences} instead of ${base}`;
    case 'frontShifts':
      return own === 0 ? 'does away with front shifting' : `needs ${own} front ${own === 1 ? 'shift' : 'shifts'}`;
    case 'capacity':
      return own < 0
        ? `exceeds the derailleur’s published capacity by ${-own}T`
        : 'is within the derailleur’s published capacity';
    case 'mass':
      return `${own < base ? 'saves' : 'adds'} ${partMassText(units, Math.abs(own - base))}`;
    default:
      return undefined;
  }
}

/** The largest steps of all zones in one phrase. */
function stepPhrase(rows: readonly DifferenceRow[]): string[] {
  const steps = rows.flatMap(({ id, own, base }) => {
    const [kind, zone] = id.split('.');
    return kind === 'largestStep' && own !== undefined && base !== undefined ? [{ zone: zone as Zone, own, base }] : [];
  });
  if (steps.length === 0) return [];
  const sizes = steps.map(({ zone, own }) => `${percentText(own)} ${ZONE_TEXT[zone]}`);
  return [`has ${steps[0]!.own > steps[0]!.base ? 'larger' : 'smaller'} steps (${sizes.join(', ')})`];
}

import { nearlyEqual } from '../numbers';
import { ZONES, type Zone } from '../gears';
import type { FilledBrief } from '../brief';
import { isWithinSpreads, type Spread } from '../fit';
import type { SetupFigures } from './figures';

export type RowId =
  | 'easiest'
  | 'hardest'
  | 'range'
  | 'topSpeed'
  | 'spinOut'
  | 'lowestSteady'
  | `largestStep.${Zone}`
  | `meanStep.${Zone}`
  | 'holes'
  | 'distinct'
  | 'pathGears'
  | 'frontShifts'
  | 'hubShifts'
  | 'doubleShifts'
  | 'rearClicks'
  | 'leverPushes'
  | 'capacity'
  | 'riddenStep'
  | 'loss'
  | 'frontDrag'
  | 'mass'
  | 'cost';

/**
 * What a difference means for this brief: `enough` where both meet what is asked, or nothing is
 * asked, so that the difference stands without being a gain or a loss; `withinSpread` where it is smaller than both are
 * known to.
 */
export type Judgement = 'better' | 'worse' | 'same' | 'enough' | 'withinSpread' | 'notKnown';

/** `share`: a part of one, 0.125 for 12.5 %; `money`: in the rider's currency. */
export type FigureUnit =
  'm' | ': 1' | 'km/h' | 'share' | 'gaps' | 'gears' | 'shifts' | 'clicks' | 'pushes' | 'T' | 'W' | 'g' | 'money';

export interface DifferenceRow {
  readonly id: RowId;
  readonly unit: FigureUnit;
  /** In `unit`; undefined where it is not known or there is none. */
  readonly own: number | undefined;
  readonly base: number | undefined;
  /** own / base − 1; undefined where it makes no sense. */
  readonly change: number | undefined;
  readonly judgement: Judgement;
}

/** Of a figure: its value, and how to tell better from worse. */
interface Rule {
  readonly id: RowId;
  readonly unit: FigureUnit;
  readonly value: (figures: SetupFigures) => number | undefined;
  /** Which way is the gain; `none` where a difference is neither. */
  readonly gain: 'more' | 'less' | 'none';
  /** Whether a value is all that the brief asks for; where both are, there is no gain in more. */
  readonly spread?: ((figures: SetupFigures) => Spread) | undefined;
  readonly meets?: ((value: number, brief: FilledBrief, figures: SetupFigures) => boolean) | undefined;
}

const TOLERANCE_FIELD = {
  climbing: 'stepClimbingPercent',
  between: 'stepBetweenPercent',
  fast: 'stepFastPercent',
} as const;

/** The largest step that the brief allows in a zone, as a share. */
export const stepTolerance = (brief: FilledBrief, zone: Zone) => brief[TOLERANCE_FIELD[zone]] / 100;

/** Published measurements and guesses of the drag of small parts differ by half either way. */
export const DRAG_SPREAD = 0.5;

/** Whether it is taken, for the rider has not said it. */
export const isToleranceAssumed = ({ assumed }: FilledBrief, zone: Zone) => assumed.includes(TOLERANCE_FIELD[zone]);

const RULES: readonly Rule[] = [
  {
    id: 'easiest',
    unit: 'm',
    value: ({ report }) => report.gears[0]!.developmentM,
    gain: 'less',
    meets: (value, _, { needs }) => value <= needs.easiestMaxM,
  },
  {
    id: 'hardest',
    unit: 'm',
    value: ({ report }) => report.gears.at(-1)!.developmentM,
    gain: 'more',
    meets: (value, _, { needs }) => value >= needs.hardestMinM,
  },
  { id: 'range', unit: ': 1', value: ({ report }) => report.range.quotient, gain: 'none' },
  {
    id: 'topSpeed',
    unit: 'km/h',
    value: (figures) => figures.coverage.topKmh,
    gain: 'more',
    meets: (value, brief) => value >= brief.topSpeedKmh,
  },
  {
    id: 'spinOut',
    unit: 'km/h',
    value: ({ spinOutKmh }) => spinOutKmh,
    gain: 'more',
    meets: (value, brief) => value >= brief.topSpeedKmh,
  },
  {
    id: 'lowestSteady',
    unit: 'km/h',
    value: (figures) => figures.coverage.lowestSteadyKmh,
    gain: 'less',
    meets: (value, _, { needs }) => value <= needs.climbSpeedKmh,
  },
  ...ZONES.map((zone): Rule => ({
    id: `largestStep.${zone}`,
    unit: 'share',
    value: ({ zones }) => zones[zone].largest?.speedStep,
    gain: 'less',
    meets: (value, brief) => value <= stepTolerance(brief, zone),
  })),
  ...ZONES.map((zone): Rule => ({
    id: `meanStep.${zone}`,
    unit: 'share',
    value: ({ zones }) => zones[zone].mean?.speedStep,
    gain: 'less',
    meets: (value, brief) => value <= stepTolerance(brief, zone),
  })),
  { id: 'holes', unit: 'gaps', value: (figures) => figures.coverage.holes.length, gain: 'less' },
  { id: 'distinct', unit: 'gears', value: ({ report }) => report.distinct.length, gain: 'none' },
  { id: 'pathGears', unit: 'gears', value: ({ report }) => report.path.gears.length, gain: 'none' },
  { id: 'frontShifts', unit: 'shifts', value: ({ report }) => report.path.frontShifts, gain: 'less' },
  { id: 'hubShifts', unit: 'shifts', value: ({ report }) => report.path.hubShifts, gain: 'less' },
  { id: 'doubleShifts', unit: 'shifts', value: ({ byHand }) => byHand.double, gain: 'less' },
  { id: 'rearClicks', unit: 'clicks', value: ({ bigChange }) => bigChange.rearClicks, gain: 'none' },
  { id: 'leverPushes', unit: 'pushes', value: ({ bigChange }) => bigChange.leverPushes, gain: 'less' },
  {
    id: 'capacity',
    unit: 'T',
    value: ({ capacity }) => capacity.margin,
    gain: 'more',
    // Capacity to spare is no fault and no gain, only weight.
    meets: (value) => value >= 0,
  },
  { id: 'riddenStep', unit: 'share', value: ({ riddenStep }) => riddenStep, gain: 'less' },
  {
    id: 'loss',
    unit: 'share',
    value: ({ loss }) => loss.fraction,
    gain: 'less',
    spread: ({ loss: { lowFraction, highFraction } }) => ({ low: lowFraction, high: highFraction }),
  },
  {
    id: 'frontDrag',
    unit: 'W',
    value: ({ frontDragW }) => frontDragW,
    gain: 'less',
    spread: ({ frontDragW }) => ({ low: frontDragW * (1 - DRAG_SPREAD), high: frontDragW * (1 + DRAG_SPREAD) }),
  },
  { id: 'mass', unit: 'g', value: ({ candidate }) => candidate.massG, gain: 'less' },
  { id: 'cost', unit: 'money', value: ({ candidate }) => candidate.cost, gain: 'less' },
];

/** A setup against the one fitted now, figure by figure. */
export function difference(own: SetupFigures, base: SetupFigures, brief: FilledBrief): DifferenceRow[] {
  return RULES.map((rule): DifferenceRow => {
    const ownValue = rule.value(own);
    const baseValue = rule.value(base);
    const known = ownValue !== undefined && baseValue !== undefined;
    return {
      id: rule.id,
      unit: rule.unit,
      own: ownValue,
      base: baseValue,
      change: known && baseValue > 0 ? ownValue / baseValue - 1 : undefined,
      judgement: known ? judge(rule, ownValue, baseValue, own, base, brief) : 'notKnown',
    };
  });
}

function judge(
  { gain, meets, spread }: Rule,
  ownValue: number,
  baseValue: number,
  own: SetupFigures,
  base: SetupFigures,
  brief: FilledBrief,
): Judgement {
  if (nearlyEqual(ownValue, baseValue)) return 'same';
  if (spread && isWithinSpreads(ownValue, baseValue, spread(own), spread(base))) return 'withinSpread';
  if (gain === 'none' || (meets?.(ownValue, brief, own) && meets(baseValue, brief, base))) return 'enough';
  return ownValue > baseValue === (gain === 'more') ? 'better' : 'worse';
}

/** Cogs that both cassettes have, and those that only one has. */
export function cogChanges(own: SetupFigures, base: SetupFigures) {
  const ours = own.report.setup.cogs;
  const theirs = base.report.setup.cogs;
  return {
    kept: ours.filter((cog) => theirs.includes(cog)),
    gained: ours.filter((cog) => !theirs.includes(cog)),
    lost: theirs.filter((cog) => !ours.includes(cog)),
  };
}

import { nearlyEqual } from '../numbers';
import { ZONES, type Zone } from '../gears';
import type { FilledBrief } from '../needs';
import { isWithinSpreads, type Spread } from '../fit';
import type { SetupFigures } from './figures';
import { firstOf, lastOf } from '../items';

export type RowId =
  | 'easiest'
  | 'hardest'
  | 'range'
  | 'topSpeed'
  | 'spinOut'
  | 'lowestSteady'
  | `largestStep.${Zone}`
  | `meanStep.${Zone}`
  | 'gaps'
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
 * Meaning of a difference for this brief: `enough` if both meet the need, or there is
 * none, so that the difference is neither gain nor loss; `withinSpread` if it is smaller than both are
 * known to.
 */
export type Judgement = 'better' | 'worse' | 'same' | 'enough' | 'withinSpread' | 'notKnown';

/** `share`: a part of one, 0.125 for 12.5%; `money`: in the rider's currency. */
type FigureUnit =
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

/** How a figure is computed and compared. */
interface Rule {
  readonly id: RowId;
  readonly unit: FigureUnit;
  readonly value: (figures: SetupFigures) => number | undefined;
  /** The better direction; `none` where a difference is neither. */
  readonly gain: 'more' | 'less' | 'none';
  /** Whether a value meets the need; where both do, more is no gain. */
  readonly spread?: ((figures: SetupFigures) => Spread) | undefined;
  readonly meets?: ((value: number, brief: FilledBrief, figures: SetupFigures) => boolean) | undefined;
}

const TOLERANCE_FIELD = {
  climbing: 'stepClimbingPercent',
  between: 'stepBetweenPercent',
  fast: 'stepFastPercent',
} as const;

/** The largest step allowed in a zone, as a fraction. */
export const stepTolerance = (brief: FilledBrief, zone: Zone) => brief[TOLERANCE_FIELD[zone]] / 100;

/** Published values of the drag of small parts differ by half. */
export const DRAG_SPREAD = 0.5;

/** Whether it is assumed. */
export const isToleranceAssumed = ({ assumed }: FilledBrief, zone: Zone) => assumed.includes(TOLERANCE_FIELD[zone]);

const RULES: readonly Rule[] = [
  {
    id: 'easiest',
    unit: 'm',
    value: ({ report }) => firstOf(report.gears).developmentM,
    gain: 'less',
    meets: (value, _, { needs }) => value <= needs.easiestMaxM,
  },
  {
    id: 'hardest',
    unit: 'm',
    value: ({ report }) => lastOf(report.gears).developmentM,
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
  { id: 'gaps', unit: 'gaps', value: (figures) => figures.coverage.gaps.length, gain: 'less' },
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

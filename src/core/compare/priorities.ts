import type { FilledBrief } from '../needs';
import { nearlyEqual } from '../numbers';
import type { SetupFigures } from './figures';
import { firstOf, itemAt, lastOf } from '../items';

/** What a rider may put first; each would choose by figures of its own. */
export const PRIORITIES = ['cadence', 'simplicity', 'range', 'weight', 'cost', 'aero'] as const;
export type Priority = (typeof PRIORITIES)[number];

export interface PriorityChoice {
  readonly priority: Priority;
  /** Places in `all` of the setups that it chooses; more than one where it sees no difference. */
  readonly choices: readonly number[];
  /** Places of those it cannot judge, for want of a weight or cost; it chooses among the others. */
  readonly notKnown: readonly number[];
}

/** A figure by which a priority ranks, lower is better; differences below `tell` are ignored. */
interface Rank {
  readonly value: number;
  readonly tell: number;
}

const exact = (value: number): Rank => ({ value, tell: 0 });

/** Figures by which a priority ranks, the most important first; undefined where there is no result. */
const RANKING: Readonly<Record<Priority, (figures: SetupFigures, brief: FilledBrief) => readonly Rank[] | undefined>> =
  {
    cadence: ({ coverage, report, riddenStep }) => [
      exact(coverage.gaps.reduce((sum, { fromKmh, toKmh }) => sum + Math.log(toKmh / fromKmh), 0)),
      exact(riddenStep ?? 0),
      exact(report.path.largestStep),
    ],
    // How many cogs there are makes no difference: shifting is as simple over eight as over twelve.
    simplicity: ({ report: { path }, byHand }) => [
      exact(byHand.front + path.hubShifts),
      exact(byHand.double),
      // What the system shifts must still be adjusted and cleaned.
      exact(path.frontShifts),
    ],
    range: ({ report, needs }) => [
      // How far each end falls short, on a log scale; then the plain width.
      exact(
        Math.max(0, Math.log(firstOf(report.gears).developmentM / needs.easiestMaxM)) +
          Math.max(0, Math.log(needs.hardestMinM / lastOf(report.gears).developmentM)),
      ),
      exact(-report.range.quotient),
    ],
    weight: ({ candidate: { massG } }) => (massG === undefined ? undefined : [exact(massG)]),
    cost: ({ candidate: { cost } }) => (cost === undefined ? undefined : [exact(cost)]),
    aero: ({ frontDragW, loss }, { powerW }) => [
      { value: frontDragW + loss.fraction * powerW, tell: ((loss.highFraction - loss.lowFraction) / 2) * powerW },
      exact(frontDragW),
    ],
  };

/** What each priority would choose of several setups. */
export function priorityChoices(all: readonly SetupFigures[], brief: FilledBrief): PriorityChoice[] {
  return PRIORITIES.map((priority): PriorityChoice => {
    const ranks = all.map((figures) => RANKING[priority](figures, brief));
    const known = ranks.flatMap((rank, place) => (rank ? [{ rank, place }] : []));
    const notKnown = ranks.flatMap((rank, place) => (rank ? [] : [place]));
    // One setup alone is no choice.
    if (known.length < 2) return { priority, choices: [], notKnown };
    const best = known.reduce((least, one) => (compareRanks(one.rank, least.rank) < 0 ? one : least)).rank;
    const choices = known.flatMap(({ rank, place }) => (compareRanks(rank, best) === 0 ? [place] : []));
    return { priority, choices, notKnown };
  });
}

function compareRanks(a: readonly Rank[], b: readonly Rank[]): number {
  const place = a.findIndex(({ value, tell }, i) => {
    const other = itemAt(b, i);
    return !nearlyEqual(value, other.value) && Math.abs(value - other.value) >= tell + other.tell;
  });
  return place < 0 ? 0 : itemAt(a, place).value - itemAt(b, place).value;
}

import { gearsOf, rangeOf, shiftPath, type Setup } from '../../../core/gears';
import { oneRingOf, twoRingsOf, type LessonBike } from '../../../core/lesson';

/** What may matter most to a rider. */
export const MATTERS = ['smallSteps', 'noFrontShifts', 'range'] as const;
export type Matter = (typeof MATTERS)[number];

export interface Offer {
  readonly setup: Setup;
  /** Position along the sequence of gears, 0 to 1. */
  readonly largestStep: number;
  readonly frontShifts: number;
  /** Hardest over easiest. */
  readonly range: number;
}

interface OneOrTwo {
  readonly offers: readonly [two: Offer, one: Offer];
  /** Which of the two has more of it; undefined where they are level. */
  readonly better: Readonly<Record<Matter, 0 | 1 | undefined>>;
}

function offerOf(setup: Setup): Offer {
  const { largestStep, frontShifts } = shiftPath(setup);
  return { setup, largestStep, frontShifts, range: rangeOf(gearsOf(setup)).quotient };
}

/** A setup with two rings beside one with one, by what may matter. */
export function oneOrTwo(bike: LessonBike): OneOrTwo {
  const offers = [offerOf(twoRingsOf(bike)), offerOf(oneRingOf(bike))] as const;
  const [two, one] = offers;
  const less = (a: number, b: number) => (a === b ? undefined : a < b ? 0 : 1);
  return {
    offers,
    better: {
      smallSteps: less(two.largestStep, one.largestStep),
      noFrontShifts: less(two.frontShifts, one.frontShifts),
      range: less(one.range, two.range),
    },
  };
}

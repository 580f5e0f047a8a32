import { fitReport } from '@/core/fit';
import { jobCard, type CardOptions, type CardSide, type JobCard } from '@/core/swap';
import { TOURER_FITTED } from './find';
import { TOURER } from './setups';

/** One side of a swap: the tourer of the worked examples, its parts known as far as a test needs it. */
export const swapSide = (more: Partial<CardSide> = {}): CardSide => ({
  setup: TOURER,
  rearDerailleur: TOURER_FITTED.rearDerailleur,
  parts: { shifterSpeeds: 12, chainSpeeds: 12, cassetteLengthMm: 34.9, spacerMm: 1.85 },
  freehub: { spline: 'wide', bodyLengthMm: 36.75 },
  chainLinks: 112,
  shelf: {},
  ...more,
});

/** The job from the tourer to something else. */
export function cardTo(to: Partial<CardSide>, options: Partial<CardOptions> = {}, from = swapSide()): JobCard {
  const side = swapSide({ chainLinks: undefined, ...to });
  const report = fitReport({
    ...TOURER_FITTED,
    setup: side.setup,
    rearDerailleur: side.rearDerailleur,
    parts: side.parts,
    chainLinks: side.chainLinks,
  });
  return jobCard(from, side, {
    report,
    school: 'workshopTested',
    longestChainstayMm: 430,
    weighs: false,
    usesQuickLink: true,
    isReturn: false,
    ...options,
  });
}

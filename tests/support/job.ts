import type { FitInput } from '@/core/fit';
import { jobCard, type CardOptions, type JobCard, type StockedBuild } from '@/core/job';
import { itemName } from '@/messages/job';
import { TOURER_FITTED } from './find';
import { TOURER } from './setups';

/** A setup on a bike: the tourer of the worked examples, its parts known as far as a test needs them. */
export const build = (more: Partial<StockedBuild> = {}): StockedBuild => ({
  setup: TOURER,
  rearDerailleur: TOURER_FITTED.rearDerailleur,
  parts: { shifterSpeeds: 12, chainSpeeds: 12, cassetteLengthMm: 34.9, spacerMm: 1.85 },
  freehub: { spline: 'wide', bodyLengthMm: 36.75 },
  chainLinks: 112,
  stock: {},
  ...more,
});

const FRAME: Pick<FitInput, 'chainstayMm' | 'suspensionGrowthMm' | 'bbDropMm'> = {
  chainstayMm: 430,
  suspensionGrowthMm: 0,
  bbDropMm: 70,
};

export interface CardWishes extends Partial<Omit<CardOptions, 'fit'>> {
  readonly from?: StockedBuild;
  readonly fit?: Partial<FitInput>;
}

/** The card of the job from the tourer, or from another setup, to something else. */
export function cardTo(more: Partial<StockedBuild>, { from = build(), fit, ...wishes }: CardWishes = {}): JobCard {
  const to = build({ chainLinks: undefined, ...more });
  return jobCard(from, to, {
    fit: {
      ...FRAME,
      setup: to.setup,
      rearDerailleur: to.rearDerailleur,
      parts: to.parts,
      freehub: to.freehub,
      avoided: to.leftOut,
      ...fit,
    },
    school: 'workshopTested',
    chain: 'leave',
    alternates: false,
    newChain: false,
    weighs: false,
    usesQuickLink: true,
    isReturn: false,
    ...wishes,
  });
}

/** What the items of a list are called. */
export const names = (items: JobCard['on']): readonly string[] => items.map(itemName);
export const stepIds = ({ steps }: JobCard) => steps.map(({ id }) => id);

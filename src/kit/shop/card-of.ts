import { chainLinks, fitReport } from '../../core/fit';
import { sameGears } from '../../core/gears';
import { isAtHand, suitsSlot, SLOTS, type Slot } from '../../core/shelf';
import { fillFind } from '../../core/find';
import {
  jobCard,
  minutesOf,
  needsOtherBody,
  recheckSteps,
  workSteps,
  type CardPart,
  type CardSide,
  type JobCard,
  type JobStep,
} from '../../core/swap';
import type { BikeRecord, JobRecord, JobSide, JobWork, PartsById } from '../../records';
import { fitInputOf, type ShopFacts } from '../bench/fit-input';

export type SwapWork = Extract<JobWork, { kind: 'swap' }>;

/** The card of a swap, worked out from what was planned and what lies on the shelf now. */
export function cardOf(bike: BikeRecord, work: SwapWork, { parts, experience }: ShopFacts): JobCard {
  const { from, to } = work;
  const target = to.setup;
  const input = fitInputOf(bike, target, [target], { parts: new Map(), experience });
  const side = { ...sideOf(to, bike, parts, from), newChain: work.newChain };
  // A body that is changed with the cassette suits it.
  const freehub = needsOtherBody(side) ? { spline: side.parts.cassetteSpline } : side.freehub;
  // The chain is cut to length in the job itself.
  const { bigBigPlusTwo } = chainLinks({
    ...side.setup,
    chainstayMm: input.chainstayMm + input.suspensionGrowthMm,
    geometry: undefined,
  });
  const report = fitReport({ ...input, freehub, chainLinks: side.chainLinks ?? bigBigPlusTwo });
  return jobCard(sideOf(from, bike, parts), side, {
    report,
    school: bike.limitsSchool ?? 'sheet',
    prices: fillFind(bike.find ?? {}, []).prices,
    longestChainstayMm: input.chainstayMm + input.suspensionGrowthMm,
    weighs: work.weighs,
    usesQuickLink: work.usesQuickLink,
    isReturn: work.isReturn ?? false,
  });
}

/** The steps of a job, and how long they take. */
export function stepsOf(
  job: Pick<JobRecord, 'work'>,
  card: JobCard | undefined,
): { readonly steps: readonly JobStep[]; readonly minutes: number } {
  const steps = job.work.kind === 'recheck' ? recheckSteps() : (card?.steps ?? []);
  return { steps, minutes: minutesOf(workSteps(steps)) };
}

function sideOf({ setup, freehub, parts }: JobSide, bike: BikeRecord, shelf: PartsById, from?: JobSide): CardSide {
  const { chainrings, cogs, hubStages, rearDerailleur } = setup;
  const named = SLOTS.flatMap((slot): [Slot, string][] => {
    const id = setup.shelf?.[slot];
    const part = shelf.get(id ?? '');
    return id !== undefined && (!part || suitsSlot(slot, setup, part.data)) ? [[slot, id]] : [];
  });
  const isCopied = from?.setup.chainLinks === setup.chainLinks && from !== undefined && !sameGears(from.setup, setup);
  return {
    setup: { chainrings, cogs, hubStages },
    rearDerailleur,
    parts: setup.parts,
    freehub: freehub ?? {},
    // A candidate begins as a copy of A, its chain too: with other teeth that count says nothing.
    chainLinks: isCopied ? undefined : setup.chainLinks,
    partIds: Object.fromEntries(named),
    shelf: Object.fromEntries(
      named.flatMap(([slot, id]): [Slot, CardPart][] => {
        const planned = parts[slot];
        const now = shelf.get(id);
        const source = now ?? planned;
        if (!source) return [];
        return [
          [
            slot,
            {
              name: source.name,
              massG: source.massG,
              price: source.price,
              currency: source.currency,
              // A part that has been deleted may still lie there: the card says so.
              atHand: now ? isAtHand(now, bike.id) : true,
              chainLinks: now ? now.data.chainLinks : planned?.chainLinks,
            },
          ],
        ];
      }),
    ),
  };
}

/** Parts that a job names and that are no longer on the shelf. */
export function goneParts(work: JobWork, shelf: PartsById): readonly string[] {
  if (work.kind !== 'swap') return [];
  const planned = [...Object.values(work.from.parts), ...Object.values(work.to.parts)];
  return [...new Set(planned.filter(({ id }) => !shelf.has(id)).map(({ name }) => name))];
}

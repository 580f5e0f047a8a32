import { leaveOut, type GearIndex } from '../../core/fit';
import { acceptedGears, type CardSlot, type GearPair, type JobCard, type StepId } from '../../core/job';
import { SLOTS, dataInSlot, slotsOf, withDataInSlot, type PartData, type Slot } from '../../core/parts';
import type { JobRecord, JobSide, SwapWork } from '../job';
import { jobSideOf } from '../job-side';
import type { SetupRecord } from '../setup';
import { combinationOf, leftOutOf } from './fit-input';
import type { JobFacts } from './job-card';

/** Data of a part of a bike. */
interface DataOfPart {
  readonly slot: Slot;
  readonly data: PartData;
}

/** What a swap that stays leaves behind. */
export interface FinishedSwap {
  /** What was on the bike before. */
  readonly from: JobSide;
  /** The setup on the bike from now on: what moved is new, what stayed is as it was. */
  readonly fitted: SetupRecord;
  /** Parts that came off and are not in stock yet. */
  readonly takenOff: readonly DataOfPart[];
  /** The part in stock that the chain is which was replaced because it is worn. */
  readonly wornChainId: string | undefined;
  /** What was read off parts of which it was not known. */
  readonly readOff: readonly DataOfPart[];
}

/** Works out what is on the bike after a job that stays, by its card and what was read at its steps. */
export function finishedSwap(
  job: Pick<JobRecord, 'progress'> & { readonly work: SwapWork },
  card: JobCard,
  { bike, setups, parts }: JobFacts,
): FinishedSwap {
  const { work, progress } = job;
  const recorded = setups[0] ? jobSideOf(bike, setups[0], parts) : work.from;
  const readOff = readOffParts(card);
  const from = { ...recorded, setup: readOff.reduce(withData, recorded.setup) };
  const planned = work.to.setup;
  const {
    cost: _cost,
    leftOut: _leftOut,
    chainLinks: _links,
    ...there
  } = setups.find(({ id }) => id === planned.id) ?? planned;
  const { chainrings, cogs, hubStages } = planned;
  const moved = new Set<CardSlot>(
    [...card.off, ...card.on].filter(({ label }) => !label.isPartOfChain).map(({ what }) => what),
  );
  const stays = (slot: Slot) => !moved.has(slot);
  const partIds = Object.fromEntries(
    SLOTS.flatMap((slot): [Slot, string][] => {
      const on = card.on.find(({ what }) => what === slot);
      const id = stays(slot)
        ? (from.setup.partIds?.[slot] ?? planned.partIds?.[slot])
        : on && (on.partId ?? planned.partIds?.[slot]);
      return id === undefined ? [] : [[slot, id]];
    }),
  );
  let fitted: SetupRecord = { ...there, chainrings, cogs, hubStages };
  // A part that stayed keeps the data that it had on the bike.
  for (const slot of slotsOf(planned).needed) {
    if (stays(slot) && slotsOf(from.setup).needed.includes(slot)) {
      fitted = withDataInSlot(slot, fitted, dataInSlot(slot, from.setup));
    }
  }
  fitted = withBought(fitted, card);
  const links = linksAfter(card, progress);
  const places = placesOf(fitted, acceptedGears(progress));
  const leftOut = leaveOut([...leftOutOf({ ...fitted, leftOut: planned.leftOut }), ...places], combinationOf(fitted));
  return {
    from,
    fitted: {
      ...fitted,
      ...(Object.keys(partIds).length > 0 ? { partIds } : {}),
      ...(links !== undefined && { chainLinks: links }),
      ...(leftOut && { leftOut }),
    },
    takenOff: takenOffBy(card, from.setup),
    wornChainId: card.difference.chain.reason === 'worn' ? from.setup.partIds?.chain : undefined,
    readOff,
  };
}

const withData = (setup: SetupRecord, { slot, data }: DataOfPart): SetupRecord =>
  withDataInSlot(slot, setup, { ...dataInSlot(slot, setup), ...data });

/** What a card knows of the chain and the shifter on the bike, from its record or as it was read at its steps. */
function readOffParts({ from: { parts }, steps }: JobCard): DataOfPart[] {
  const asked = (id: StepId) => steps.some((step) => step.id === id);
  return [
    ...(asked('chainSpeeds') && parts.chainSpeeds !== undefined
      ? [{ slot: 'chain', data: { chainSpeeds: parts.chainSpeeds } } as const]
      : []),
    ...(asked('shifterSpeeds') && parts.shifterSpeeds !== undefined
      ? [{ slot: 'shifter', data: { shifterSpeeds: parts.shifterSpeeds } } as const]
      : []),
  ];
}

/** Links of the chain on the bike after the job: as they were read, else as planned, else as they were. */
function linksAfter({ difference: { chain } }: JobCard, progress: JobRecord['progress']): number | undefined {
  const step = progress.chainLength;
  const isDone = step?.doneAtMs !== undefined && !step.skipped;
  return step?.values?.links ?? (isDone ? chain.linksAfter : undefined) ?? chain.linksNow;
}

/** A chain and a shifter that were bought for the number of cogs are made for it. */
function withBought(setup: SetupRecord, { difference, on }: JobCard): SetupRecord {
  const cogs = setup.cogs.length;
  const isNew = (slot: CardSlot) => on.some(({ what, partId }) => what === slot && partId === undefined);
  return {
    ...setup,
    parts: {
      ...setup.parts,
      ...(isNew('chain') && { chainSpeeds: cogs }),
      ...(difference.shifter === 'assumed' && isNew('shifter') && { shifterSpeeds: cogs }),
    },
  };
}

function placesOf({ chainrings, cogs }: SetupRecord, gears: readonly GearPair[]): GearIndex[] {
  return gears
    .map(({ chainring, cog }) => ({ ring: chainrings.indexOf(chainring), cog: cogs.indexOf(cog) }))
    .filter(({ ring, cog }) => ring >= 0 && cog >= 0);
}

/** Places whose parts are worth keeping when they come off. */
const KEPT_SLOTS: readonly Slot[] = [
  'cassette',
  'bigRing',
  'smallRing',
  'crank',
  'rearDerailleur',
  'frontDerailleur',
  'shifter',
  'chain',
];

function takenOffBy(card: JobCard, from: SetupRecord): DataOfPart[] {
  return card.off.flatMap(({ what, label, partId }): DataOfPart[] => {
    const slot = KEPT_SLOTS.find((one) => one === what);
    if (!slot || partId !== undefined || label.isPartOfChain) return [];
    const data = dataInSlot(slot, from);
    if (slot !== 'chain') return [{ slot, data }];
    const { reason, linksNow } = card.difference.chain;
    // A worn chain is not fitted again, nor one of unknown length.
    return reason === 'worn' || linksNow === undefined ? [] : [{ slot, data: { ...data, chainLinks: linksNow } }];
  });
}

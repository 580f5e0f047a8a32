import { filledPrices, type FindStock } from '../../core/find';
import type { Experience } from '../../core/fit';
import {
  inStockFor,
  jobCard,
  lastTimeOf,
  moveOf,
  type JobCard,
  type LearnedTimes,
  type Move,
  type PastSwap,
  type Progress,
  type ReadAtBike,
  type StockCandidate,
  type StockPart,
  type StockedBuild,
} from '../../core/job';
import { SLOTS, freeCount, isAtHand, suitsSlot, type Slot } from '../../core/parts';
import type { BikeRecord } from '../bike';
import type { JobRecord, JobSide, SwapWork } from '../job';
import { jobSideOf } from '../job-side';
import { sumsOf, type PartsById } from '../made-setup';
import type { PartRecord } from '../part';
import type { SetupRecord } from '../setup';
import { wheelsetOf } from '../wheelset';
import { fitInputFor, leftOutOf } from './fit-input';
import { isWornOut } from './worn-out';

/** What a job's card is worked out from, beside the job itself. */
export interface JobFacts {
  readonly bike: BikeRecord;
  /** The bike's setups in their order; the first is the one on the bike. */
  readonly setups: readonly SetupRecord[];
  /** The jobs of the bike. */
  readonly jobs: readonly JobRecord[];
  readonly parts: PartsById;
  readonly experience: readonly Experience[];
  readonly times: LearnedTimes;
}

/** A job with its card, and whether it can be worked on now. */
export interface JobWithCard {
  /** Worked out from what is on the bike; while it waits, from what the first job is planned to leave there. */
  readonly card: JobCard;
  /** The job of the pair whose outcome this one waits for. */
  readonly waitsFor: JobRecord | undefined;
  /** The job of the pair that was put back, so that there is nothing to take back. */
  readonly notNeeded: JobRecord | undefined;
}

type SwapJob = Pick<JobRecord, 'state' | 'pairId' | 'progress'> & {
  readonly work: SwapWork;
  /** For a plan whose return job is not booked yet. */
  readonly alternates?: boolean | undefined;
};

/** A job that swaps something. */
export const isSwap = (job: JobRecord): job is JobRecord & { readonly work: SwapWork } => job.work.kind === 'swap';

/** Works a job's card out from what is on the bike and in stock now; one that is over from what was there then. */
export function jobWithCard(job: SwapJob, facts: JobFacts): JobWithCard {
  const first = firstOfPair(job.work, job.pairId, facts);
  const waitsFor = first && first.state !== 'done' && job.state !== 'done' ? first : undefined;
  const isPutBack = first?.state === 'done' && first.outcome === 'reverted';
  return {
    card: cardFrom(waitsFor ? plannedResult(waitsFor, facts) : presentSide(job, facts), job, facts),
    waitsFor,
    notNeeded: isPutBack && job.state !== 'done' ? first : undefined,
  };
}

/** The job that a way back takes back. */
function firstOfPair({ isReturn }: SwapWork, pairId: string | undefined, { jobs }: JobFacts) {
  const pair = isReturn ? jobs.find(({ id }) => id === pairId) : undefined;
  return pair && isSwap(pair) && !pair.work.isReturn ? pair : undefined;
}

/** Whether a job leaves, or left, the chain on the bike as it was. */
function leavesChain(job: SwapJob, facts: JobFacts): boolean {
  return (
    jobWithCard(job, facts).card.difference.chain.action === 'leave' && job.progress.chainLength?.values === undefined
  );
}

/** Works out the card of a change between two setups of a bike, as if the first were on it; both stay in use. */
export function changeCard(from: SetupRecord, to: SetupRecord, facts: JobFacts): JobCard {
  const { bike, parts } = facts;
  const work: SwapWork = {
    kind: 'swap',
    from: jobSideOf(bike, from, parts),
    to: jobSideOf(bike, withoutCopiedChain(to, from), parts),
    chain: 'leave',
    newChain: false,
    weighs: false,
    usesQuickLink: true,
  };
  return cardFrom(work.from, { state: 'asked', work, progress: {}, alternates: true }, facts);
}

/** What is on the bike now; of a job that is over what was on it before. */
function presentSide(job: SwapJob, { bike, setups, parts }: JobFacts): JobSide {
  const fitted = setups[0];
  return job.state === 'done' || !fitted ? job.work.from : jobSideOf(bike, fitted, parts);
}

/** What the bike will have when a job that is still open has gone as planned. */
function plannedResult(job: SwapJob, facts: JobFacts): JobSide {
  const { card } = jobWithCard(job, facts);
  const { chain } = card.difference;
  const { chainLinks: _links, ...setup } = job.work.to.setup;
  const links = chain.linksAfter;
  return { ...job.work.to, setup: links === undefined ? setup : { ...setup, chainLinks: links } };
}

function cardFrom(from: JobSide, { work, pairId, progress, alternates }: SwapJob, facts: JobFacts): JobCard {
  const { bike, jobs, experience, times } = facts;
  const first = firstOfPair(work, pairId, facts);
  const before = buildOf(from, facts);
  const after = buildOf(work.to, facts, work);
  return jobCard(before, after, {
    fit: fitInputFor(bike, work.to.setup, from.setup, experience),
    school: bike.limitsSchool ?? 'sheet',
    chain: work.chain,
    alternates: alternates ?? (pairId !== undefined && jobs.some(({ id }) => id === pairId)),
    newChain: work.newChain,
    // Asked only of a chain that nobody has counted, for it takes the card of the first job.
    chainHasServed: before.chainLinks === undefined && first !== undefined && leavesChain(first, facts),
    keeps: work.keeps,
    prices: filledPrices(bike.find?.prices),
    weighs: work.weighs,
    usesQuickLink: work.usesQuickLink,
    checksHanger: work.checksHanger,
    isReturn: work.isReturn ?? false,
    read: readAtBike(progress),
    torques: bike.torquesNm,
    lastTime: lastTimeOf(pastSwaps(jobs, facts), before, after),
    times,
  });
}

function pastSwaps(jobs: readonly JobRecord[], { bike }: JobFacts): PastSwap[] {
  return jobs.flatMap((job): PastSwap[] => {
    if (!isSwap(job) || job.outcome === undefined || job.finishedAtMs === undefined) return [];
    const { work, progress, outcome, finishedAtMs } = job;
    const side = ({ setup }: JobSide) => ({ ...setup, setup, wheels: wheelsOf(bike, setup) });
    return [{ from: side(work.from), to: side(work.to), progress, outcome, finishedAtMs }];
  });
}

function wheelsOf(bike: BikeRecord, setup: SetupRecord) {
  const { id, name } = wheelsetOf(bike, setup);
  return { id, name };
}

/** What was counted and read off at the bike. */
function readAtBike({ countLinks, chainSpeeds, shifterSpeeds }: Progress): ReadAtBike {
  return {
    links: countLinks?.values?.links,
    chainSpeeds: chainSpeeds?.values?.speeds,
    shifterSpeeds: shifterSpeeds?.values?.shifterSpeeds,
  };
}

/** @param plan the work of the job where this is the setup that goes on: then what it needs is looked for in stock */
function buildOf(
  side: JobSide,
  { bike, parts }: Pick<JobFacts, 'bike' | 'parts'>,
  plan?: Pick<SwapWork, 'isReturn'>,
): StockedBuild {
  const { setup } = side;
  const { chainrings, cogs, hubStages, rearDerailleur, chainLinks } = setup;
  const named = SLOTS.flatMap((slot): [Slot, string][] => {
    const id = setup.partIds?.[slot];
    const part = parts.get(id ?? '');
    return id !== undefined && (!part || suitsSlot(slot, setup, part.data)) ? [[slot, id]] : [];
  });
  // A return job refits the part that came off, not another with the same teeth.
  const taken = new Set(named.map(([slot]) => slot));
  const found = plan ? inStockFor(setup, stockCandidates(parts, bike.id), taken) : [];
  const sums = sumsOf(setup, parts);
  return {
    setup: { chainrings, cogs, hubStages },
    rearDerailleur,
    parts: setup.parts,
    freehub: bike.wheelsets.find(({ id }) => id === setup.wheelsetId)?.freehub ?? side.freehub ?? {},
    chainLinks: plan?.isReturn ? undefined : chainLinks,
    leftOut: leftOutOf(setup),
    newParts: setup.newParts,
    partIds: Object.fromEntries(named),
    wheels: wheelsOf(bike, setup),
    stock: Object.fromEntries([
      ...named.flatMap(([slot, id]) => stockPart(slot, id, side, parts, bike.id)),
      ...found.filter(([slot]) => !plan?.isReturn || slot === 'chain'),
    ]),
    ...(setup.massG !== undefined && { massG: setup.massG }),
    // A cost by parts is that of the purchases on the card; a typed cost takes precedence.
    ...(sums.cost === undefined && setup.cost !== undefined && { cost: setup.cost }),
  };
}

function stockPart(
  slot: Slot,
  id: string,
  { parts: planned }: JobSide,
  parts: PartsById,
  bikeId: string,
): [Slot, StockPart][] {
  const now = parts.get(id);
  const then = planned[slot];
  if (now) return [[slot, ofStock(now, bikeId)]];
  // A part that has been deleted may still be there: the card says so.
  return then ? [[slot, { ...then, inStock: true }]] : [];
}

function ofStock(part: PartRecord, bikeId: string): StockPart {
  const { id, name, massG, price, currency, data } = part;
  return {
    id,
    name,
    massG,
    price,
    currency,
    inStock: isAtHand(part, bikeId),
    chainLinks: data.chainLinks,
    withRings: data.withRings,
  };
}

/** Parts that a job may take without asking: those that lie free and are not worn out, and those that are to be bought. */
function stockCandidates(parts: PartsById, bikeId: string): StockCandidate[] {
  return [...parts.values()]
    .filter((part) => (freeCount(part) > 0 && !isWornOut(part)) || part.quantity === 0)
    .map((part) => ({ ...ofStock(part, bikeId), kind: part.kind, data: part.data }));
}

/** What is in stock for a search of a bike. */
export function findStockOf(bike: BikeRecord, fitted: SetupRecord, parts: PartsById): FindStock {
  return {
    present: buildOf(jobSideOf(bike, fitted, parts), { bike, parts }),
    candidates: stockCandidates(parts, bike.id),
    derailleurs: Object.fromEntries(
      [...parts.values()].flatMap((part) =>
        part.kind === 'rearDerailleur' ? [[part.id, ofStock(part, bike.id)]] : [],
      ),
    ),
  };
}

/** Weight and cost of a setup, and whether they are worked out from what would move. */
interface WeightAndCost {
  /** g */
  readonly massG: number | undefined;
  readonly isMassEstimate: boolean;
  readonly cost: number | undefined;
}

/** A setup without the chain that it was copied with: only another count of links is a wish. */
export function withoutCopiedChain(setup: SetupRecord, fitted: SetupRecord): SetupRecord {
  const { chainLinks, ...rest } = setup;
  return chainLinks === undefined || chainLinks === fitted.chainLinks ? rest : setup;
}

/** What moves, is bought and weighed from the setup on the bike to another, as on the card of that job. */
export function moveTo(setup: SetupRecord, fitted: SetupRecord, bike: BikeRecord, parts: PartsById): Move {
  const facts = { bike, parts };
  const { chainstayMm, suspensionGrowthMm, bbDropMm } = fitInputFor(bike, setup, fitted, []);
  return moveOf(
    buildOf(jobSideOf(bike, fitted, parts), facts),
    buildOf(jobSideOf(bike, withoutCopiedChain(setup, fitted), parts), facts, {}),
    {
      frame: { chainstayMm, longestChainstayMm: chainstayMm + suspensionGrowthMm, bbDropMm },
      chain: { choice: 'leave', alternates: false, newChain: false },
      prices: filledPrices(bike.find?.prices),
      isReturn: false,
    },
  );
}

/**
 * Weight and cost of a setup. As entered for the whole setup; otherwise from the parts that would move from
 * the setup on the bike, in the same way as on the card of that job.
 */
export function weightAndCost(
  setup: SetupRecord,
  fitted: SetupRecord,
  bike: BikeRecord,
  parts: PartsById,
): WeightAndCost {
  const known = { massG: setup.massG, isMassEstimate: false, cost: setup.cost };
  if (setup.id === fitted.id || (setup.massG !== undefined && setup.cost !== undefined)) return known;
  const { massChange, cost } = moveTo(setup, fitted, bike, parts);
  const isWhole = massChange.grams !== undefined && massChange.unweighed.length === 0;
  const isOwn = cost.sums.every(({ currency }) => currency === undefined);
  return {
    massG: setup.massG ?? (isWhole && fitted.massG !== undefined ? fitted.massG + massChange.grams : undefined),
    isMassEstimate: setup.massG === undefined && massChange.hasEstimates,
    cost: setup.cost ?? (cost.unpriced.length === 0 && isOwn ? (cost.sums[0]?.sum ?? 0) : undefined),
  };
}

/** Parts that a job names and that are no longer in stock. */
export function goneParts(work: JobRecord['work'], parts: PartsById): readonly string[] {
  if (work.kind !== 'swap') return [];
  const planned = [...Object.values(work.from.parts), ...Object.values(work.to.parts)];
  return [...new Set(planned.filter(({ id }) => !parts.has(id)).map(({ name }) => name))];
}

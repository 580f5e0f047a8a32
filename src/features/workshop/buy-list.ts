import { freeCount } from '../../core/parts';
import { addCosts, costOfPurchases, type Cost, type JobCard, type Purchase } from '../../core/job';
import type { JobRecord, PartsById } from '../../records';

/** Something to be bought, and the job that waits for it. */
export interface BuyLine {
  readonly job: JobRecord;
  readonly card: JobCard;
  readonly item: Purchase;
  readonly hasCome: boolean;
  /** For a part in stock, but in too small a quantity for all jobs that need it. */
  readonly isShort: boolean;
}

/** A job with one of its purchases come, or not after all; the last that comes makes a job that waits ready. */
export function withPurchase(job: JobRecord, { buy }: JobCard, key: string, hasCome: boolean): JobRecord {
  const others = job.bought.filter((one) => one !== key);
  const bought = hasCome ? [...others, key] : others;
  const isAll = buy.every((item) => bought.includes(item.key));
  return { ...job, bought, state: job.state === 'waiting' && isAll ? 'ready' : job.state };
}

/** Everything that open jobs wait for, the earliest day first; parts that two jobs count on among it. */
export function buyList(
  jobs: readonly { readonly job: JobRecord; readonly card: JobCard | undefined }[],
  parts: PartsById,
): BuyLine[] {
  const open = jobs
    .filter(({ job }) => job.state !== 'done')
    .sort((a, b) => (a.job.dueOn ?? '9').localeCompare(b.job.dueOn ?? '9') || a.job.createdAtMs - b.job.createdAtMs);
  const taken = new Map<string, number>();
  return open.flatMap(({ job, card }): BuyLine[] => {
    if (!card) return [];
    const bought = card.buy.map((item): BuyLine => ({
      job,
      card,
      item,
      hasCome: job.bought.includes(item.key),
      isShort: false,
    }));
    const short = card.on.flatMap((item): BuyLine[] => {
      const part = parts.get(item.partId ?? '');
      if (!part || card.buy.some(({ key }) => key === item.key)) return [];
      const count = (taken.get(part.id) ?? 0) + 1;
      taken.set(part.id, count);
      if (count <= freeCount(part) || freeCount(part) <= 0) return [];
      const { price, currency } = part;
      return [
        {
          job,
          card,
          item: { ...item, price, currency, isAssumedPrice: false },
          hasCome: job.bought.includes(item.key),
          isShort: true,
        },
      ];
    });
    return [...bought, ...short];
  });
}

/** What is left to pay for a list, and the jobs in it whose cost was typed for the whole setup. */
export interface StillToPay {
  readonly cost: Cost;
  readonly typedFor: readonly JobRecord[];
}

/**
 * Adds up what has not come yet. A cost that was typed for a whole setup cannot be split over its parts: it counts
 * until all of them have come, as on the job's card.
 */
export function stillToPay(lines: readonly BuyLine[]): StillToPay {
  const open = lines.filter(({ hasCome }) => !hasCome);
  const isOfTypedSum = ({ card, isShort }: BuyLine) => card.cost.isTyped && !isShort;
  const typed = [...new Map(open.filter(isOfTypedSum).map(({ job, card }) => [job.id, { job, card }])).values()];
  const single = costOfPurchases(open.filter((line) => !isOfTypedSum(line)).map(({ item }) => item));
  return {
    cost: addCosts([...typed.map(({ card }) => card.cost), single]),
    typedFor: typed.map(({ job }) => job),
  };
}

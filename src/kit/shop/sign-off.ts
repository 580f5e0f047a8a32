import type { JobCard } from '../../core/job';
import { itemName } from '../../messages/job';
import { finishedSwap, type JobFacts, type JobRecord, type SwapWork } from '../../records';
import type { SignOff } from '../../store';
import { capital } from '../format';
import { t } from './text';

/** What the sign-off of a swap that stays writes. */
export function swapSignOff(
  job: JobRecord & { readonly work: SwapWork },
  card: JobCard,
  facts: JobFacts,
): NonNullable<SignOff['swap']> {
  const { from, fitted, takenOff } = finishedSwap(job, card, facts);
  const nameOf = (slot: string) => {
    const item = card.off.find(({ what }) => what === slot)!;
    return t('signOff.partOff', { part: capital(itemName(item)), bike: facts.bike.name }).slice(0, 80);
  };
  return {
    from,
    fitted,
    kind: card.kind,
    oldParts: takenOff.map(({ slot, data }) => ({
      slot,
      data,
      name: nameOf(slot),
      note: t('signOff.cameOffAt', { job: job.name }),
    })),
  };
}

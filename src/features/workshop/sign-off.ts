import type { JobCard } from '../../core/job';
import { itemName } from '../../messages/job';
import type { JobRecord, SwapWork } from '../../records';
import { finishedSwap } from '../../records/selectors/finished-swap';
import type { JobFacts } from '../../records/selectors/job-card';
import type { SignOff } from '../../store';
import { capital } from '../../ui/format';
import { t } from './text';
import { definite } from '../../core/items';

/** What the sign-off of a swap that stays writes. */
export function swapSignOff(
  job: JobRecord & { readonly work: SwapWork },
  card: JobCard,
  facts: JobFacts,
): NonNullable<SignOff['swap']> {
  const { from, fitted, takenOff, readOff, wornChainId } = finishedSwap(job, card, facts);
  const nameOf = (slot: string) => {
    const item = definite(card.off.find(({ what }) => what === slot));
    return t('signOff.partOff', { part: capital(itemName(item)), bike: facts.bike.name }).slice(0, 80);
  };
  return {
    from,
    fitted,
    readOff,
    wornChainId,
    kind: card.kind,
    oldParts: takenOff.map(({ slot, data }) => ({
      slot,
      data,
      name: nameOf(slot),
      note: t('signOff.cameOffAt', { job: job.name }),
    })),
  };
}

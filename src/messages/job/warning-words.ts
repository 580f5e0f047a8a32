import type { CheckId } from '../../core/fit';
import type { ChainPlan, ChainWarning } from '../../core/job';
import { chainText, chainWarningText, endsOf } from './chain-words';
import { linksText } from './list';
import { t } from './text';

/** What a limit is about. */
const LIMIT_TEXT: Readonly<Partial<Record<CheckId, string>>> = {
  totalCapacity: t('warningWords.limitText.totalCapacity'),
  largestCog: t('warningWords.limitText.largestCog'),
  largestCogMinimum: t('warningWords.limitText.largestCogMinimum'),
  smallestCog: t('warningWords.limitText.smallestCog'),
  ringDifference: t('warningWords.limitText.ringDifference'),
  frontCage: t('warningWords.limitText.frontCage'),
};

/** What a card warns of, for those who read it without its page. */
export const warningText = {
  chain: chainText,
  ofChain: (warning: ChainWarning, plan: ChainPlan, rings: number) => chainWarningText(warning, plan, endsOf(rings)),
  shifterUnknown: t('warningWords.warningText.shifterUnknown'),
  tooShort: (links: number, minLinks: number) =>
    t('warningWords.warningText.tooShort.neverRideWithThisChain', { links: linksText(links), minLinks }),
  passed: (id: CheckId, overT: number) =>
    t('warningWords.warningText.passed.tPastThePublishedLimit', { id: LIMIT_TEXT[id] ?? id, overT }),
};

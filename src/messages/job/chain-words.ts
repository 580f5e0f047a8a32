import type { ChainPlan, ChainWarning, JobCard } from '../../core/job';
import { linksText as links, sentences } from './list';
import { t } from './text';
import { definite } from '../../core/items';

/** What becomes of the chain and why, in a sentence or two. */
export function chainText({
  difference,
  shortChainInStock,
  to,
}: Pick<JobCard, 'difference' | 'shortChainInStock' | 'to'>): string {
  const { chain } = difference;
  const ends = endsOf(to.setup.chainrings.length);
  return sentences([
    actionText(chain, ends),
    // That the present chain does not reach big-big is the reason for the new one already.
    ...chain.warnings
      .filter((warning) => warning.code !== 'cannotLeave' || warning.end !== 'bigBig')
      .map((warning) => chainWarningText(warning, chain, ends)),
    shortChainInStock &&
      t('chainWords.chainText.hasTooFewUseAnother', {
        name: shortChainInStock.name,
        links: links(shortChainInStock.links),
        missing: shortChainInStock.missing,
      }),
  ]);
}

/** What the two ends of the drivetrain are called: on 1x there is no big or small ring. */
export interface Ends {
  readonly big: string;
  readonly small: string;
}

export const endsOf = (rings: number): Ends =>
  rings === 1
    ? { big: t('chainWords.endsOf.big'), small: t('chainWords.endsOf.small') }
    : { big: t('chainWords.endsOf.bigWords.bigBig2'), small: t('chainWords.endsOf.smallWords.smallSmall2') };

function actionText(
  { action, reason, linksNow, linksAfter, targetLinks, window, alternates }: ChainPlan,
  ends: Ends,
): string {
  const both = alternates ? t('chainWords.actionText.inBothSetups') : '';
  switch (action) {
    case 'leave':
      switch (reason) {
        case 'notCounted':
          return t('chainWords.actionText.leave.notCounted', { minLinks: links(window.minLinks) });
        case 'fits':
          return t('chainWords.actionText.leave.fits', { linksNow: links(definite(linksNow)), both });
        case 'fewestThatReach':
          return t('chainWords.actionText.leave.fewestThatReach', {
            linksNow: links(definite(linksNow)),
            big: ends.big,
            both,
          });
        case 'passesBothEnds':
          return t('chainWords.actionText.leave.passesBothEnds', {
            linksNow: links(definite(linksNow)),
            both,
            minLinks: window.minLinks,
            maxLinks: definite(window.maxLinks),
          });
        default:
          return t('chainWords.actionText.leave.chainLeaveItAsIt', {
            linksNow: links(definite(linksNow)),
            big: ends.big,
            both,
            small: ends.small,
          });
      }
    case 'shorten':
      return t('chainWords.actionText.shorten', {
        linksNow: links(definite(linksNow) - definite(linksAfter)),
        linksNow2: definite(linksNow),
        linksAfter: definite(linksAfter),
      });
    case 'ask':
      return t('chainWords.actionText.ask', { targetLinks: links(targetLinks) });
    case 'newChain':
      return t('chainWords.actionText.newChain', {
        targetLinks: links(targetLinks),
        reason: whyNew(reason, linksNow, window.minLinks, ends),
      });
  }
}

function whyNew(reason: ChainPlan['reason'], linksNow: number | undefined, minLinks: number, ends: Ends): string {
  const now =
    linksNow === undefined
      ? t('chainWords.whyNew.thePresentOne')
      : t('chainWords.whyNew.thePresent', { linksNow: links(linksNow) });
  switch (reason) {
    case 'worn':
      return t('chainWords.whyNew.worn');
    case 'otherPart':
      return t('chainWords.whyNew.otherPart');
    case 'otherWidth':
      return t('chainWords.whyNew.otherWidth');
    case 'mayBeTooShort':
      return t('chainWords.whyNew.mayBeTooShort', { big: ends.big, minLinks: links(minLinks) });
    case 'plannedLonger':
      return t('chainWords.whyNew.plannedLonger', { now });
    case 'tooShortForPair':
      return t('chainWords.whyNew.tooShortForPair', { now, big: ends.big });
    default:
      return t('chainWords.whyNew.wouldNotReach', { now, big: ends.big });
  }
}

export function chainWarningText(warning: ChainWarning, { window, targetLinks }: ChainPlan, ends: Ends): string {
  switch (warning.code) {
    case 'cannotLeave':
      return warning.end === 'bigBig'
        ? t('chainWords.chainWarningText.cannotLeave.itCannotBeLeftAs', {
            big: ends.big,
            minLinks: links(window.minLinks),
          })
        : t('chainWords.chainWarningText.cannotLeave.itCannotBeLeftAs2', {
            maxLinks: links(definite(window.maxLinks)),
            small: ends.small,
          });
    case 'typedTooFew':
      return t('chainWords.chainWarningText.typedTooFew', {
        typedLinks: links(warning.typedLinks),
        big: ends.big,
        minLinks: window.minLinks,
      });
    case 'noneServesBoth':
      return t('chainWords.chainWarningText.noneServesBoth', {
        minLinks: links(window.minLinks),
        big: ends.big,
        maxLinks: definite(window.maxLinks),
        small: ends.small,
      });
    case 'slackAtPlanned':
      return t('chainWords.chainWarningText.slackAtPlanned', {
        targetLinks: links(targetLinks),
        big: ends.big,
        small: ends.small,
      });
  }
}

/** Returns the text of the chain's step. */
export function chainStepText({ difference, usesQuickLink }: JobCard): string {
  const { chain } = difference;
  const { action, linksNow, linksAfter, targetLinks } = chain;
  const ends = usesQuickLink
    ? t('chainWords.chainStepText.cutToAndCloseWith', { targetLinks: targetLinks - 1, targetLinks2: targetLinks })
    : t('chainWords.chainStepText.cutToAndJoinWith', { targetLinks });
  const counting = usesQuickLink ? t('chainWords.chainStepText.enterTheLinksInAll') : '';
  switch (action) {
    case 'leave':
      return t('chainWords.chainStepText.leave', {
        linksNow: linksNow === undefined ? 'yes' : 'no',
        linksNow2: linksNow === undefined ? '' : links(linksNow),
        counting,
      });
    case 'shorten':
      return t('chainWords.chainStepText.shorten', {
        linksNow: links(definite(linksNow) - definite(linksAfter)),
        linksNow2: definite(linksNow),
        linksAfter: definite(linksAfter),
        counting,
      });
    case 'ask':
      return t('chainWords.chainStepText.ask', { ends, counting });
    case 'newChain':
      return t('chainWords.chainStepText.newChain', { ends, counting });
  }
}

import type { ChainPlan, ChainWarning, JobCard } from '../../core/job';
import { count, sentences } from './list';

const links = (value: number) => count(value, 'link');

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
      `“${shortChainInStock.name}” has ${links(shortChainInStock.links)}, ${shortChainInStock.missing} too few: use another chain.`,
  ]);
}

/** What the two ends of the drivetrain are called: on 1x there is no big or small ring. */
export interface Ends {
  readonly big: string;
  readonly small: string;
}

export const endsOf = (rings: number): Ends =>
  rings === 1 ? { big: 'the largest cog', small: 'the smallest cog' } : { big: 'big-big', small: 'small-small' };

function actionText(
  { action, reason, linksNow, linksAfter, targetLinks, window, alternates }: ChainPlan,
  ends: Ends,
): string {
  const both = alternates ? ' in both setups' : '';
  switch (action) {
    case 'leave':
      switch (reason) {
        case 'notCounted':
          return `Chain: leave it as it is, but count it first. Fewer than ${links(window.minLinks)} means a new chain.`;
        case 'fits':
          return `Chain: leave it as it is, ${links(linksNow!)}, exactly right${both}.`;
        case 'passesBothEnds':
          return `Chain: leave it as it is. ${links(linksNow!)} pass both end checks${both} (${window.minLinks} to ${window.maxLinks}).`;
        default:
          return `Chain: leave it as it is. ${links(linksNow!)} reach ${ends.big}${both}; the cage length is not known, so the check of ${ends.small} on the stand decides.`;
      }
    case 'shorten':
      return `Chain: take ${links(linksNow! - linksAfter!)} out, from ${linksNow} to ${linksAfter}.`;
    case 'ask':
      return `Chain: the number of cogs changes and the chain’s speeds are not known. Read them off the chain first; nothing is cut. A new chain of ${links(targetLinks)} is assumed.`;
    case 'newChain':
      return `Chain: a new chain of ${links(targetLinks)}, because ${whyNew(reason, linksNow, ends)}.`;
  }
}

function whyNew(reason: ChainPlan['reason'], linksNow: number | undefined, ends: Ends): string {
  const now = linksNow === undefined ? 'the present one' : `the present ${links(linksNow)}`;
  switch (reason) {
    case 'worn':
      return 'one was asked for';
    case 'otherPart':
      return 'another chain was chosen';
    case 'otherWidth':
      return 'the present one is made for another number of speeds';
    case 'tooShortForPair':
      return `${now} would not reach ${ends.big} in the other setup of the pair`;
    default:
      return `${now} would not reach ${ends.big}`;
  }
}

export function chainWarningText(warning: ChainWarning, { window, targetLinks }: ChainPlan, ends: Ends): string {
  switch (warning.code) {
    case 'cannotLeave':
      return warning.end === 'bigBig'
        ? `It cannot be left as it is: ${ends.big} needs ${links(window.minLinks)}.`
        : `It cannot be left as it is: more than ${links(window.maxLinks!)} hang slack in ${ends.small}.`;
    case 'typedTooFew':
      return `${links(warning.typedLinks)} were planned, but ${ends.big} needs ${window.minLinks}.`;
    case 'noneServesBoth':
      return `No one chain serves both setups: ${links(window.minLinks)} are needed for ${ends.big}, and more than ${window.maxLinks} hang slack in ${ends.small}. Leave those gears out, or use a chain for each setup.`;
    case 'slackAtPlanned':
      return `${links(targetLinks)} are needed for ${ends.big} and hang slack in ${ends.small}: the cage is too short for this range.`;
  }
}

/** What the step of the chain says. */
export function chainStepText({ difference, usesQuickLink }: JobCard): string {
  const { chain } = difference;
  const { action, linksNow, linksAfter, targetLinks } = chain;
  const ends = usesQuickLink
    ? `cut to ${targetLinks - 1} and close with the quick link, ${targetLinks} in all`
    : `cut to ${targetLinks} and join with a connecting pin`;
  const counting = usesQuickLink ? ' Enter the links in all, the quick link included.' : '';
  switch (action) {
    case 'leave':
      return `Thread the chain through the derailleur again and join it${linksNow === undefined ? '' : `: ${links(linksNow)}, as before`}.${counting}`;
    case 'shorten':
      return `Take ${links(linksNow! - linksAfter!)} out: from ${linksNow} to ${linksAfter}.${counting}`;
    case 'ask':
      return `Cut nothing until the chain’s speeds are known. If a new chain is needed: ${ends}.${counting}`;
    case 'newChain':
      return `Fit the new chain: ${ends}.${counting}`;
  }
}

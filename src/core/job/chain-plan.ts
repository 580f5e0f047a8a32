import { checkChainSpeeds } from '../fit';
import type { Build } from './build';
import { chainWindow, endChecks, sharedWindow, type ChainWindow, type EndChecks, type Frame } from './chain-window';
import { definite } from '../items';

/** The user's choice for a chain that fits as it is: leave it, or fit it to the new setup. */
export const CHAIN_CHOICES = ['leave', 'fit'] as const;
export type ChainChoice = (typeof CHAIN_CHOICES)[number];

/** `ask`: nothing is cut until the speeds of the chain are known. */
type ChainAction = 'leave' | 'shorten' | 'newChain' | 'ask';

/** Why the chain is treated so. */
type ChainReason =
  /** It has just the links that are wanted. */
  | 'fits'
  /** It has just the links that big-big needs, and hangs slack in small-small as any would. */
  | 'fewestThatReach'
  /** It passes both end checks and is left alone. */
  | 'passesBothEnds'
  /** It reaches big-big; small-small must be checked on the stand. */
  | 'reachesBigBig'
  /** Not counted; it was long enough for this setup, or for one that needs at least as many links. */
  | 'notCounted'
  /** More links than planned, or than stay taut. */
  | 'tooLong'
  | 'tooShort'
  /** Not counted, and the new setup needs more links than the old one: it is counted first. */
  | 'mayBeTooShort'
  /** More links are planned than it has. */
  | 'plannedLonger'
  /** Too short for the other setup of a seasonal pair. */
  | 'tooShortForPair'
  /** Too wide or too narrow for the cassette. */
  | 'otherWidth'
  | 'widthNotKnown'
  | 'worn'
  /** Another chain in stock was chosen. */
  | 'otherPart';

/** Why a wish about the chain was not followed. */
export type ChainWarning =
  /** `leave` was chosen, but the chain fails this end check. */
  | { readonly code: 'cannotLeave'; readonly end: 'bigBig' | 'smallSmall' }
  /** The links that were typed for the new setup are too few. */
  | { readonly code: 'typedTooFew'; readonly typedLinks: number }
  /** No single chain stays taut in both setups of a seasonal pair. */
  | { readonly code: 'noneServesBoth' }
  /** The planned count is slack in small-small: the cage is too short for the range. */
  | { readonly code: 'slackAtPlanned' };

export interface ChainPlan {
  readonly action: ChainAction;
  readonly reason: ChainReason;
  /** On the bike now; undefined if not counted. */
  readonly linksNow: number | undefined;
  /** After the job, with the quick link; undefined where an uncounted chain stays. */
  readonly linksAfter: number | undefined;
  /** What a new or shortened chain is cut to. */
  readonly targetLinks: number;
  /** Counts that both end checks pass; of both setups where they alternate. */
  readonly window: ChainWindow;
  /** The window of the new setup alone. */
  readonly ownWindow: ChainWindow;
  /** The position of the present chain in it; undefined if not counted. */
  readonly present: EndChecks | undefined;
  /** Whether the bike goes back and forth between two setups. */
  readonly alternates: boolean;
  readonly warnings: readonly ChainWarning[];
}

export interface ChainWish {
  readonly choice: ChainChoice;
  readonly alternates: boolean;
  /** Whether a new chain is wanted whatever the old one's length: it is worn. */
  readonly newChain: boolean;
  /** Whether this very chain was on the new setup before and has not been cut since. */
  readonly hasServed?: boolean | undefined;
}

/** The counts of links that the new setup takes, and those that the old one does. */
export interface ChainWindows {
  readonly own: ChainWindow;
  readonly old: () => ChainWindow;
}

/**
 * What becomes of the chain. It is never cut below big-big + 2 of the new setup, nor of the other one of a
 * seasonal pair; nothing is cut while its width or its length is not known.
 */
export function planChain(from: Build, to: Build, frame: Frame, wish: ChainWish): ChainPlan {
  return planChainWithin(from, to, { own: chainWindow(to, frame), old: () => chainWindow(from, frame) }, wish);
}

/** The same where the windows of both setups are known already. */
export function planChainWithin(from: Build, to: Build, { own, old }: ChainWindows, wish: ChainWish): ChainPlan {
  const window = wish.alternates ? sharedWindow(own, old()) : own;
  const { minLinks, maxLinks } = window;
  const linksNow = from.chainLinks;
  // A copy of a setup has the chain of the one that it was copied from: only another count is a wish.
  const typedLinks = to.chainLinks === linksNow ? undefined : to.chainLinks;
  const targetLinks = Math.max(typedLinks ?? minLinks, minLinks);
  const present = linksNow === undefined ? undefined : endChecks(linksNow, window);
  const warnings: ChainWarning[] = [];
  if (typedLinks !== undefined && typedLinks < minLinks) warnings.push({ code: 'typedTooFew', typedLinks });
  if (maxLinks !== undefined && maxLinks < minLinks) {
    warnings.push({ code: wish.alternates && !isEmpty(own) ? 'noneServesBoth' : 'slackAtPlanned' });
  }
  const plan = (action: ChainAction, reason: ChainReason, linksAfter: number | undefined): ChainPlan => ({
    action,
    reason,
    linksNow,
    linksAfter,
    targetLinks,
    window,
    ownWindow: own,
    present,
    alternates: wish.alternates,
    warnings,
  });

  const width = widthOf(from, to);
  if (width === 'notKnown') return plan('ask', 'widthNotKnown', targetLinks);
  if (wish.newChain) return plan('newChain', 'worn', targetLinks);
  if (isOtherChain(from, to)) return plan('newChain', 'otherPart', targetLinks);
  if (width === 'other') return plan('newChain', 'otherWidth', targetLinks);
  if (linksNow === undefined) {
    const isLongEnough = wish.hasServed === true || minLinks <= old().minLinks;
    return isLongEnough ? plan('leave', 'notCounted', undefined) : plan('newChain', 'mayBeTooShort', targetLinks);
  }
  if (linksNow < minLinks) {
    if (wish.choice === 'leave') warnings.push({ code: 'cannotLeave', end: 'bigBig' });
    return plan('newChain', linksNow >= own.minLinks ? 'tooShortForPair' : 'tooShort', targetLinks);
  }
  if (linksNow === targetLinks) return plan('leave', isEmpty(window) ? 'fewestThatReach' : 'fits', linksNow);
  if (wish.choice === 'leave') {
    if (definite(present).smallSmall !== 'fails') {
      return plan('leave', definite(present).smallSmall === 'passes' ? 'passesBothEnds' : 'reachesBigBig', linksNow);
    }
    warnings.push({ code: 'cannotLeave', end: 'smallSmall' });
  }
  // A count that was typed may be above the present one.
  return linksNow > targetLinks
    ? plan('shorten', 'tooLong', targetLinks)
    : plan('newChain', 'plannedLonger', targetLinks);
}

/** Whether the person can choose what becomes of the chain: not where it is uncounted, worn, too short, of another width or just right. */
export function hasChainChoice({ linksNow, targetLinks, action, reason }: ChainPlan): boolean {
  const isOpen = action === 'leave' || reason === 'tooLong' || reason === 'plannedLonger';
  return linksNow !== undefined && linksNow !== targetLinks && isOpen;
}

const isEmpty = ({ minLinks, maxLinks }: ChainWindow) => maxLinks !== undefined && maxLinks < minLinks;

/** Whether another chain in stock was chosen for the new setup. */
function isOtherChain({ partIds: before = {} }: Build, { partIds: after = {} }: Build): boolean {
  return before.chain !== undefined && after.chain !== undefined && before.chain !== after.chain;
}

/** Whether the chain on the bike is of the width that the new cassette takes. */
function widthOf(from: Build, to: Build): 'same' | 'other' | 'notKnown' {
  const { chainSpeeds } = from.parts;
  const [before, after] = [from.setup.cogs.length, to.setup.cogs.length];
  if (chainSpeeds === undefined) return before === after ? 'same' : 'notKnown';
  const { verdict } = checkChainSpeeds(after, { chainSpeeds });
  return verdict === 'inside' || verdict === 'at' ? 'same' : 'other';
}

import { fixed } from '../number-text';
import type { CageRow } from './cage-rows';
import type { DriveParts } from './drive-parts';
import { answered, notKnown, type Check } from './verdict';

/** Where a chain is cut, counted in links without the quick link. */
export interface ChainEnds {
  /** With a quick link: it is the last outer link, so what is left ends on inner links. */
  readonly withQuickLink: number;
  /** With a joining pin: one inner and one outer end meet. */
  readonly withPin: number;
}

/** Undefined for an odd count: two ends of the same kind cannot be joined. */
export function chainEnds(links: number): ChainEnds | undefined {
  return links % 2 === 0 ? { withQuickLink: links - 1, withPin: links } : undefined;
}

export interface ChainLengthCheck {
  /** Links that the longest way round asks for, by big-big + 2. */
  readonly wanted: number;
  readonly directPitches: number;
  /** Undefined where it was not counted. */
  readonly fitted: number | undefined;
  readonly bigBig: CageRow | undefined;
  readonly smallSmall: CageRow | undefined;
  /** Gears that the rider allows and in which the cage is slack. */
  readonly slack: readonly CageRow[];
  readonly chainrings: readonly number[];
  readonly cogs: readonly number[];
}

/** The chain on the bike against big-big + 2, and whether it stays taut in the gears that are used. */
export function checkChainLength(input: ChainLengthCheck): Check {
  const { wanted, directPitches, fitted, bigBig, smallSmall, slack, chainrings, cogs } = input;
  const numbers = { required: wanted, limit: fitted, unit: 'links' } as const;
  if (fitted === undefined) {
    return notKnown('chainLength', `${wanted} links by big-big + 2`, 'the number of links of the chain', numbers);
  }
  const margin = fitted - wanted;
  const known = { ...numbers, margin };
  const toLength = { text: `a chain of ${wanted} links`, change: { chainLinks: wanted } };
  if (fitted < directPitches || bigBig?.pose.state === 'tooShort') {
    return answered(
      'chainLength',
      'cannotWork',
      `${fitted} links do not reach round ${Math.max(...chainrings)}/${Math.max(...cogs)}: an accidental shift into it locks the drivetrain and can tear off the derailleur. ${-margin} more links are needed.`,
      { ...known, fixes: [toLength] },
    );
  }
  if (margin < 0) {
    const message = `${fitted} links, ${-margin} fewer than big-big + 2 (${wanted}).`;
    return answered('chainLength', 'outside', message, { ...known, fixes: [toLength] });
  }
  const [worst] = slack;
  if (worst) {
    const name = worst === smallSmall ? 'small-small' : `${worst.chainring}/${worst.cog}`;
    const angle = worst.pose.angleDeg === undefined ? 'past any angle' : `at ${fixed(worst.pose.angleDeg, 0)}°`;
    const shorter = { text: `${margin} links fewer`, change: { chainLinks: wanted } };
    return answered(
      'chainLength',
      'outside',
      `${fitted} links: in ${name} the cage is folded back ${angle} and the chain is slack.`,
      { ...known, fixes: margin >= 2 ? [shorter] : [{ text: 'a longer cage' }, { text: 'a larger small ring' }] },
    );
  }
  const spare = margin === 0 ? ': correct length' : `: ${margin} to spare`;
  const left =
    smallSmall?.pose.state === 'slack'
      ? ` The chain is slack in gears that you excluded, ${smallSmall.chainring}/${smallSmall.cog} among them: do not ride in them.`
      : '';
  return answered(
    'chainLength',
    // Big-big + 2 has its margin inside it: a chain of just that length is right, not at a limit.
    'inside',
    `${fitted} links, ${wanted} by big-big + 2${spare}.${left}`,
    known,
  );
}

/** Below eight speeds all chains have one width. */
const WIDEST_SPEEDS = 8;

/** The chain's width, told by the speeds that it is sold for, against the cassette. */
export function checkChainSpeeds(cogCount: number, { chainSpeeds }: DriveParts): Check {
  const wanted = Math.max(WIDEST_SPEEDS, cogCount);
  if (chainSpeeds === undefined) {
    return notKnown('chainSpeeds', `${cogCount} cogs`, 'the chain speed', {
      required: wanted,
      unit: 'speeds',
    });
  }
  const has = Math.max(WIDEST_SPEEDS, chainSpeeds);
  const numbers = { required: wanted, limit: chainSpeeds, margin: has - wanted, unit: 'speeds' } as const;
  const fixes = [{ text: `a ${wanted}-speed chain` }];
  const what = `${chainSpeeds}-speed chain on ${cogCount} cogs`;
  if (has === wanted) return answered('chainSpeeds', 'inside', `${what}: correct width.`, { ...numbers, margin: 0 });
  if (has === wanted + 1) {
    return answered('chainSpeeds', 'at', `${what}: slightly narrow. It usually runs; test it on the stand.`, numbers);
  }
  if (has > wanted) {
    return answered('chainSpeeds', 'outside', `${what}: too narrow. It can ride up on the teeth.`, {
      ...numbers,
      margin: wanted - has,
      fixes,
    });
  }
  const message = `${what}: too wide. It rubs on the next cog.`;
  return answered('chainSpeeds', wanted - has > 1 ? 'cannotWork' : 'outside', message, { ...numbers, fixes });
}

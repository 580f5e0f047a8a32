import { message } from '../message';
import type { CageRow } from './cage-rows';
import type { DriveParts } from './drive-parts';
import { answered, notKnown, type Check } from './verdict';

/** Where a chain is cut, counted in links without the quick link. */
interface ChainEnds {
  /** With a quick link: it is the last outer link, so what is left ends on inner links. */
  readonly withQuickLink: number;
  /** With a joining pin: one inner and one outer end meet. */
  readonly withPin: number;
}

/** Undefined for an odd count: two ends of the same kind cannot be joined. */
export function chainEnds(links: number): ChainEnds | undefined {
  return links % 2 === 0 ? { withQuickLink: links - 1, withPin: links } : undefined;
}

interface ChainLengthCheck {
  /** Links needed by big-big + 2. */
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
    const what = message('fit.chainLength.what', { wanted });
    return notKnown('chainLength', what, message('fit.chainLength.missing'), numbers);
  }
  const margin = fitted - wanted;
  const known = { ...numbers, margin };
  const toLength = { text: message('fit.chainLength.fixLength', { links: wanted }), change: { chainLinks: wanted } };
  if (fitted < directPitches || bigBig?.pose.state === 'tooShort') {
    return answered(
      'chainLength',
      'cannotWork',
      message('fit.chainLength.tooShort', {
        fitted,
        gear: `${Math.max(...chainrings)}/${Math.max(...cogs)}`,
        more: -margin,
      }),
      { ...known, fixes: [toLength] },
    );
  }
  if (margin < 0) {
    const text = message('fit.chainLength.fewer', { fitted, fewer: -margin, wanted });
    return answered('chainLength', 'outside', text, { ...known, fixes: [toLength] });
  }
  const [worst] = slack;
  if (worst) {
    const gear = worst === smallSmall ? message('fit.chainLength.smallSmall') : `${worst.chainring}/${worst.cog}`;
    const angle = worst.pose.angleDeg;
    const shorter = { text: message('fit.chainLength.fixFewer', { links: margin }), change: { chainLinks: wanted } };
    return answered(
      'chainLength',
      'outside',
      angle === undefined
        ? message('fit.chainLength.slackPastAll', { fitted, gear })
        : message('fit.chainLength.slackAt', { fitted, gear, angle }),
      {
        ...known,
        fixes:
          margin >= 2
            ? [shorter]
            : [{ text: message('fit.chainLength.fixCage') }, { text: message('fit.chainLength.fixRing') }],
      },
    );
  }
  const length =
    margin === 0
      ? message('fit.chainLength.right', { fitted, wanted })
      : message('fit.chainLength.spare', { fitted, wanted, spare: margin });
  return answered(
    'chainLength',
    // Big-big + 2 has its margin inside it: a chain of just that length is right, not at a limit.
    'inside',
    smallSmall?.pose.state === 'slack'
      ? message('fit.chainLength.slackInExcluded', { length, gear: `${smallSmall.chainring}/${smallSmall.cog}` })
      : length,
    known,
  );
}

/** Below eight speeds all chains have one width. */
const WIDEST_SPEEDS = 8;

/** Checks the chain's width, given by its speeds, against the cassette. */
export function checkChainSpeeds(cogCount: number, { chainSpeeds }: DriveParts): Check {
  const wanted = Math.max(WIDEST_SPEEDS, cogCount);
  if (chainSpeeds === undefined) {
    const what = message('fit.chainSpeeds.what', { cogs: cogCount });
    return notKnown('chainSpeeds', what, message('fit.chainSpeeds.missing'), {
      required: wanted,
      unit: 'speeds',
    });
  }
  const has = Math.max(WIDEST_SPEEDS, chainSpeeds);
  const numbers = { required: wanted, limit: chainSpeeds, margin: has - wanted, unit: 'speeds' } as const;
  const fixes = [{ text: message('fit.chainSpeeds.fixChain', { speeds: wanted }) }];
  const on = { speeds: chainSpeeds, cogs: cogCount };
  if (has === wanted) {
    return answered('chainSpeeds', 'inside', message('fit.chainSpeeds.right', on), { ...numbers, margin: 0 });
  }
  if (has === wanted + 1) {
    return answered('chainSpeeds', 'at', message('fit.chainSpeeds.slightlyNarrow', on), numbers);
  }
  if (has > wanted) {
    return answered('chainSpeeds', 'outside', message('fit.chainSpeeds.tooNarrow', on), {
      ...numbers,
      margin: wanted - has,
      fixes,
    });
  }
  const text = message('fit.chainSpeeds.tooWide', on);
  return answered('chainSpeeds', wanted - has > 1 ? 'cannotWork' : 'outside', text, { ...numbers, fixes });
}

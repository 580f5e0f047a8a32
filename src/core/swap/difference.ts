import {
  chainLinks,
  frontHeightChangeMm,
  sameName,
  spacerNeededMm,
  type DriveParts,
  type Freehub,
  type RearDerailleur,
} from '../fit';
import { sameTeeth } from '../parts/cassettes';
import type { Setup } from '../gears';
import type { Slot } from '../shelf';

/** One side of a swap: a setup with its parts, as far as they are known. */
export interface SwapSide {
  readonly setup: Setup;
  readonly rearDerailleur: RearDerailleur;
  readonly parts: DriveParts;
  readonly freehub: Freehub;
  /** Links of its chain; undefined where nobody has counted, or on a setup that is to be built. */
  readonly chainLinks: number | undefined;
  /** Which parts of the shelf it has; a cassette with the same teeth may be another one. */
  readonly partIds?: Readonly<Partial<Record<Slot, string>>> | undefined;
  /** Whether a new chain is wanted, whatever the old one's length: it is worn. */
  readonly newChain?: boolean | undefined;
}

/** What the chain of a swap comes to. */
export interface ChainWork {
  /** Before the swap; by big-big + 2 of the old setup where nobody has counted. */
  readonly before: number;
  readonly isCounted: boolean;
  readonly after: number;
  /** `keep`: as it is. `shorten`: links are taken out. `replace`: too short, too wide, too narrow or worn. */
  readonly kind: 'keep' | 'shorten' | 'replace';
  /** Links taken out, where it is shortened. */
  readonly takenOut: number;
}

/** Where the B-screw goes: in (clockwise) for a larger largest cog, out for a smaller. */
export type BScrew = 'in' | 'out' | 'stays';

/** Whether something comes on to the bike, off it, or neither. */
export type Comes = 'on' | 'off' | 'stays';

/** What differs between the setup on a bike and the one that it is to have. */
export interface SwapDifference {
  readonly ringsOff: readonly number[];
  readonly ringsOn: readonly number[];
  /** Undefined where the cassette stays. */
  readonly cassette: { readonly off: readonly number[]; readonly on: readonly number[] } | undefined;
  /** Whether the crank itself is another one. */
  readonly crank: boolean;
  readonly guide: Comes;
  readonly extender: Comes;
  readonly freehub: boolean;
  /** Spacers behind the cassette that is put on, mm; undefined where a length is not known or it stays. */
  readonly spacerMm: number | undefined;
  readonly rearDerailleur: boolean;
  readonly shifter: boolean;
  /** What becomes of the front derailleur; `move` by how much, mm, up above 0. */
  readonly front: { readonly kind: 'none' | 'stays' | 'off' | 'on' } | { readonly kind: 'move'; readonly byMm: number };
  readonly chain: ChainWork;
  readonly bScrew: BScrew;
  /** Whether nothing differs. */
  readonly isSame: boolean;
}

/** The kinds of swap, by what is replaced. */
export const SWAP_KINDS = [
  'nothing',
  'cassette',
  'rings',
  'cassetteAndRings',
  'twoToOne',
  'oneToTwo',
  'derailleur',
  'chain',
] as const;
export type SwapKind = (typeof SWAP_KINDS)[number];

/** @param longestChainstayMm at the longest that a rear suspension makes it */
export function swapDifference(from: SwapSide, to: SwapSide, longestChainstayMm: number): SwapDifference {
  const isOther = (slot: Slot) => isOtherPart(slot, from, to);
  const ringSlots = (['bigRing', 'smallRing'] as const).filter(isOther);
  const renewed = ringSlots.flatMap((slot) => {
    const [place, ring] = slot === 'bigRing' ? [0, from.setup.chainrings[0]] : [1, from.setup.chainrings[1]];
    return ring !== undefined && ring === to.setup.chainrings[place] ? [ring] : [];
  });
  const ringsOff = from.setup.chainrings.filter(
    (ring) => !to.setup.chainrings.includes(ring) || renewed.includes(ring),
  );
  const ringsOn = to.setup.chainrings.filter((ring) => !from.setup.chainrings.includes(ring) || renewed.includes(ring));
  const isOtherCassette = !sameTeeth(from.setup.cogs, to.setup.cogs) || isOther('cassette');
  const cassette = isOtherCassette ? { off: from.setup.cogs, on: to.setup.cogs } : undefined;
  const otherBody = needsOtherBody(to);
  const freehub =
    otherBody || from.freehub.spline !== to.freehub.spline || from.freehub.bodyLengthMm !== to.freehub.bodyLengthMm;
  const rearDerailleur =
    differs(withoutFront(from.rearDerailleur), withoutFront(to.rearDerailleur)) || isOther('rearDerailleur');
  const shifter =
    isOther('shifter') ||
    from.parts.shifterSpeeds !== to.parts.shifterSpeeds ||
    from.parts.cablePullMm !== to.parts.cablePullMm;
  const chain = chainWork(from, to, longestChainstayMm);
  const front = frontOf(from.setup, to.setup);
  const [largestBefore, largestAfter] = [from.setup.cogs.at(-1)!, to.setup.cogs.at(-1)!];
  const bScrew = largestAfter === largestBefore ? 'stays' : largestAfter > largestBefore ? 'in' : 'out';
  const has = ({ parts }: SwapSide) => ({
    guide: parts.retention?.includes('guide') ?? false,
    extender: parts.hangerExtenderMm !== undefined,
  });
  const [hadBefore, hasAfter] = [has(from), has(to)];
  const crank = isOther('crank');
  const guide = comes(hadBefore.guide, hasAfter.guide);
  const extender = comes(hadBefore.extender, hasAfter.extender);
  const isFrontSame = front.kind === 'none' || front.kind === 'stays';
  return {
    ringsOff,
    ringsOn,
    cassette,
    crank,
    guide,
    extender,
    freehub,
    spacerMm: (cassette || freehub) && !otherBody ? spacerOf(to) : undefined,
    rearDerailleur,
    shifter,
    front,
    chain,
    bScrew,
    isSame:
      ringsOff.length + ringsOn.length === 0 &&
      !cassette &&
      !crank &&
      guide === 'stays' &&
      extender === 'stays' &&
      !freehub &&
      !rearDerailleur &&
      !shifter &&
      isFrontSame &&
      chain.kind === 'keep',
  };
}

/** Whether the cassette of a side does not go on to its freehub body, so that the body is changed with it. */
export function needsOtherBody({ setup, parts, freehub }: SwapSide): boolean {
  const { spline, smallestCogT } = freehub;
  const { cassetteSpline } = parts;
  const otherSplines = spline !== undefined && cassetteSpline !== undefined && !sameName(spline, cassetteSpline);
  return otherSplines || (smallestCogT !== undefined && setup.cogs[0]! < smallestCogT);
}

/** What a swap is called by what it does; the rarer kind wins where several are true. */
export function swapKind({
  front,
  cassette,
  ringsOn,
  ringsOff,
  rearDerailleur,
  chain,
  isSame,
}: SwapDifference): SwapKind {
  if (isSame) return 'nothing';
  if (front.kind === 'off') return 'twoToOne';
  if (front.kind === 'on') return 'oneToTwo';
  const rings = ringsOn.length + ringsOff.length > 0;
  if (cassette) return rings ? 'cassetteAndRings' : 'cassette';
  if (rings) return 'rings';
  if (rearDerailleur) return 'derailleur';
  return chain.kind === 'keep' ? 'derailleur' : 'chain';
}

const comes = (before: boolean, after: boolean): Comes => (before === after ? 'stays' : after ? 'on' : 'off');

/** Whether both sides name a part for a place, and not the same. */
function isOtherPart(slot: Slot, { partIds: before = {} }: SwapSide, { partIds: after = {} }: SwapSide): boolean {
  return before[slot] !== undefined && after[slot] !== undefined && before[slot] !== after[slot];
}

/** The same but for the front derailleur's number, which the record keeps among the others. */
function withoutFront({
  ringDifferenceMaxT: _front,
  ...rear
}: RearDerailleur): Omit<RearDerailleur, 'ringDifferenceMaxT'> {
  return rear;
}

function differs(a: object, b: object): boolean {
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...keys].some((key) => a[key as keyof typeof a] !== b[key as keyof typeof b]);
}

function frontOf(from: Setup, to: Setup): SwapDifference['front'] {
  const [before, after] = [from.chainrings.length > 1, to.chainrings.length > 1];
  if (!before && !after) return { kind: 'none' };
  if (before && !after) return { kind: 'off' };
  if (!before) return { kind: 'on' };
  const byMm = frontHeightChangeMm(from.chainrings[0]!, to.chainrings[0]!);
  return byMm === 0 ? { kind: 'stays' } : { kind: 'move', byMm };
}

function spacerOf({ freehub, parts }: SwapSide): number | undefined {
  const { bodyLengthMm } = freehub;
  const { cassetteLengthMm } = parts;
  if (bodyLengthMm === undefined || cassetteLengthMm === undefined) return undefined;
  return spacerNeededMm(bodyLengthMm, cassetteLengthMm);
}

/** The chain that is there is kept where it is long enough and of the same width; else a new one, cut to big-big + 2. */
function chainWork(from: SwapSide, to: SwapSide, chainstayMm: number): ChainWork {
  const bigBigPlusTwo = (setup: Setup) => chainLinks({ ...setup, chainstayMm, geometry: undefined }).bigBigPlusTwo;
  const after = to.chainLinks ?? bigBigPlusTwo(to.setup);
  const isCounted = from.chainLinks !== undefined;
  const before = from.chainLinks ?? bigBigPlusTwo(from.setup);
  const widthChanges =
    from.setup.cogs.length !== to.setup.cogs.length && from.parts.chainSpeeds !== to.parts.chainSpeeds;
  const isRenewed = to.newChain === true || isOtherPart('chain', from, to);
  const chain = { before, isCounted, after, takenOut: 0 };
  if (before < after || widthChanges || isRenewed) return { ...chain, kind: 'replace' };
  if (before === after) return { ...chain, kind: 'keep' };
  return { ...chain, kind: 'shorten', takenOut: before - after };
}

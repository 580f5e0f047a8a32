import {
  chainLinks,
  frontHeightChangeMm,
  spacerNeededMm,
  type DriveParts,
  type Freehub,
  type RearDerailleur,
} from '../fit';
import { sameTeeth } from '../parts/cassettes';
import type { Setup } from '../gears';

/** One side of a swap: a setup with its parts, as far as they are known. */
export interface SwapSide {
  readonly setup: Setup;
  readonly rearDerailleur: RearDerailleur;
  readonly parts: DriveParts;
  readonly freehub: Freehub;
  /** Links of its chain; undefined where nobody has counted, or on a setup that is to be built. */
  readonly chainLinks: number | undefined;
}

/** What the chain of a swap comes to. */
export interface ChainWork {
  /** Before the swap; undefined where it is not known. */
  readonly before: number | undefined;
  readonly after: number;
  /** `keep`: as it is. `shorten`: links are taken out. `replace`: too short, too wide or too narrow, or not known. */
  readonly kind: 'keep' | 'shorten' | 'replace';
  /** Links taken out, where it is shortened. */
  readonly takenOut: number;
}

/** Where the B-screw goes: in (clockwise) for a larger largest cog, out for a smaller. */
export type BScrew = 'in' | 'out' | 'stays';

/** What differs between the setup on a bike and the one that it is to have. */
export interface SwapDifference {
  readonly ringsOff: readonly number[];
  readonly ringsOn: readonly number[];
  /** Undefined where the cassette stays. */
  readonly cassette: { readonly off: readonly number[]; readonly on: readonly number[] } | undefined;
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
  const ringsOff = from.setup.chainrings.filter((ring) => !to.setup.chainrings.includes(ring));
  const ringsOn = to.setup.chainrings.filter((ring) => !from.setup.chainrings.includes(ring));
  const isOtherCassette = !sameTeeth(from.setup.cogs, to.setup.cogs);
  const cassette = isOtherCassette ? { off: from.setup.cogs, on: to.setup.cogs } : undefined;
  const freehub = from.freehub.spline !== to.freehub.spline || from.freehub.bodyLengthMm !== to.freehub.bodyLengthMm;
  const rearDerailleur = differs(withoutFront(from.rearDerailleur), withoutFront(to.rearDerailleur));
  const shifter =
    from.parts.shifterSpeeds !== to.parts.shifterSpeeds || from.parts.cablePullMm !== to.parts.cablePullMm;
  const chain = chainWork(from, to, longestChainstayMm);
  const front = frontOf(from.setup, to.setup);
  const [largestBefore, largestAfter] = [from.setup.cogs.at(-1)!, to.setup.cogs.at(-1)!];
  const bScrew = largestAfter === largestBefore ? 'stays' : largestAfter > largestBefore ? 'in' : 'out';
  const isFrontSame = front.kind === 'none' || front.kind === 'stays';
  return {
    ringsOff,
    ringsOn,
    cassette,
    freehub,
    spacerMm: cassette || freehub ? spacerOf(to) : undefined,
    rearDerailleur,
    shifter,
    front,
    chain,
    bScrew,
    isSame:
      ringsOff.length + ringsOn.length === 0 &&
      !cassette &&
      !freehub &&
      !rearDerailleur &&
      !shifter &&
      isFrontSame &&
      chain.kind === 'keep',
  };
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
  const { bigBigPlusTwo } = chainLinks({ ...to.setup, chainstayMm, geometry: undefined });
  const after = to.chainLinks ?? bigBigPlusTwo;
  const before = from.chainLinks;
  const widthChanges =
    from.setup.cogs.length !== to.setup.cogs.length && from.parts.chainSpeeds !== to.parts.chainSpeeds;
  if (before === undefined || before < after || widthChanges) return { before, after, kind: 'replace', takenOut: 0 };
  if (before === after) return { before, after, kind: 'keep', takenOut: 0 };
  return { before, after, kind: 'shorten', takenOut: before - after };
}

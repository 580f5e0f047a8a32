import { contradicts, frontHeightChangeMm, isOtherDerailleur, spacerNeededMm } from '../fit';
import { sameTeeth } from '../catalog/cassettes';
import type { Setup } from '../gears';
import type { Slot } from '../parts';
import { isElectronic, type Build, type DescribedSlot } from './build';
import type { ChainPlan } from './chain-plan';
import { firstOf, lastOf } from '../items';

/** Which way the B-tension screw goes: in (clockwise) for a larger largest cog, out for a smaller. */
type BScrew = 'in' | 'out' | 'stays';

/** Whether something goes on the bike, comes off it, or neither. */
type Comes = 'on' | 'off' | 'stays';

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
  /** Whether other wheels of the bike are fitted; they bring their own freehub body. */
  readonly wheels: boolean;
  /** A rear hub with two speeds, and its shifter. */
  readonly hub: Comes;
  /** Spacers behind the cassette that is put on, mm; undefined where a length is not known or it stays. */
  readonly spacerMm: number | undefined;
  readonly rearDerailleur: boolean;
  /** `assumed`: the shifter on the bike has another number of clicks, or is not known, and the cogs change. */
  readonly shifter: 'stays' | 'other' | 'assumed';
  /** Whether the shifter's speeds must be read before it is known to stay. */
  readonly asksShifterSpeeds: boolean;
  /** What becomes of the front derailleur; `move` by how much, mm, up above 0. */
  readonly front:
    { readonly kind: 'none' | 'stays' | 'off' | 'on' | 'other' } | { readonly kind: 'move'; readonly byMm: number };
  readonly chain: ChainPlan;
  readonly bScrew: BScrew;
  /** Parts that count as others by their description alone. */
  readonly byDescription: readonly DescribedSlot[];
  /** Whether nothing differs. */
  readonly isSame: boolean;
}

/** The kinds of job, by what is replaced. */
export const SWAP_KINDS = [
  'nothing',
  'cassette',
  'rings',
  'cassetteAndRings',
  'twoToOne',
  'oneToTwo',
  'derailleur',
  'chain',
  'hub',
  'wheels',
  'shifter',
] as const;
export type SwapKind = (typeof SWAP_KINDS)[number];

/** @param keeps parts that stay on the bike although the new setup describes them otherwise */
export function swapDifference(
  from: Build,
  to: Build,
  chain: ChainPlan,
  keeps: readonly DescribedSlot[] = [],
): SwapDifference {
  const isOther = (slot: Slot) => isOtherPart(slot, from, to);
  const { ringsOff, ringsOn } = ringChanges(from, to);
  const cassette =
    !sameTeeth(from.setup.cogs, to.setup.cogs) || isOther('cassette')
      ? { off: from.setup.cogs, on: to.setup.cogs }
      : undefined;
  const wheels = isOtherWheel(from, to);
  const freehub = !wheels && isOtherBody(from, to);
  const described = (slot: DescribedSlot, contradicts: boolean) => contradicts && !keeps.includes(slot);
  const named = (slot: Slot) => from.partIds?.[slot] !== undefined && from.partIds[slot] === to.partIds?.[slot];
  const otherMark = (slot: DescribedSlot) => from.newParts?.[slot] !== to.newParts?.[slot];
  const differs = (slot: DescribedSlot, contradicts: boolean) =>
    described(slot, !named(slot) && (contradicts || otherMark(slot)));
  const otherRear = differs('rearDerailleur', isOtherDerailleur(from, to));
  const rearDerailleur = isOther('rearDerailleur') || otherRear;
  const otherShifter = differs('shifter', isOtherShifter(from, to));
  const shift = shifterChange(from, to, keeps, isOther('shifter'), otherShifter);
  const secondRing = from.setup.chainrings.length === 1 && to.setup.chainrings.length > 1;
  const newCrank = differs('crank', secondRing);
  const crank = isOther('crank') || newCrank;
  const otherFront = differs('frontDerailleur', isOtherFront(from, to));
  const front = frontOf(from.setup, to.setup, isOther('frontDerailleur') || otherFront);
  const guide = comes(hasGuide(from), hasGuide(to));
  const extender = comes(from.parts.hangerExtenderMm !== undefined, to.parts.hangerExtenderMm !== undefined);
  const hub = comes(from.setup.hubStages.length > 1, to.setup.hubStages.length > 1);
  const difference: Omit<SwapDifference, 'isSame'> = {
    ringsOff,
    ringsOn,
    cassette,
    crank,
    guide,
    extender,
    freehub,
    wheels,
    hub,
    spacerMm: (cassette || freehub || wheels) && !needsOtherBody(to) ? spacerOf(to) : undefined,
    rearDerailleur,
    shifter: shift.shifter,
    asksShifterSpeeds: shift.asks,
    front,
    chain,
    bScrew: bScrewOf(from.setup, to.setup),
    byDescription: [
      ...(otherRear && !isOther('rearDerailleur') ? (['rearDerailleur'] as const) : []),
      ...(otherFront && !isOther('frontDerailleur') && front.kind === 'other' ? (['frontDerailleur'] as const) : []),
      ...(shift.byDescription ? (['shifter'] as const) : []),
      ...(newCrank && !isOther('crank') ? (['crank'] as const) : []),
    ],
  };
  return { ...difference, isSame: isSame(difference) };
}

function isSame(difference: Omit<SwapDifference, 'isSame'>): boolean {
  const { ringsOff, ringsOn, cassette, crank, guide, extender, freehub, wheels, hub } = difference;
  const { rearDerailleur, shifter, front, chain } = difference;
  return (
    ringsOff.length + ringsOn.length === 0 &&
    !cassette &&
    !crank &&
    guide === 'stays' &&
    extender === 'stays' &&
    !freehub &&
    !wheels &&
    hub === 'stays' &&
    !rearDerailleur &&
    shifter === 'stays' &&
    (front.kind === 'none' || front.kind === 'stays') &&
    chain.action === 'leave'
  );
}

/** What a job is called by what it does; the rarer kind takes precedence where several are true. */
export function swapKind(difference: SwapDifference): SwapKind {
  const { front, cassette, ringsOn, ringsOff, rearDerailleur, shifter, chain, hub, wheels, isSame } = difference;
  if (isSame) return 'nothing';
  if (front.kind === 'off') return 'twoToOne';
  if (front.kind === 'on') return 'oneToTwo';
  if (hub !== 'stays') return 'hub';
  const rings = ringsOn.length + ringsOff.length > 0;
  if (cassette) return rings ? 'cassetteAndRings' : 'cassette';
  if (rings) return 'rings';
  if (rearDerailleur) return 'derailleur';
  if (wheels) return 'wheels';
  if (shifter !== 'stays') return 'shifter';
  return chain.action === 'leave' ? 'derailleur' : 'chain';
}

const comes = (before: boolean, after: boolean): Comes => (before === after ? 'stays' : after ? 'on' : 'off');

/** Whether both sides name a part for a place, and not the same. */
function isOtherPart(slot: Slot, { partIds: before = {} }: Build, { partIds: after = {} }: Build): boolean {
  return before[slot] !== undefined && after[slot] !== undefined && before[slot] !== after[slot];
}

function ringChanges(from: Build, to: Build): Pick<SwapDifference, 'ringsOff' | 'ringsOn'> {
  const renewed = (['bigRing', 'smallRing'] as const).flatMap((slot, place) => {
    const ring = from.setup.chainrings[place];
    return ring !== undefined && ring === to.setup.chainrings[place] && isOtherPart(slot, from, to) ? [ring] : [];
  });
  const moved = (rings: readonly number[], others: readonly number[]) =>
    rings.filter((ring) => !others.includes(ring) || renewed.includes(ring));
  return {
    ringsOff: moved(from.setup.chainrings, to.setup.chainrings),
    ringsOn: moved(to.setup.chainrings, from.setup.chainrings),
  };
}

function isOtherFront(from: Build, to: Build): boolean {
  if (from.setup.chainrings.length < 2 || to.setup.chainrings.length < 2) return false;
  return (
    contradicts(from.rearDerailleur.ringDifferenceMaxT, to.rearDerailleur.ringDifferenceMaxT) ||
    contradicts(from.parts.frontBigRingMinT, to.parts.frontBigRingMinT) ||
    contradicts(from.parts.frontBigRingMaxT, to.parts.frontBigRingMaxT)
  );
}

function isOtherWheel(from: Build, to: Build): boolean {
  return from.wheels !== undefined && to.wheels !== undefined && from.wheels.id !== to.wheels.id;
}

/** Body lengths closer than this are the same, mm: a caliper's doubt. */
const BODY_SAME_MM = 0.2;

function isOtherBody(from: Build, to: Build): boolean {
  const [before, after] = [from.freehub.bodyLengthMm, to.freehub.bodyLengthMm];
  const otherLength = before !== undefined && after !== undefined && Math.abs(before - after) > BODY_SAME_MM;
  return needsOtherBody(to) || contradicts(from.freehub.spline, to.freehub.spline) || otherLength;
}

/** Whether the cassette of a side does not go on its freehub body, so that the body is changed with it. */
export function needsOtherBody({ setup, parts, freehub }: Pick<Build, 'setup' | 'parts' | 'freehub'>): boolean {
  const { spline, smallestCogT } = freehub;
  return (
    contradicts(spline, parts.cassetteSpline) || (smallestCogT !== undefined && firstOf(setup.cogs) < smallestCogT)
  );
}

function isOtherShifter(from: Build, to: Build): boolean {
  return (
    contradicts(from.parts.shifterSpeeds, to.parts.shifterSpeeds) ||
    contradicts(from.parts.cablePullMm, to.parts.cablePullMm) ||
    contradicts(from.parts.shifterFamily, to.parts.shifterFamily) ||
    contradicts(from.parts.shifting, to.parts.shifting)
  );
}

/** The shifter stays where its clicks are known to suit; else another is assumed, as a search does. */
function shifterChange(
  from: Build,
  to: Build,
  keeps: readonly DescribedSlot[],
  isOther: boolean,
  isDescribed: boolean,
): { readonly shifter: SwapDifference['shifter']; readonly asks: boolean; readonly byDescription: boolean } {
  if (isOther) return { shifter: 'other', asks: false, byDescription: false };
  if (keeps.includes('shifter')) return { shifter: 'stays', asks: false, byDescription: false };
  if (isDescribed) return { shifter: 'other', asks: false, byDescription: true };
  const cogs = to.setup.cogs.length;
  // An electronic derailleur is set to the number of cogs, if its maker allows that.
  if (from.setup.cogs.length === cogs || isElectronic(from)) {
    return { shifter: 'stays', asks: false, byDescription: false };
  }
  const { shifterSpeeds } = from.parts;
  if (shifterSpeeds === undefined) return { shifter: 'assumed', asks: true, byDescription: true };
  return { shifter: shifterSpeeds === cogs ? 'stays' : 'assumed', asks: false, byDescription: shifterSpeeds !== cogs };
}

/** Whether a guide keeps the chain on; a bike with two rings has none. */
const hasGuide = ({ parts, setup }: Build) =>
  setup.chainrings.length === 1 && (parts.retention?.includes('guide') ?? false);

function frontOf(from: Setup, to: Setup, isOther: boolean): SwapDifference['front'] {
  const [before, after] = [from.chainrings.length > 1, to.chainrings.length > 1];
  if (!before && !after) return { kind: 'none' };
  if (before && !after) return { kind: 'off' };
  if (!before) return { kind: 'on' };
  if (isOther) return { kind: 'other' };
  const byMm = frontHeightChangeMm(firstOf(from.chainrings), firstOf(to.chainrings));
  return byMm === 0 ? { kind: 'stays' } : { kind: 'move', byMm };
}

function bScrewOf(from: Setup, to: Setup): BScrew {
  const [before, after] = [lastOf(from.cogs), lastOf(to.cogs)];
  return after === before ? 'stays' : after > before ? 'in' : 'out';
}

function spacerOf({ freehub, parts }: Build): number | undefined {
  const { bodyLengthMm } = freehub;
  const { cassetteLengthMm } = parts;
  if (bodyLengthMm === undefined || cassetteLengthMm === undefined) return undefined;
  return spacerNeededMm(bodyLengthMm, cassetteLengthMm);
}

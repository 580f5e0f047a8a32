import {
  checkCapacity,
  checkChainSpeeds,
  checkExtender,
  checkFreehub,
  checkFreehubLength,
  checkFrontCage,
  checkHubRatio,
  checkIndexing,
  checkRetention,
  checkRingDifference,
  checkRingRoom,
  checkShifterSpeeds,
  checkSmallestRing,
  chainLinks,
  derailleurMark,
  goesTogether,
  graverKind,
  kindOfCheck,
  trialOf,
  typicalCogPitchMm,
  type Check,
  type DriveParts,
  type FitInput,
  type FitKind,
  type Freehub,
  type LimitsSchool,
} from '../fit';
import { sameTeeth } from '../parts/cassettes';
import { DerailleurOption, type NumberedCassette } from './derailleur-option';
import { PART_KINDS, type PartKind } from './parts';

/** What a search knows of the bike: the setup on it now, how limits are taken, and what is not to be replaced. */
export interface FindBike {
  /** The setup fitted now, with all that is known of its parts; the derailleurs of `others` can be had, with their sheets. */
  readonly present: FitInput;
  readonly school: LimitsSchool;
  readonly keep: readonly PartKind[];
}

/** A setup as it would be built on the bike. */
export interface Build {
  /** Whether it goes together, by the same checks as a setup on the bench. */
  readonly kind: FitKind;
  /** What is bought for it, in the order of the kinds; a kind twice where two are. */
  readonly newParts: readonly PartKind[];
  /** Parts that are to be kept and cannot be. */
  readonly breaches: readonly PartKind[];
  /** Which rear derailleur: 0 the present one, then those that can be had; one past them a new one, its sheet not known. */
  readonly derailleur: number;
  /** What that one costs, where it is known; else what its kind does. */
  readonly derailleurCost: number | undefined;
  readonly chainLinks: number;
  readonly capacityRequiredT: number;
  /** Capacity over what is published, teeth; 0 where it is not, or not known. */
  readonly capacityOverT: number;
}

/** What hangs on the rings alone. */
interface RingPart {
  readonly chainrings: readonly number[];
  readonly kind: FitKind;
  readonly newParts: PartKind[];
  readonly breaches: PartKind[];
  readonly parts: Partial<DriveParts>;
  readonly ringDifferenceMaxT: number | undefined;
}

/** What hangs on the cassette, with one rear derailleur. */
interface CogPart extends NumberedCassette {
  readonly kind: FitKind;
  readonly newParts: PartKind[];
  readonly breaches: PartKind[];
  readonly parts: DriveParts;
  readonly freehub: Freehub;
  readonly widerChain: boolean;
}

/** The narrowest chain that a cassette asks for by its cogs: below nine all chains have one width. */
const chainSpeedsFor = (cogCount: number) => Math.max(8, cogCount);

/** Where the sheet of a present part is missing, that it suits what is on the bike. */
function assumed(present: FitInput): FitInput {
  const { setup, parts = {}, chainstayMm, suspensionGrowthMm } = present;
  const { bigBigPlusTwo } = chainLinks({
    chainrings: setup.chainrings,
    cogs: setup.cogs,
    chainstayMm: chainstayMm + suspensionGrowthMm,
    geometry: undefined,
  });
  return {
    ...present,
    chainLinks: present.chainLinks ?? bigBigPlusTwo,
    parts: {
      ...parts,
      shifterSpeeds: parts.shifterSpeeds ?? setup.cogs.length,
      chainSpeeds: parts.chainSpeeds ?? chainSpeedsFor(setup.cogs.length),
    },
  };
}

/**
 * Builds setups on a bike out of rings and cassettes: which parts stay, which are bought, and whether
 * it goes together. A part is replaced only where it would not go and need not be kept. The checks
 * are those of a fit report (a test holds them together), each asked once for what it hangs on.
 */
export class SetupBuilder {
  private readonly present: FitInput;
  private readonly keep: ReadonlySet<PartKind>;
  private readonly options: readonly DerailleurOption[];
  /** By the very lists that are asked for: a search asks for the same ones again and again. */
  private readonly rings = new Map<readonly number[], RingPart>();
  private readonly cassettes = new Map<readonly number[], readonly CogPart[]>();
  private readonly lengths = new Map<number, number>();

  constructor(private readonly bike: FindBike) {
    this.present = assumed(bike.present);
    this.keep = new Set(bike.keep);
    const { rearDerailleur, others = [] } = this.present;
    const known = [rearDerailleur, ...others.map((other) => other.rearDerailleur)];
    this.options = (this.keep.has('rearDerailleur') ? known.slice(0, 1) : [...known, {}]).map(
      (one, place) => new DerailleurOption(one, this.present, this.otherPartId(place)),
    );
  }

  build(chainrings: readonly number[], cogs: readonly number[]): Build {
    const ring = this.ringPart(chainrings);
    const perOption = this.cogParts(cogs);
    let first: Build | undefined;
    for (const derailleur of perOption.keys()) {
      const build = this.join(ring, perOption[derailleur]!, derailleur);
      if (goesTogether(build.kind)) return build;
      first ??= build;
    }
    return first!;
  }

  /** What a fit report is asked of a build. */
  fitInput(chainrings: readonly number[], cogs: readonly number[], build: Build): FitInput {
    const ring = this.ringPart(chainrings);
    const cassette = this.cogParts(cogs)[build.derailleur]!;
    const { present } = this;
    const { cogPitchMm, ...chainline } = present.chainline ?? {};
    return {
      ...present,
      setup: { chainrings, cogs, hubStages: present.setup.hubStages },
      avoided: undefined,
      chainLinks: build.chainLinks,
      rearDerailleur: {
        ...this.options[build.derailleur]!.rearDerailleur,
        ringDifferenceMaxT: ring.ringDifferenceMaxT,
      },
      parts: {
        ...cassette.parts,
        ...ring.parts,
        chainSpeeds: build.newParts.includes('chain') ? chainSpeedsFor(cogs.length) : cassette.parts.chainSpeeds,
      },
      freehub: cassette.freehub,
      // A cassette of another count has another pitch.
      chainline: cogs.length === present.setup.cogs.length ? { ...chainline, cogPitchMm } : chainline,
    };
  }

  /** The same to be laid on the bench: what was only assumed of a part that stays is left open. */
  toLay(
    chainrings: readonly number[],
    cogs: readonly number[],
    build: Build,
  ): Pick<FitInput, 'rearDerailleur' | 'chainLinks'> & { readonly parts: DriveParts } {
    const { rearDerailleur, parts = {}, chainLinks: links } = this.fitInput(chainrings, cogs, build);
    const said = this.bike.present.parts ?? {};
    const { newParts } = build;
    return {
      rearDerailleur,
      chainLinks: links,
      parts: {
        ...parts,
        shifterSpeeds: newParts.includes('shifter') ? parts.shifterSpeeds : said.shifterSpeeds,
        chainSpeeds: newParts.includes('chain') ? parts.chainSpeeds : said.chainSpeeds,
      },
    };
  }

  private kind(checks: readonly Check[], rear = this.present.rearDerailleur, place = 0): FitKind {
    const { parts = {}, experience, derailleurPartIds } = this.present;
    const partIds = place === 0 ? derailleurPartIds : { ...derailleurPartIds, rearDerailleur: this.otherPartId(place) };
    const facts = {
      ridden: [],
      experience,
      derailleur: derailleurMark(rear, parts, partIds),
      hangerExtenderMm: parts.hangerExtenderMm,
    };
    return checks
      .map((check) => kindOfCheck(check, trialOf(check, facts), this.bike.school))
      .reduce(graverKind, 'goes' as FitKind);
  }

  /** The part in stock that the derailleur at this place among those that can be had is. */
  private otherPartId(place: number): string | undefined {
    return this.present.others?.[place - 1]?.partId;
  }

  private ringPart(chainrings: readonly number[]): RingPart {
    const known = this.rings.get(chainrings);
    if (known) return known;
    const { present, keep } = this;
    const { setup, rearDerailleur, ringRoom = {} } = present;
    const parts = present.parts ?? {};
    const shape = { chainrings, cogs: setup.cogs, hubStages: setup.hubStages };
    const secondRing = chainrings.length > 1 && setup.chainrings.length === 1;
    const breaches: PartKind[] = [];
    const newParts: PartKind[] = [];
    const newRings = chainrings.filter((ring) => !setup.chainrings.includes(ring));

    const tooSmall = !goesTogether(this.kind([checkSmallestRing(shape, parts)]));
    const newCrank = secondRing || (tooSmall && !keep.has('crank'));
    if (newCrank) newParts.push('crank');
    else newParts.push(...newRings.map((): PartKind => 'ring'));
    if (secondRing && keep.has('crank')) breaches.push('crank');
    if (newRings.length > 0 && keep.has('ring')) breaches.push('ring');

    const tooFar = !goesTogether(this.kind([checkRingDifference(shape, rearDerailleur)]));
    const newFront = secondRing || (chainrings.length > 1 && tooFar && !keep.has('frontDerailleur'));
    if (newFront) newParts.push('frontDerailleur');
    if (secondRing && keep.has('frontDerailleur')) breaches.push('frontDerailleur');

    const changes: Partial<DriveParts> = {
      ...(newCrank && { smallestRingT: undefined, boltCircleMm: undefined }),
      ...(newFront && { frontBigRingMinT: undefined, frontBigRingMaxT: undefined }),
    };
    const ringDifferenceMaxT = newFront ? undefined : rearDerailleur.ringDifferenceMaxT;
    const all = { ...parts, ...changes };
    const kind = this.kind([
      checkRingDifference(shape, { ringDifferenceMaxT }),
      checkFrontCage(shape, all, undefined),
      checkSmallestRing(shape, all),
      checkRingRoom(shape, ringRoom),
      checkRetention(shape, all),
    ]);
    const part = { chainrings, kind, newParts, breaches, parts: changes, ringDifferenceMaxT };
    this.rings.set(chainrings, part);
    return part;
  }

  private cogParts(cogs: readonly number[]): readonly CogPart[] {
    const known = this.cassettes.get(cogs);
    if (known) return known;
    const parts = this.options.map((option, place) => this.cogPart(cogs, this.cassettes.size, option, place));
    this.cassettes.set(cogs, parts);
    return parts;
  }

  private cogPart(cogs: readonly number[], id: number, { rearDerailleur }: DerailleurOption, place: number): CogPart {
    const { present, keep } = this;
    const same = sameTeeth(cogs, present.setup.cogs);
    const bodyNow = present.freehub ?? {};
    const newParts: PartKind[] = [];
    const breaches: PartKind[] = [];
    let parts: DriveParts = { ...present.parts, ...(place > 0 && { derailleurFamily: undefined }) };
    let freehub = bodyNow;
    if (!same) {
      newParts.push('cassette');
      if (keep.has('cassette')) breaches.push('cassette');
      // It is bought for the splines that are there; how long it is its sheet tells.
      parts = { ...parts, cassetteSpline: bodyNow.spline, cassetteLengthMm: undefined, spacerMm: undefined };
    }
    const hub = () => this.kind([checkFreehub(cogs[0]!, freehub, parts), checkFreehubLength(freehub, parts)]);
    const tooSmall = !same && bodyNow.smallestCogT !== undefined && cogs[0]! < bodyNow.smallestCogT;
    if (tooSmall && keep.has('freehub')) breaches.push('freehub');
    const slidesOn = goesTogether(this.kind([checkFreehub(cogs[0]!, freehub, parts)]));
    if ((tooSmall || !slidesOn) && !keep.has('freehub')) {
      newParts.push('freehub');
      freehub = {};
      parts = { ...parts, cassetteSpline: same ? parts.cassetteSpline : undefined };
    }

    const count = cogs.length;
    const pitchMm =
      count === present.setup.cogs.length
        ? (present.chainline?.cogPitchMm ?? typicalCogPitchMm(count))
        : typicalCogPitchMm(count);
    const shifting = () => [
      checkIndexing({ cogCount: count, pitchMm, parts, rearDerailleur }),
      checkShifterSpeeds(count, parts, rearDerailleur),
    ];
    if (!goesTogether(this.kind(shifting())) && !keep.has('shifter')) {
      newParts.push('shifter');
      parts = { ...parts, shifterSpeeds: count, cablePullMm: undefined, shifterFamily: undefined };
    }
    const cogChecks = checkCapacity({ setup: { ...present.setup, cogs }, rearDerailleur }).filter(
      ({ id }) => id !== 'totalCapacity',
    );
    const kind = graverKind(
      hub(),
      this.kind(
        [...cogChecks, checkExtender(cogs.at(-1)!, rearDerailleur, parts), ...shifting()],
        rearDerailleur,
        place,
      ),
    );
    const widerChain = !goesTogether(this.kind([checkChainSpeeds(count, parts)]));
    newParts.sort((a, b) => PART_KINDS.indexOf(a) - PART_KINDS.indexOf(b));
    return { cogs, id, kind, newParts, breaches, parts, freehub, widerChain };
  }

  private join(ring: RingPart, cassette: CogPart, place: number): Build {
    const { present, keep } = this;
    const { chainrings } = ring;
    const { cogs } = cassette;
    const option = this.options[place]!;
    const links = this.linksFor(chainrings[0]!, cogs.at(-1)!);
    const { hubStages } = present.setup;
    // Gears that are left out of what is on the bike say nothing of another combination: all of them count here.
    const capacityRequiredT = chainrings[0]! - chainrings.at(-1)! + cogs.at(-1)! - cogs[0]!;
    const { totalCapacityT } = option.rearDerailleur;
    const capacityOverT = totalCapacityT === undefined ? 0 : Math.max(0, capacityRequiredT - totalCapacityT);

    let kind = graverKind(ring.kind, cassette.kind);
    if (totalCapacityT === undefined) kind = graverKind(kind, 'open');
    kind = graverKind(kind, option.cageKind(chainrings, cassette, links, capacityOverT, this.bike.school));
    if (hubStages.length > 1) {
      kind = graverKind(kind, this.kind(checkHubRatio({ chainrings, cogs, hubStages }, cassette.parts)));
    }

    const newChain = cassette.widerChain || links > present.chainLinks!;
    const newParts = ring.newParts.concat(cassette.newParts);
    if (newChain) newParts.push('chain');
    if (place > 0) newParts.push('rearDerailleur');
    const breaches = ring.breaches.concat(cassette.breaches);
    if (newChain && keep.has('chain')) breaches.push('chain');
    const derailleurCost = present.others?.[place - 1]?.cost;
    return {
      kind,
      newParts,
      breaches,
      derailleur: place,
      derailleurCost,
      chainLinks: links,
      capacityRequiredT,
      capacityOverT,
    };
  }

  private linksFor(bigRing: number, largestCog: number): number {
    const key = bigRing * 100 + largestCog;
    const known = this.lengths.get(key);
    if (known !== undefined) return known;
    const { chainstayMm, suspensionGrowthMm } = this.present;
    const links = chainLinks({
      chainrings: [bigRing],
      cogs: [largestCog],
      chainstayMm: chainstayMm + suspensionGrowthMm,
      geometry: undefined,
    }).bigBigPlusTwo;
    this.lengths.set(key, links);
    return links;
  }
}

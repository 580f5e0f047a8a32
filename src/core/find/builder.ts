import {
  checkCapacity,
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
  directPitches,
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
  type LimitsPolicy,
  type Retention,
} from '../fit';
import {
  DESCRIBED_SLOTS,
  chainOfMove,
  inStockFor,
  partsOfMove,
  type ChainWindow,
  type DescribedSlot,
  type NewParts,
  type PartOfMove,
  type Purchase,
  type StockCandidate,
  type StockPart,
  type StockedBuild,
} from '../job';
import { isUncommonCount, sameTeeth } from '../catalog/cassettes';
import { isUncommon } from '../catalog/rings';
import { DEFAULT_PRICES, PART_KINDS, type PartKind, type Prices } from '../catalog/price-list';
import type { FrontRoom } from './front-room';
import { DerailleurOption, type NumberedCassette } from './derailleur-option';
import { firstOf, itemAt, lastOf, definite } from '../items';

/** The bike in a search: its present setup, the approach to limits, and parts to keep. */
export interface FindBike {
  /** The setup on the bike, with all known data of its parts; the derailleurs of `others` are available, with their specs. */
  readonly present: FitInput;
  readonly school: LimitsPolicy;
  readonly keep: readonly PartKind[];
  /** Whether the frame takes a front derailleur; not known where it is absent. */
  readonly frontRoom?: FrontRoom['room'] | undefined;
  /** What is in stock; without it everything that is not on the bike is bought. */
  readonly stock?: FindStock | undefined;
}

/** Parts in stock, as a job card sees them. */
export interface FindStock {
  /** The setup that is on the bike. */
  readonly present: StockedBuild;
  readonly candidates: readonly StockCandidate[];
  /** The derailleurs among `others` that are parts in stock, by id. */
  readonly derailleurs: Readonly<Record<string, StockPart>>;
}

/** Unknowns that prevent a verdict: the published limits of the derailleur, room for a front one. */
export type Doubt = 'derailleurLimits' | 'frontRoom';

/** A setup as it would be built on the bike. */
export interface Build {
  /** Compatibility, by the same checks as for a setup in the workspace. */
  readonly kind: FitKind;
  /** Why it only may be compatible; empty where nothing that decides it is unknown. */
  readonly doubts: readonly Doubt[];
  /** Whether a ring or cassette is bought that not every shop has. */
  readonly lessCommon: boolean;
  /** Parts that are others than those on the bike, in the order of the kinds; a kind twice where two are. */
  readonly newParts: readonly PartKind[];
  /** Parts to buy, as on the job card. */
  readonly buy: readonly Purchase[];
  /** Of what is bought, in the own currency, to compare builds by: see `PartOfMove`. */
  readonly cost: number;
  /** What the bike gains in weight, g, as far as the parts that move have weights or estimates. */
  readonly massChangeG: number;
  /** Parts that are to be kept and cannot be. */
  readonly breaches: readonly PartKind[];
  /** Which rear derailleur: 0 the present one, then those that can be had; one past them a new one, its sheet not known. */
  readonly derailleur: number;
  readonly chainLinks: number;
  readonly capacityRequiredT: number;
  /** Capacity over what is published, teeth; 0 where it is not, or not known. */
  readonly capacityOverT: number;
}

/** Results that depend on the rings only. */
interface RingPart {
  readonly chainrings: readonly number[];
  readonly kind: FitKind;
  readonly newParts: PartKind[];
  readonly breaches: PartKind[];
  /** Whether it adds a front derailleur to a frame whose mount is unknown. */
  readonly frontInDoubt: boolean;
  readonly parts: Partial<DriveParts>;
  readonly ringDifferenceMaxT: number | undefined;
  readonly move: PartOfMove;
}

/** Results that depend on the cassette and one rear derailleur. */
interface CogPart extends NumberedCassette {
  readonly kind: FitKind;
  readonly newParts: PartKind[];
  readonly breaches: PartKind[];
  readonly parts: DriveParts;
  readonly freehub: Freehub;
  /** The setup with the rings that are on the bike. */
  readonly built: StockedBuild;
  readonly move: PartOfMove;
  readonly chains: Map<number, ChainPart>;
}

interface ChainPart {
  readonly move: PartOfMove;
  readonly isNew: boolean;
}

/** Whether a setup goes together, and with which derailleur. */
type Checked = Pick<Build, 'kind' | 'derailleur' | 'chainLinks' | 'capacityRequiredT' | 'capacityOverT'>;

/** The chain speeds for a cassette by its cogs: below nine all chains have one width. */
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

/** A bike of which no part is known to the stock. */
function withoutStock({ setup, rearDerailleur, parts = {}, freehub = {}, chainLinks: links }: FitInput): StockedBuild {
  return { setup, rearDerailleur, parts, freehub, chainLinks: links, stock: {} };
}

/** Cache by whether the derailleur's limits and the room for a front derailleur are unknown. */
const DOUBTS = {
  limitsKnown: { sure: [], frontInDoubt: ['frontRoom'] },
  limitsUnknown: { sure: ['derailleurLimits'], frontInDoubt: ['derailleurLimits', 'frontRoom'] },
} as const satisfies Readonly<Record<string, Readonly<Record<string, readonly Doubt[]>>>>;

/** Whether something beside the ring's teeth holds the chain. */
const holdsChain = ({ retention = [] }: DriveParts) => retention.includes('clutch') || retention.includes('guide');

const withRetention = ({ retention = [] }: DriveParts, one: Retention): readonly Retention[] => [
  ...retention.filter((other) => other !== one),
  one,
];

/** Mark of a new part, for identity checks only. */
const NEW_PART = 'new';

/**
 * Builds setups on a bike out of rings and cassettes: which parts stay, which are bought, and whether
 * it goes together. A part is replaced only where it would not go and need not be kept. The checks
 * are those of a fit report (a test compares them), each evaluated once per distinct input.
 */
export class SetupBuilder {
  private readonly present: FitInput;
  private readonly keep: ReadonlySet<PartKind>;
  private readonly options: readonly DerailleurOption[];
  /** Cache by list identity: a search uses the same lists again and again. */
  private readonly rings = new Map<readonly number[], RingPart>();
  private readonly cassettes = new Map<readonly number[], readonly CogPart[]>();
  private readonly lengths = new Map<number, ChainWindow>();
  private readonly stock: FindStock;

  constructor(
    private readonly bike: FindBike,
    private readonly prices: Prices = DEFAULT_PRICES,
  ) {
    this.present = assumed(bike.present);
    this.stock = bike.stock ?? { present: withoutStock(bike.present), candidates: [], derailleurs: {} };
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
    let chosen: Checked | undefined;
    for (const derailleur of perOption.keys()) {
      const checked = this.check(ring, itemAt(perOption, derailleur), derailleur);
      if (goesTogether(checked.kind)) {
        chosen = checked;
        break;
      }
      chosen ??= checked;
    }
    return this.join(ring, itemAt(perOption, definite(chosen).derailleur), definite(chosen));
  }

  /** Input of the fit report of a build. */
  fitInput(chainrings: readonly number[], cogs: readonly number[], build: Build): FitInput {
    const ring = this.ringPart(chainrings);
    const cassette = itemAt(this.cogParts(cogs), build.derailleur);
    const { present } = this;
    const { cogPitchMm, ...chainline } = present.chainline ?? {};
    return {
      ...present,
      setup: { chainrings, cogs, hubStages: present.setup.hubStages },
      avoided: undefined,
      chainLinks: build.chainLinks,
      rearDerailleur: {
        ...itemAt(this.options, build.derailleur).rearDerailleur,
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

  /** The same as a setup for the workspace: assumed data of parts that stay are left open. */
  toLay(
    chainrings: readonly number[],
    cogs: readonly number[],
    build: Build,
  ): Pick<FitInput, 'rearDerailleur' | 'chainLinks'> & {
    readonly parts: DriveParts;
    /** Parts that differ from those on the bike, even if no known datum differs. */
    readonly others: readonly DescribedSlot[];
    /** The derailleur in stock that it takes. */
    readonly derailleurId: string | undefined;
  } {
    const { rearDerailleur, parts = {}, chainLinks: links } = this.fitInput(chainrings, cogs, build);
    const { newParts } = build;
    const { chainSpeeds } = this.bike.present.parts ?? {};
    return {
      rearDerailleur,
      chainLinks: links,
      parts: {
        ...this.said(parts, newParts),
        chainSpeeds: newParts.includes('chain') ? parts.chainSpeeds : chainSpeeds,
      },
      others: DESCRIBED_SLOTS.filter((part) => newParts.includes(part)),
      derailleurId: this.otherPartId(build.derailleur),
    };
  }

  /** The parts without what was only assumed of a shifter that stays. */
  private said(parts: DriveParts, newParts: readonly PartKind[]): DriveParts {
    return newParts.includes('shifter') ? parts : { ...parts, shifterSpeeds: this.bike.present.parts?.shifterSpeeds };
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
      .reduce<FitKind>(graverKind, 'goes');
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
    const isPairTo1x = chainrings.length === 1 && setup.chainrings.length > 1;
    const newRings = chainrings.filter((ring) => !setup.chainrings.includes(ring));
    // A ring of a pair is made for chains to leave it: alone it needs something that holds the chain.
    const needsGuide = isPairTo1x && newRings.length === 0 && !holdsChain(parts);

    const tooSmall = !goesTogether(this.kind([checkSmallestRing(shape, parts)]));
    const newCrank = secondRing || (tooSmall && !keep.has('crank'));
    if (newCrank) newParts.push('crank');
    else newParts.push(...newRings.map((): PartKind => 'ring'));
    if (secondRing && keep.has('crank')) breaches.push('crank');
    if (newRings.length > 0 && keep.has('ring')) breaches.push('ring');

    const tooFar = !goesTogether(this.kind([checkRingDifference(shape, rearDerailleur)]));
    if (needsGuide) (keep.has('guide') ? breaches : newParts).push('guide');
    const newFront = secondRing || (chainrings.length > 1 && tooFar && !keep.has('frontDerailleur'));
    if (newFront) newParts.push('frontDerailleur');
    if (secondRing && keep.has('frontDerailleur')) breaches.push('frontDerailleur');

    const changes: Partial<DriveParts> = {
      ...(newCrank && { smallestRingT: undefined, boltCircleMm: undefined }),
      ...(newFront && { frontBigRingMinT: undefined, frontBigRingMaxT: undefined }),
      ...(needsGuide && { retention: withRetention(parts, 'guide') }),
      // A single ring is bought with teeth that hold the chain.
      ...(chainrings.length === 1 && newRings.length > 0 && { retention: withRetention(parts, 'narrowWide') }),
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
    const built = this.stocked({
      setup: shape,
      rearDerailleur: { ...rearDerailleur, ringDifferenceMaxT },
      parts: this.said(all, newParts),
      newParts,
    });
    const move = partsOfMove(this.stock.present, built, this.prices).front;
    const frontInDoubt = secondRing && (this.bike.frontRoom ?? 'notKnown') === 'notKnown';
    const part = { chainrings, kind, newParts, breaches, frontInDoubt, parts: changes, ringDifferenceMaxT, move };
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
      // Bought for the present splines; its length is published.
      parts = { ...parts, cassetteSpline: bodyNow.spline, cassetteLengthMm: undefined, spacerMm: undefined };
    }
    const hub = () => this.kind([checkFreehub(firstOf(cogs), freehub, parts), checkFreehubLength(freehub, parts)]);
    const tooSmall = !same && bodyNow.smallestCogT !== undefined && firstOf(cogs) < bodyNow.smallestCogT;
    if (tooSmall && keep.has('freehub')) breaches.push('freehub');
    const slidesOn = goesTogether(this.kind([checkFreehub(firstOf(cogs), freehub, parts)]));
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
    // As a job card takes it: clicks for another count of cogs are clicks of another length.
    const otherClicks = parts.shifting !== 'electronic' && parts.shifterSpeeds !== count;
    if ((otherClicks || !goesTogether(this.kind(shifting()))) && !keep.has('shifter')) {
      newParts.push('shifter');
      parts = { ...parts, shifterSpeeds: count, cablePullMm: undefined, shifterFamily: undefined };
    }
    const cogChecks = checkCapacity({ setup: { ...present.setup, cogs }, rearDerailleur }).filter(
      ({ id }) => id !== 'totalCapacity',
    );
    const kind = graverKind(
      hub(),
      this.kind(
        [...cogChecks, checkExtender(lastOf(cogs), rearDerailleur, parts), ...shifting()],
        rearDerailleur,
        place,
      ),
    );
    newParts.sort((a, b) => PART_KINDS.indexOf(a) - PART_KINDS.indexOf(b));
    if (place > 0) newParts.push('rearDerailleur');
    const built = this.stocked(
      {
        setup: { ...present.setup, cogs },
        rearDerailleur: { ...rearDerailleur, ringDifferenceMaxT: present.rearDerailleur.ringDifferenceMaxT },
        parts: this.said(parts, newParts),
        newParts,
      },
      this.otherPartId(place),
    );
    const move = partsOfMove(this.stock.present, built, this.prices).rear;
    return { cogs, id, kind, newParts, breaches, parts, freehub, built, move, chains: new Map() };
  }

  /** A setup as a job card sees it, with what is in stock for it. @param derailleurId of the one in stock that was chosen */
  private stocked(
    built: Pick<StockedBuild, 'setup' | 'rearDerailleur' | 'parts'> & { readonly newParts: readonly PartKind[] },
    derailleurId?: string,
  ): StockedBuild {
    const { present, candidates, derailleurs } = this.stock;
    const { setup, rearDerailleur, parts } = built;
    const chosen = derailleurId === undefined ? undefined : derailleurs[derailleurId];
    const marked = DESCRIBED_SLOTS.filter((part) => built.newParts.includes(part));
    const newParts: NewParts = { ...present.newParts, ...Object.fromEntries(marked.map((part) => [part, NEW_PART])) };
    const found = inStockFor(
      { ...setup, rearDerailleur, parts },
      candidates,
      new Set(chosen ? ['rearDerailleur'] : []),
    );
    return {
      setup,
      rearDerailleur,
      parts,
      freehub: present.freehub,
      chainLinks: undefined,
      newParts,
      ...(chosen && derailleurId !== undefined && { partIds: { rearDerailleur: derailleurId } }),
      stock: { ...Object.fromEntries(found), ...(chosen && { rearDerailleur: chosen }) },
    };
  }

  /** Whether rings and cassette go together with the rear derailleur at this place. */
  private check(ring: RingPart, cassette: CogPart, place: number): Checked {
    const { present } = this;
    const { chainrings } = ring;
    const { cogs } = cassette;
    const option = itemAt(this.options, place);
    const { minLinks } = this.leastFor(firstOf(chainrings), lastOf(cogs));
    const { hubStages } = present.setup;
    // Excluded gears of the present combination do not apply to another: all gears count here.
    const capacityRequiredT = firstOf(chainrings) - lastOf(chainrings) + lastOf(cogs) - firstOf(cogs);
    const { totalCapacityT } = option.rearDerailleur;
    const capacityOverT = totalCapacityT === undefined ? 0 : Math.max(0, capacityRequiredT - totalCapacityT);

    let kind = graverKind(ring.kind, cassette.kind);
    if (totalCapacityT === undefined) kind = graverKind(kind, 'open');
    kind = graverKind(kind, option.cageKind(chainrings, cassette, minLinks, capacityOverT, this.bike.school));
    if (hubStages.length > 1) {
      kind = graverKind(kind, this.kind(checkHubRatio({ chainrings, cogs, hubStages }, cassette.parts)));
    }
    return { kind, derailleur: place, chainLinks: minLinks, capacityRequiredT, capacityOverT };
  }

  private join(ring: RingPart, cassette: CogPart, checked: Checked): Build {
    const chain = this.chainFor(ring, cassette, checked.derailleur);
    const { kind, derailleur, chainLinks: links, capacityRequiredT, capacityOverT } = checked;
    const newParts = ring.newParts.concat(cassette.newParts);
    const breaches = ring.breaches.concat(cassette.breaches);
    if (chain.isNew) {
      newParts.push('chain');
      if (this.keep.has('chain')) breaches.push('chain');
    }
    const [front, rear] = [ring.move, cassette.move];
    const { totalCapacityT, largestCogMaxT } = itemAt(this.options, derailleur).rearDerailleur;
    const limitsKnown = totalCapacityT !== undefined && largestCogMaxT !== undefined;
    return {
      kind,
      lessCommon: this.isLessCommon(ring.chainrings, cassette.cogs),
      doubts: DOUBTS[limitsKnown ? 'limitsKnown' : 'limitsUnknown'][ring.frontInDoubt ? 'frontInDoubt' : 'sure'],
      newParts,
      buy: front.buy.concat(rear.buy, chain.move.buy),
      cost: front.cost + rear.cost + chain.move.cost,
      massChangeG: front.massChangeG + rear.massChangeG + chain.move.massChangeG,
      breaches,
      derailleur,
      chainLinks: links,
      capacityRequiredT,
      capacityOverT,
    };
  }

  /** Whether it takes a ring or a cassette that not every shop has; what is on the bike need not be bought. */
  private isLessCommon(chainrings: readonly number[], cogs: readonly number[]): boolean {
    const { setup } = this.present;
    const isThere = chainrings.every((ring) => setup.chainrings.includes(ring));
    return (isUncommon(chainrings) && !isThere) || (isUncommonCount(cogs.length) && cogs.length !== setup.cogs.length);
  }

  /** Decides what happens to the chain, from the cassette, the links needed and whether the present chain is slack. */
  private chainFor({ chainrings }: RingPart, cassette: CogPart, place: number): ChainPart {
    const { present } = this;
    const least = this.leastFor(firstOf(chainrings), lastOf(cassette.cogs));
    // Slack is checked only for a chain that is longer than needed.
    const maxLinks =
      definite(present.chainLinks) > least.minLinks
        ? itemAt(this.options, place).mostLinks(chainrings, cassette)
        : undefined;
    const isSlack = maxLinks !== undefined && maxLinks < definite(present.chainLinks);
    const key = isSlack ? -least.minLinks : least.minLinks;
    const known = cassette.chains.get(key);
    if (known) return known;
    const own = { ...least, maxLinks };
    const old = () => this.leastFor(firstOf(present.setup.chainrings), lastOf(present.setup.cogs));
    const { plan, ...move } = chainOfMove(this.stock.present, cassette.built, { own, old }, this.prices);
    const chain: ChainPart = { move, isNew: plan.action === 'newChain' || plan.action === 'ask' };
    cassette.chains.set(key, chain);
    return chain;
  }

  /** Minimum links of a setup; the maximum depends on the cage. */
  private leastFor(bigRing: number, largestCog: number): ChainWindow {
    const key = bigRing * 100 + largestCog;
    const known = this.lengths.get(key);
    if (known !== undefined) return known;
    const { chainstayMm, suspensionGrowthMm } = this.present;
    const longestMm = chainstayMm + suspensionGrowthMm;
    const { bigBigPlusTwo } = chainLinks({
      chainrings: [bigRing],
      cogs: [largestCog],
      chainstayMm: longestMm,
      geometry: undefined,
    });
    const least: ChainWindow = {
      minLinks: bigBigPlusTwo,
      maxLinks: undefined,
      directPitches: directPitches(bigRing, largestCog, longestMm),
    };
    this.lengths.set(key, least);
    return least;
  }
}

import {
  CageReach,
  PITCH_MM,
  geometryOf,
  derailleurMark,
  tallyOf,
  tautLengthMm,
  type DriveGeometry,
  type DerailleurMark,
  type Experience,
  type FitInput,
  type FitKind,
  type LimitsPolicy,
  type RearDerailleur,
} from '../fit';
import { evenDown } from '../numbers';
import { firstOf, itemAt, lastOf, definite } from '../items';

/** A cassette, with a number of its own for what is remembered of it. */
export interface NumberedCassette {
  readonly cogs: readonly number[];
  readonly id: number;
}

/** A rear derailleur that a search may use, with the reach of its cage in each gear, computed on demand and cached. */
export class DerailleurOption {
  private readonly geometry: DriveGeometry | undefined;
  private readonly experience: readonly Experience[];
  private readonly mark: DerailleurMark;
  private readonly gears = new Map<number, CageReach>();
  /** Chain length bounds, in links, over a ring’s allowed gears: longer leaves a gear slack, shorter does not reach. */
  private readonly tautTo = new Map<number, number>();
  private readonly holdsFrom = new Map<number, number>();
  /** The same in mm of chain, as on a job card. */
  private readonly tautToMm = new Map<number, number>();

  constructor(
    readonly rearDerailleur: RearDerailleur,
    bike: FitInput,
    partId: string | undefined,
  ) {
    this.geometry = geometryOf({ ...bike, rearDerailleur });
    this.mark = derailleurMark(rearDerailleur, bike.parts ?? {}, {
      ...bike.derailleurPartIds,
      ...(partId !== undefined && { rearDerailleur: partId }),
    });
    this.experience = bike.experience ?? [];
  }

  /** Judges a setup with a chain of the right length by the cage's geometry. */
  cageKind(
    chainrings: readonly number[],
    cassette: NumberedCassette,
    links: number,
    capacityOverT: number,
    school: LimitsPolicy,
  ): FitKind {
    const overCapacity = capacityOverT > 0;
    if (!this.geometry) {
      if (!overCapacity) return 'goes';
      // Without geometry only the log can reject.
      const { worked, reverted } = tallyOf('totalCapacity', capacityOverT, this.experience, this.mark).own;
      return school === 'sheet' || reverted > worked ? 'doesNot' : 'goesWithChecks';
    }
    if (this.gear(firstOf(chainrings), lastOf(cassette.cogs)).state(links) === 'tooShort') return 'cannotWork';
    for (let row = 0; row < chainrings.length; row += 1) {
      if (links > this.tautUpTo(itemAt(chainrings, row), row, cassette)) return 'doesNot';
    }
    if (!overCapacity) return 'goes';
    if (school === 'sheet') return 'doesNot';
    return chainrings.every((ring, row) => links >= this.heldFrom(ring, row, cassette)) ? 'goesWithChecks' : 'doesNot';
  }

  /** Maximum links that are taut in every gear, even; undefined if the cage or a path is unknown. */
  mostLinks(chainrings: readonly number[], cassette: NumberedCassette): number | undefined {
    const { geometry } = this;
    if (!geometry) return undefined;
    let leastMm = Infinity;
    for (let row = 0; row < chainrings.length; row += 1) {
      const ring = itemAt(chainrings, row);
      const negativeMm = (cog: number) => -(tautLengthMm(ring, cog, geometry) ?? -Infinity);
      leastMm = Math.min(leastMm, -this.mostOverRow(this.tautToMm, ring, row, cassette, negativeMm));
    }
    return leastMm === -Infinity ? undefined : evenDown(leastMm / PITCH_MM);
  }

  private tautUpTo(ring: number, row: number, cassette: NumberedCassette): number {
    return -this.mostOverRow(this.tautTo, ring, row, cassette, (cog) => -this.gear(ring, cog).mostLinks());
  }

  private heldFrom(ring: number, row: number, cassette: NumberedCassette): number {
    return this.mostOverRow(this.holdsFrom, ring, row, cassette, (cog) => this.gear(ring, cog).fewestLinks());
  }

  /** The most of something over the gears of one ring, by its place. */
  private mostOverRow(
    known: Map<number, number>,
    ring: number,
    row: number,
    { cogs, id }: NumberedCassette,
    of: (cog: number) => number,
  ): number {
    const key = (id * 100 + ring) * 2 + row;
    let most = known.get(key);
    if (most !== undefined) return most;
    most = -Infinity;
    for (let cog = 0; cog < cogs.length; cog += 1) {
      most = Math.max(most, of(itemAt(cogs, cog)));
    }
    known.set(key, most);
    return most;
  }

  private gear(ring: number, cog: number): CageReach {
    const key = ring * 100 + cog;
    let gear = this.gears.get(key);
    if (!gear) {
      gear = new CageReach(ring, cog, definite(this.geometry));
      this.gears.set(key, gear);
    }
    return gear;
  }
}

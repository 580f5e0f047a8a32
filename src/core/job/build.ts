import type { DriveParts, Freehub, GearIndex, RearDerailleur } from '../fit';
import type { Setup } from '../gears';
import type { Slot } from '../parts';

/** Parts that count as different if their description differs, unless the user says otherwise. */
export const DESCRIBED_SLOTS = ['rearDerailleur', 'frontDerailleur', 'shifter', 'crank'] as const;
export type DescribedSlot = (typeof DESCRIBED_SLOTS)[number];

/** Marks of parts planned as new before their data are known: setups with the same mark share the part. */
export type NewParts = Readonly<Partial<Record<DescribedSlot, string>>>;

/** A setup with its parts, as far as a job card needs them. What is not known is undefined, never guessed. */
export interface Build {
  readonly setup: Setup;
  readonly rearDerailleur: RearDerailleur;
  readonly parts: DriveParts;
  readonly freehub: Freehub;
  /** Links of the chain, counted: of the one on the bike, or of the one that is planned. */
  readonly chainLinks: number | undefined;
  /** Places of the gears that are left out of just this combination of rings, cassette and derailleur. */
  readonly leftOut?: readonly GearIndex[] | undefined;
  /** Which parts in stock it has; a cassette with the same teeth may be another one. */
  readonly partIds?: Readonly<Partial<Record<Slot, string>>> | undefined;
  /** Parts that differ from the bike's first ones, each with its own mark, even without data. */
  readonly newParts?: NewParts | undefined;
  /** Which wheels it runs on. */
  readonly wheels?: { readonly id: string; readonly name: string } | undefined;
}

/** A part as known from stock. */
export interface StockPart {
  readonly id?: string | undefined;
  readonly name: string;
  readonly massG?: number | undefined;
  readonly price?: number | undefined;
  /** ISO 4217; the rider's own currency where it is absent. */
  readonly currency?: string | undefined;
  /** Whether the bike can have it without buying. */
  readonly inStock: boolean;
  /** Links of a chain in stock. */
  readonly chainLinks?: number | undefined;
  /** Of a crank: whether it was weighed with its rings. */
  readonly withRings?: boolean | undefined;
}

/** A build with what is in stock for it, and what its whole setup weighs and costs where that is known. */
export interface StockedBuild extends Build {
  readonly stock: Readonly<Partial<Record<Slot | 'freehub', StockPart>>>;
  /** g, all parts together. */
  readonly massG?: number | undefined;
  /** What is to be bought for it, in the rider's currency. */
  readonly cost?: number | undefined;
}

/** Whether gears are shifted by motor: no cable, but a battery, pairing and a taught number of cogs. */
export const isElectronic = ({ parts }: Pick<Build, 'parts'>): boolean => parts.shifting === 'electronic';

/** Teeth of the gears at these places, such as 32/11. */
export function pairsAt({ chainrings, cogs }: Setup, places: readonly GearIndex[]): GearPair[] {
  return places.flatMap(({ ring, cog }) => {
    const [chainring, sprocket] = [chainrings[ring], cogs[cog]];
    return chainring === undefined || sprocket === undefined ? [] : [{ chainring, cog: sprocket }];
  });
}

/** A gear by its teeth. */
export interface GearPair {
  readonly chainring: number;
  readonly cog: number;
}

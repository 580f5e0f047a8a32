import type { Setup } from '../gears';
import { GENERIC_CASSETTES } from '../catalog/cassettes';
import { message, type Message } from '../message';
import { requiredCapacityT, type GearIndex } from './allowed';
import type { RearDerailleur } from './rear-derailleur';
import { checkTeeth, type Check, type Fix } from './verdict';
import { firstOf, lastOf } from '../items';

/** An available rear derailleur. */
export interface OtherDerailleur {
  /** Such as "of Two rings, closer". */
  readonly name: string;
  readonly rearDerailleur: RearDerailleur;
  /** Id of the part in stock, if any. */
  readonly partId?: string | undefined;
  /** What it costs, in the rider's money; undefined where it is not known. */
  readonly cost?: number | undefined;
}

interface CapacityInput {
  readonly setup: Setup;
  readonly rearDerailleur: RearDerailleur;
  readonly avoided?: readonly GearIndex[] | undefined;
  readonly others?: readonly OtherDerailleur[] | undefined;
  /** Cage length that keeps the chain taut in every allowed gear, mm, if known. */
  readonly cageForMm?: number | undefined;
}

/** Checks a setup against a rear derailleur's published limits: capacity, then cog sizes. */
export function checkCapacity(input: CapacityInput): Check[] {
  const { setup, rearDerailleur, avoided = [] } = input;
  const largest = Math.max(...setup.cogs);
  const smallest = Math.min(...setup.cogs);
  const { totalCapacityT, largestCogMaxT, largestCogMinT, smallestCogMinT } = rearDerailleur;
  const required = requiredCapacityT(setup, avoided);
  const whole = requiredCapacityT(setup);
  return [
    checkTeeth('totalCapacity', required, totalCapacityT, 'most', {
      what:
        whole === required
          ? message('fit.totalCapacity.needed', { required })
          : message('fit.totalCapacity.neededWithoutExcluded', { required, inAllGears: whole }),
      published: (limit) =>
        required <= limit && whole > limit
          ? message('fit.totalCapacity.publishedExceededByExcluded', { limit, over: whole - limit })
          : message('fit.totalCapacity.published', { limit }),
      missing: message('fit.totalCapacity.missing'),
      fixes: (limit) => capacityFixes(input, limit, required),
    }),
    checkTeeth('largestCog', largest, largestCogMaxT, 'most', {
      what: message('fit.largestCog.what', { teeth: largest }),
      published: (limit) => message('fit.published.most', { limit }),
      missing: message('fit.largestCog.missing'),
      // A longer cage does not raise it: the body's geometry sets the largest cog.
      fixes: (limit) => [
        cassetteFix(setup, message('fit.largestCog.fixCassette', { limit }), (cogs) => lastOf(cogs) <= limit),
        ...atHand(input),
        { text: message('fit.largestCog.fixDerailleur', { teeth: largest }) },
      ],
    }),
    checkTeeth('largestCogMinimum', largest, largestCogMinT, 'least', {
      what: message('fit.largestCog.what', { teeth: largest }),
      published: (limit) => message('fit.published.least', { limit }),
      missing: message('fit.largestCogMinimum.missing'),
      fixes: (limit) => [
        cassetteFix(setup, message('fit.largestCogMinimum.fixCassette', { limit }), (cogs) => lastOf(cogs) >= limit),
        ...atHand(input),
      ],
    }),
    checkTeeth('smallestCog', smallest, smallestCogMinT, 'least', {
      what: message('fit.smallestCog.what', { teeth: smallest }),
      published: (limit) => message('fit.published.least', { limit }),
      missing: message('fit.smallestCog.missing'),
      fixes: (limit) => [
        cassetteFix(setup, message('fit.smallestCog.fixCassette', { limit }), (cogs) => firstOf(cogs) >= limit),
        ...atHand(input),
      ],
    }),
  ];
}

/** The nearest single changes that bring the required capacity down to the limit, and the parts that would take it. */
function capacityFixes(input: CapacityInput, limit: number, required: number): Fix[] {
  const { setup, avoided = [], cageForMm, rearDerailleur } = input;
  const takes = (changed: Setup) => requiredCapacityT(changed, avoided) <= limit;
  const [big, small] = setup.chainrings;
  const fixes: Fix[] = [];
  if (big !== undefined && small !== undefined) {
    const ring = range(small + 1, big - 1).find((teeth) => takes({ ...setup, chainrings: [big, teeth] }));
    if (ring !== undefined)
      fixes.push({ text: message('fit.totalCapacity.fixRing', { teeth: ring }), change: { chainrings: [big, ring] } });
  }
  const { cogs } = setup;
  const upTo = (largest: number) => [...cogs.filter((cog) => cog < largest), largest];
  const largest = range(firstOf(cogs) + 1, lastOf(cogs) - 1)
    .reverse()
    .find((teeth) => takes({ ...setup, cogs: upTo(teeth) }));
  if (largest !== undefined) {
    fixes.push(
      cassetteFix(setup, message('fit.totalCapacity.fixCog', { teeth: largest }), (other) =>
        takes({ ...setup, cogs: other }),
      ),
    );
  }
  if (cageForMm !== undefined && cageForMm > (rearDerailleur.cageLengthMm ?? 0)) {
    fixes.push({ text: message('fit.totalCapacity.fixCage', { length: Math.ceil(cageForMm) }) });
  }
  return [...fixes, ...atHand(input), { text: message('fit.totalCapacity.fixDerailleur', { required }) }];
}

function range(from: number, to: number): number[] {
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i);
}

/** The fix by cassette, with the nearest one that can be bought: as many cogs, the ends least changed. */
function cassetteFix({ cogs }: Setup, text: Message, fits: (cogs: readonly number[]) => boolean): Fix {
  const away = (other: readonly number[]) =>
    Math.abs(firstOf(other) - firstOf(cogs)) * 4 + Math.abs(lastOf(other) - lastOf(cogs));
  const [nearest] = GENERIC_CASSETTES.filter((one) => one.cogs.length === cogs.length && fits(one.cogs)).sort(
    (a, b) => away(a.cogs) - away(b.cogs),
  );
  if (!nearest) return { text };
  const [smallest, largest] = [firstOf(nearest.cogs), lastOf(nearest.cogs)];
  return {
    text: message('fit.cassetteSuch', { cassette: text, smallest, largest }),
    change: { cogs: nearest.cogs },
  };
}

/** Available derailleurs whose published limits all accept the setup. */
function atHand({ others = [], ...input }: CapacityInput): Fix[] {
  return others
    .filter(({ rearDerailleur }) =>
      checkCapacity({ ...input, rearDerailleur }).every(({ verdict }) => verdict === 'inside' || verdict === 'at'),
    )
    .map(({ name, rearDerailleur, partId }) => ({
      text: message('fit.totalCapacity.fixAtHand', { name }),
      change: { rearDerailleur, ...(partId !== undefined && { derailleurPartId: partId }) },
    }));
}

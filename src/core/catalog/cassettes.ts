import { firstOf, lastOf } from '../items';
/** A cassette by its teeth alone; many makers sell the same one. */
export interface GenericCassette {
  /** Smallest first. */
  readonly cogs: readonly number[];
}

/**
 * Cassettes in common use, by speeds, with their true tooth lists. Where several share a range the
 * commonest today stands first in {@link COMMONEST_FIRST}; otherwise more speeds go before fewer.
 */
const TOOTH_LISTS = [
  // 6 and 7 cogs, for old bikes; those from 14T screw on
  '14-16-18-21-24-28',
  '11-13-15-18-21-24-28',
  '12-14-16-18-21-24-28',
  '12-14-16-18-21-26-32',
  '14-16-18-20-22-24-28',
  '14-16-18-20-22-24-34',
  // 8 cogs
  '11-13-15-17-19-21-24-28',
  '11-13-15-17-20-23-26-30',
  '11-13-15-18-21-24-28-32',
  '11-13-15-17-20-23-26-34',
  '11-13-15-18-22-28-34-40',
  '12-13-15-17-19-21-23-25',
  // 9 cogs
  '11-12-13-15-17-19-21-23-25',
  '11-12-13-14-16-18-21-24-28',
  '11-12-14-16-18-21-24-28-32',
  '11-13-15-17-20-23-26-30-34',
  '11-13-15-17-20-23-26-30-36',
  '12-13-14-15-17-19-21-23-25',
  '12-14-16-18-21-24-28-32-36',
  // 10 cogs
  '11-12-13-14-15-17-19-21-23-25',
  '11-12-13-14-15-17-19-21-24-28',
  '11-12-14-16-18-20-22-25-28-32',
  '11-13-15-17-19-21-23-26-30-34',
  '11-13-15-17-19-21-24-28-32-36',
  '11-13-15-18-21-24-28-32-37-42',
  '11-13-15-18-21-24-28-32-37-46',
  '12-13-14-15-17-19-21-23-25-28',
  '12-13-14-15-17-19-21-24-27-30',
  // 11 cogs
  '10-12-14-16-18-21-24-28-32-36-42',
  '11-12-13-14-15-16-17-19-21-23-25',
  '11-12-13-14-15-17-19-21-23-25-28',
  '11-12-13-14-15-17-19-21-24-27-30',
  '11-12-13-14-16-18-20-22-25-28-32',
  '11-13-15-17-19-21-23-25-27-30-34',
  '11-12-13-15-17-19-22-25-28-32-36',
  '11-13-15-17-19-21-24-27-31-35-40',
  '11-13-15-17-19-21-24-28-32-37-42',
  '11-13-15-17-19-21-24-28-32-37-46',
  '11-13-15-17-20-23-26-30-36-43-50',
  '11-13-15-18-21-24-28-33-39-45-51',
  // 12 cogs
  '10-11-12-13-14-15-16-17-19-21-24-28',
  '10-11-12-13-14-15-17-19-21-24-28-33',
  '10-11-12-13-15-17-19-21-24-28-32-36',
  '10-11-13-15-17-19-21-24-28-32-38-44',
  '10-12-14-16-18-21-24-28-32-36-40-45',
  '10-12-14-16-18-21-24-28-32-36-42-50',
  '10-12-14-16-18-21-24-28-33-39-45-51',
  '10-12-14-16-18-21-24-28-32-36-42-52',
  '11-12-13-14-15-16-17-19-21-24-27-30',
  '11-12-13-14-15-17-19-21-24-27-30-34',
  '11-12-13-14-15-17-19-21-24-28-32-36',
  '11-13-15-17-19-22-25-28-32-36-42-50',
  '11-13-15-17-19-21-24-28-33-39-45-51',
  // 13 cogs
  '9-10-11-12-13-14-16-18-20-23-27-31-36',
  '9-10-11-12-13-14-16-18-21-25-30-36-42',
  '10-11-12-13-14-15-17-19-22-26-31-37-44',
];

/** Ranges in which a cassette of fewer cogs is the commoner one. */
const COMMONEST_FIRST: Readonly<Record<string, number>> = {
  '10-44': 12,
  '11-25': 11,
  '11-28': 11,
  '11-30': 11,
  '11-32': 11,
  '11-34': 11,
  '11-50': 12,
};

export const GENERIC_CASSETTES: readonly GenericCassette[] = TOOTH_LISTS.map((list) => ({
  cogs: list.split('-').map(Number),
}));

/** Every built-in cassette from `smallest` to `largest` cog, the commonest first, then by falling cog count. */
export function cassettesOfRange(smallest: number, largest: number): GenericCassette[] {
  const commonest = COMMONEST_FIRST[`${smallest}-${largest}`];
  const rank = ({ cogs }: GenericCassette) => (cogs.length === commonest ? -Infinity : -cogs.length);
  return GENERIC_CASSETTES.filter(({ cogs }) => cogs[0] === smallest && cogs.at(-1) === largest).sort(
    (a, b) => rank(a) - rank(b),
  );
}

/** The built-in ranges nearest to one that none has, as text (`11-36`), for a suggestion. */
export function nearestRanges(smallest: number, largest: number, count: number): string[] {
  const distance = ({ cogs }: GenericCassette) =>
    4 * Math.abs(Math.log(firstOf(cogs) / smallest)) + Math.abs(Math.log(lastOf(cogs) / largest));
  const byDistance = [...GENERIC_CASSETTES].sort((a, b) => distance(a) - distance(b));
  return [...new Set(byDistance.map(({ cogs }) => `${firstOf(cogs)}-${lastOf(cogs)}`))].slice(0, count);
}

/** Fewer cogs are bought for old bikes alone. */
export const MODERN_COGS_MIN = 8;
/** More cogs come from few makers. */
const COMMON_COGS_MAX = 12;

/** Whether a cassette of so many cogs is one that not every shop has. */
export const isUncommonCount = (cogs: number): boolean => cogs < MODERN_COGS_MIN || cogs > COMMON_COGS_MAX;

export function sameTeeth(a: readonly number[], b: readonly number[]): boolean {
  return a.length === b.length && a.every((teeth, i) => teeth === b[i]);
}

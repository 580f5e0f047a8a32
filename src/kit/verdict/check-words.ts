import { CHECK_GROUPS, type Check, type CheckGroup, type CheckId } from '../../core/fit';
import { fixed } from '../format';

export const GROUP_TEXT: Readonly<Record<CheckGroup, string>> = {
  capacity: 'Capacity',
  cogs: 'Cogs',
  front: 'Front derailleur',
  indexing: 'Indexing',
  hub: 'Freehub',
  chain: 'Chain',
  rings: 'Rings',
  chainline: 'Chainline',
  extender: 'Hanger extender',
};

/** The group that a check stands in. */
export function groupOf(id: CheckId): CheckGroup {
  return (Object.keys(CHECK_GROUPS) as CheckGroup[]).find((one) =>
    (CHECK_GROUPS[one] as readonly string[]).includes(id),
  )!;
}

const DECIMALS: Readonly<Record<NonNullable<Check['unit']>, number>> = {
  T: 0,
  links: 0,
  speeds: 0,
  '°': 1,
  mm: 2,
  ': 1': 2,
};

/** The margin with its sign and unit, as it stands at the end of a row; empty where there is none. */
export function marginText({ margin, unit }: Check): string {
  if (margin === undefined || unit === undefined) return '';
  const number = `${margin > 0 ? '+' : ''}${fixed(margin, DECIMALS[unit])}`;
  return unit === 'T' || unit === '°' ? `${number}${unit}` : `${number} ${unit}`;
}

/** Fields in which the data of a check are typed; the first that is empty is the one that is missing. */
export const FIELDS_OF: Readonly<Record<CheckId, readonly string[]>> = {
  totalCapacity: ['totalCapacityT'],
  largestCog: ['largestCogMaxT'],
  largestCogMinimum: ['largestCogMinT'],
  smallestCog: ['smallestCogMinT'],
  ringDifference: ['ringDifferenceMaxT'],
  frontCage: ['frontBigRingMinT', 'frontBigRingMaxT'],
  indexing: ['cablePullMm', 'pullRatio', 'shifterFamily', 'derailleurFamily'],
  shifterSpeeds: ['shifterSpeeds', 'speeds'],
  freehub: ['freehubSpline', 'cassetteSpline'],
  freehubLength: ['bodyLengthMm', 'cassetteLengthMm'],
  hubRatio: ['hubRatioMin'],
  chainLength: ['chain-links'],
  chainSpeeds: ['chainSpeeds'],
  smallestRing: ['boltCircleMm', 'smallestRingT'],
  ringRoom: ['oneRingMaxT', 'twoRingsMaxT'],
  retention: ['retention'],
  chainline: [],
  hangerExtender: ['largestCogMaxT'],
};

import { unitAfter } from '../../messages/number-text';
import { CHECK_GROUPS, type Check, type CheckGroup, type CheckId } from '../../core/fit';
import { fixed } from '../../ui/format';
import { t } from './text';
import { definite } from '../../core/items';

export const GROUP_TEXT: Readonly<Record<CheckGroup, string>> = {
  capacity: t('checkWords.groupText.capacity'),
  cogs: t('checkWords.groupText.cogs'),
  front: t('checkWords.groupText.front'),
  indexing: t('checkWords.groupText.indexing'),
  hub: t('checkWords.groupText.hub'),
  chain: t('checkWords.groupText.chain'),
  rings: t('checkWords.groupText.rings'),
  chainline: t('checkWords.groupText.chainline'),
  extender: t('checkWords.groupText.extender'),
};

/** Returns the group of a check. */
export function groupOf(id: CheckId): CheckGroup {
  return definite(
    (Object.keys(CHECK_GROUPS) as CheckGroup[]).find((one) => (CHECK_GROUPS[one] as readonly string[]).includes(id)),
  );
}

const DECIMALS: Readonly<Record<NonNullable<Check['unit']>, number>> = {
  T: 0,
  links: 0,
  speeds: 0,
  '°': 1,
  mm: 2,
  ': 1': 2,
};

/** Returns the margin with sign and unit; empty where there is none. */
export function marginText({ margin, unit }: Check): string {
  if (margin === undefined || unit === undefined) return '';
  return `${margin > 0 ? '+' : ''}${fixed(margin, DECIMALS[unit])}${unitAfter(unit)}`;
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

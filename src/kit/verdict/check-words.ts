import { CHECK_GROUPS, type Check, type CheckGroup, type CheckId } from '../../core/fit';
import { fixed } from '../format';
import { t } from './text';

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
  totalCapacity: [t('checkWords.fieldsOf.totalCapacity.totalCapacityT')],
  largestCog: [t('checkWords.fieldsOf.largestCog.largestCogMaxT')],
  largestCogMinimum: [t('checkWords.fieldsOf.largestCogMinimum.largestCogMinT')],
  smallestCog: [t('checkWords.fieldsOf.smallestCog.smallestCogMinT')],
  ringDifference: [t('checkWords.fieldsOf.ringDifference.ringDifferenceMaxT')],
  frontCage: [t('checkWords.fieldsOf.frontCage.frontBigRingMinT'), t('checkWords.fieldsOf.frontCage.frontBigRingMaxT')],
  indexing: [
    t('checkWords.fieldsOf.indexing.cablePullMm'),
    t('checkWords.fieldsOf.indexing.pullRatio'),
    t('checkWords.fieldsOf.indexing.shifterFamily'),
    t('checkWords.fieldsOf.indexing.derailleurFamily'),
  ],
  shifterSpeeds: [t('checkWords.fieldsOf.shifterSpeeds.shifterSpeeds'), t('checkWords.fieldsOf.shifterSpeeds.speeds')],
  freehub: [t('checkWords.fieldsOf.freehub.freehubSpline'), t('checkWords.fieldsOf.freehub.cassetteSpline')],
  freehubLength: [
    t('checkWords.fieldsOf.freehubLength.bodyLengthMm'),
    t('checkWords.fieldsOf.freehubLength.cassetteLengthMm'),
  ],
  hubRatio: [t('checkWords.fieldsOf.hubRatio.hubRatioMin')],
  chainLength: [t('checkWords.fieldsOf.chainLength.chainLinks')],
  chainSpeeds: [t('checkWords.fieldsOf.chainSpeeds.chainSpeeds')],
  smallestRing: [
    t('checkWords.fieldsOf.smallestRing.boltCircleMm'),
    t('checkWords.fieldsOf.smallestRing.smallestRingT'),
  ],
  ringRoom: [t('checkWords.fieldsOf.ringRoom.oneRingMaxT'), t('checkWords.fieldsOf.ringRoom.twoRingsMaxT')],
  retention: [t('checkWords.fieldsOf.retention.retention')],
  chainline: [],
  hangerExtender: [t('checkWords.fieldsOf.hangerExtender.largestCogMaxT')],
};

import type { DriveParts, RearDerailleur } from '../core/fit';
import type { SetupRecord } from './setup';

/** Groups of parts that a setup can have from another one. */
export const PART_GROUPS = [
  'rearDerailleur',
  'frontDerailleur',
  'shifter',
  'crank',
  'cassette',
  'chain',
  'chainline',
] as const;
export type PartGroup = (typeof PART_GROUPS)[number];

const OF_PARTS: Readonly<Partial<Record<PartGroup, readonly (keyof DriveParts)[]>>> = {
  rearDerailleur: ['derailleurFamily', 'hangerExtenderMm'],
  frontDerailleur: ['frontBigRingMinT', 'frontBigRingMaxT'],
  shifter: ['shifting', 'frontControl', 'shifterFamily', 'shifterSpeeds', 'cablePullMm', 'indexingToleranceMm'],
  crank: ['boltCircleMm', 'smallestRingT', 'retention'],
  cassette: ['cassetteSpline', 'cassetteLengthMm', 'spacerMm'],
  chain: ['chainSpeeds'],
};
const OF_SETUP: Readonly<Partial<Record<PartGroup, readonly (keyof SetupRecord)[]>>> = {
  chain: ['chainLinks'],
  chainline: ['frontChainlineMm', 'rearChainlineMm', 'ringSpacingMm', 'cogPitchMm'],
};

/** What of the derailleurs' figures belongs to the front one; the rest is the rear one's. */
const FRONT_FIGURE = 'ringDifferenceMaxT' satisfies keyof RearDerailleur;

/** Gives a setup a group of parts as another one has it: what is not known there is not known here. */
export function withPartsOf(setup: SetupRecord, from: SetupRecord, group: PartGroup): SetupRecord {
  const own = setup.rearDerailleur;
  const rearDerailleur: RearDerailleur =
    group === 'rearDerailleur'
      ? withoutUnknown({ ...from.rearDerailleur, [FRONT_FIGURE]: own[FRONT_FIGURE] })
      : group === 'frontDerailleur'
        ? withoutUnknown({ ...own, [FRONT_FIGURE]: from.rearDerailleur[FRONT_FIGURE] })
        : own;
  const parts = withoutUnknown({ ...setup.parts, ...picked(from.parts, OF_PARTS[group] ?? []) });
  return withoutUnknown({ ...setup, ...picked(from, OF_SETUP[group] ?? []), rearDerailleur, parts });
}

function picked<T extends object>(from: T, keys: readonly (keyof T)[]): Partial<T> {
  return Object.fromEntries(keys.map((key) => [key, from[key]])) as Partial<T>;
}

function withoutUnknown<T extends object>(record: T): T {
  return Object.fromEntries(Object.entries(record).filter(([, value]) => value !== undefined)) as T;
}

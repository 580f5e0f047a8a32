import type { DriveParts, RearDerailleur } from '../core/fit';
import type { SetupRecord } from './setup';
import { defined } from '../core/optional';

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
type PartGroup = (typeof PART_GROUPS)[number];

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
      ? defined({ ...from.rearDerailleur, [FRONT_FIGURE]: own[FRONT_FIGURE] })
      : group === 'frontDerailleur'
        ? defined({ ...own, [FRONT_FIGURE]: from.rearDerailleur[FRONT_FIGURE] })
        : own;
  const parts = defined({ ...setup.parts, ...picked(from.parts, OF_PARTS[group] ?? []) });
  return defined({ ...setup, ...picked(from, OF_SETUP[group] ?? []), rearDerailleur, parts });
}

function picked<T extends object>(from: T, keys: readonly (keyof T)[]): Partial<T> {
  return Object.fromEntries(keys.map((key) => [key, from[key]])) as Partial<T>;
}

import { DRIVE_DEFAULTS, leftOutPlaces, type Experience, type FitInput, type GearIndex } from '../../core/fit';
import type { BikeRecord } from '../bike';
import type { SetupRecord } from '../setup';
import { wheelsetOf } from '../wheelset';

/** The places of the gears that are left out of a setup as it is now; none that were left out of another combination. */
export function leftOutOf(setup: SetupRecord): readonly GearIndex[] {
  return leftOutPlaces(setup.leftOut, combinationOf(setup));
}

/** A setup as far as left-out gears belong to it. */
export function combinationOf({ chainrings, cogs, rearDerailleur, partIds }: SetupRecord) {
  return { chainrings, cogs, rearDerailleur, rearPartId: partIds?.rearDerailleur };
}

/** Builds the input of the compatibility checks for a setup of a bike. */
export function fitInputFor(
  bike: BikeRecord,
  setup: SetupRecord,
  fitted: SetupRecord | undefined,
  experience: readonly Experience[],
): FitInput {
  return {
    setup,
    chainstayMm: bike.chainstayMm ?? DRIVE_DEFAULTS.chainstayMm,
    suspensionGrowthMm: bike.suspensionGrowthMm ?? 0,
    bbDropMm: bike.bbDropMm ?? DRIVE_DEFAULTS.bbDropMm,
    chainLinks: setup.chainLinks,
    rearDerailleur: setup.rearDerailleur,
    parts: setup.parts,
    freehub: wheelsetOf(bike, setup).freehub,
    ringRoom: bike,
    avoided: leftOutOf(setup),
    chainline: setup,
    steepDeg: bike.steepAngleDeg,
    crossedCogs: bike.crossedCogs,
    fittedBigRing: fitted && fitted.chainrings.length > 1 ? fitted.chainrings[0] : undefined,
    experience,
    derailleurPartIds: setup.partIds,
  };
}

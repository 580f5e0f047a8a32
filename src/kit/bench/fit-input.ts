import { DRIVE_DEFAULTS, type FitInput } from '../../core/fit';
import type { BikeRecord, SetupRecord } from '../../records';
import { wheelsetOf } from './BenchProvider';
import { LETTERS } from './setup-sign';

/** What core is asked of a setup of a bike. */
export function fitInputOf(bike: BikeRecord, setup: SetupRecord, setups: readonly SetupRecord[]): FitInput {
  const fitted = setups[0];
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
    avoided: setup.avoidedGears,
    chainline: setup,
    steepDeg: bike.steepAngleDeg,
    crossedCogs: bike.crossedCogs,
    fittedBigRing: fitted && fitted.chainrings.length > 1 ? fitted.chainrings[0] : undefined,
    others: setups.flatMap((other, place) =>
      other.id === setup.id
        ? []
        : [
            {
              name: `of ${LETTERS[place]}${other.name ? `, ${other.name}` : ''}`,
              rearDerailleur: other.rearDerailleur,
            },
          ],
    ),
  };
}

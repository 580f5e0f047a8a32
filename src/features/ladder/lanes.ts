import type { Setup, StepReading } from '../../core/gears';
import { rolloutMm } from '../../core/gears';
import { developmentForM } from '../../core/ride';
import { formatShorthand } from '../../formats/shorthand';
import { wheelOf, wheelsetOf, type BikeRecord, type SetupRecord } from '../../records';
import type { Workspace } from '../workspace/WorkspaceProvider';
import { bandInUse, type BriefInUse } from '../workspace/brief-in-use';
import { short } from '../../ui/format';
import { SPEED_UNIT_TEXT, speedIn } from '../units/speed';
import type { Units } from '../units/measures';
import type { LadderFrame, LaneRequest } from './request';
import { ladderNeeds } from './needs';
import { t } from './text';

/** What a setup is called over its column. */
export const titleOf = (setup: SetupRecord) => setup.name ?? formatShorthand(setup);

/** One column of a bike's ladder, with speeds at the rider's preferred cadence. */
export function laneRequestOf(
  place: number,
  title: string,
  { chainrings, cogs, hubStages }: Setup,
  wheelMm: number,
  bike: BikeRecord,
  inUse: BriefInUse,
): LaneRequest {
  const { crankLengthMm, closenessPercent, crossedCogs } = bike;
  return {
    place,
    title,
    setup: { chainrings, cogs, hubStages },
    riding: {
      rolloutMm: wheelMm,
      cadenceRpm: inUse.brief.preferredRpm,
      ...{ crankLengthMm, closenessPercent, crossedCogs },
    },
    band: bandInUse(inUse),
  };
}

/** The columns of the setups of a workspace, one that is just being typed too. */
export function laneRequests({ bike, setups }: Pick<Workspace, 'bike' | 'setups'>, inUse: BriefInUse): LaneRequest[] {
  return setups.map((setup, place) =>
    laneRequestOf(place, titleOf(setup), setup, rolloutMm(wheelOf(wheelsetOf(bike, setup))), bike, inUse),
  );
}

/** Axes and needs of a ladder at the rider's preferred cadence. */
export function frameAtPreferred(
  inUse: BriefInUse,
  stepReading: StepReading,
  units: Units,
  height: number,
): LadderFrame {
  return { ...frameAtCadence(inUse.brief.preferredRpm, stepReading, units, height), needs: ladderNeeds(inUse) };
}

/** Axes of a ladder whose speeds hold at one cadence, without needs. */
export function frameAtCadence(
  cadenceRpm: number,
  stepReading: StepReading,
  units: Units,
  height: number,
): LadderFrame {
  return {
    height,
    left: {
      title: t('axes.speedAt', { rpm: short(cadenceRpm, 1), speedUnit: SPEED_UNIT_TEXT[units.speedUnit] }),
      perMetre: speedIn(units.speedUnit, 1) / developmentForM(1, cadenceRpm),
    },
    right: { title: t(`axes.gearSize.${units.gearSize.kind}`), perMetre: units.gearSize.perMetre },
    reading: stepReading,
    units,
  };
}

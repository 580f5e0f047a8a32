import { z } from 'zod';
import {
  CADENCE_RPM,
  CLOSENESS_PERCENT,
  CRANK_LENGTH_MM,
  DEFAULT_CADENCE_RPM,
  DEFAULT_CLOSENESS_PERCENT,
  ROLLOUT_MM,
  checkWheel,
  type Wheel,
} from '../core/gears';
import { boundedSchema } from './drivetrain';
import type { Migration } from './migration';
import { addProblems } from './problems';
import { idSchema, nameSchema } from './text';

/** A bike of the workshop, with its wheel and the cadence it is ridden at. */
export interface BikeRecord {
  readonly id: string;
  /** Place in the list of bikes; lower comes first. */
  readonly rank: number;
  readonly name: string;
  /** ISO 5775 rim seat diameter, mm. */
  readonly rimDiameterMm: number;
  /** mm */
  readonly tyreWidthMm: number;
  /** Measured path of one wheel turn, mm; wins over the sizes. */
  readonly measuredRolloutMm?: number | undefined;
  /** mm, centre to centre */
  readonly crankLengthMm?: number | undefined;
  readonly cadenceRpm: number;
  /** Gears closer than this count as one, percent. */
  readonly closenessPercent: number;
}

export const bikeSchema: z.ZodType<BikeRecord> = z
  .strictObject({
    id: idSchema,
    rank: z.number(),
    name: nameSchema,
    rimDiameterMm: z.number(),
    tyreWidthMm: z.number(),
    measuredRolloutMm: boundedSchema(ROLLOUT_MM, 'measured rollout', 'mm').optional(),
    crankLengthMm: boundedSchema(CRANK_LENGTH_MM, 'crank length', 'mm').optional(),
    cadenceRpm: boundedSchema(CADENCE_RPM, 'cadence', 'rpm'),
    closenessPercent: boundedSchema(CLOSENESS_PERCENT, 'closeness', '%'),
  })
  .superRefine(({ rimDiameterMm, tyreWidthMm }, context) => {
    addProblems(context, checkWheel({ rimDiameterMm, tyreWidthMm }));
  });

export const BIKE_DEFAULTS = {
  rimDiameterMm: 622,
  tyreWidthMm: 40,
  cadenceRpm: DEFAULT_CADENCE_RPM,
  closenessPercent: DEFAULT_CLOSENESS_PERCENT,
} as const satisfies Partial<BikeRecord>;

export const BIKE_MIGRATIONS: readonly Migration[] = [];

/** The wheel to reckon with: as measured, where it was. */
export function wheelOf(bike: BikeRecord): Wheel {
  const { measuredRolloutMm, rimDiameterMm, tyreWidthMm } = bike;
  return measuredRolloutMm === undefined ? { rimDiameterMm, tyreWidthMm } : { rolloutMm: measuredRolloutMm };
}

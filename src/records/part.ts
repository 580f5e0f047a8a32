import { z } from 'zod';
import { SHIFTINGS } from '../core/fit';
import {
  PART_FLAG_TERMS,
  PART_KM,
  PART_MASS_G,
  PART_NAME_TERMS,
  PART_NUMBER_RULES,
  PART_PRICE,
  PART_QUANTITY,
  SHELF_KINDS,
  WEAR_PERCENT,
  checkPartData,
  type Mount,
  type PartData,
  type ShelfKind,
} from '../core/shelf';
import { SCALE_RESOLUTION_G } from '../core/swap';
import { boundedSchema } from './drivetrain';
import type { Migration } from './migration';
import { addProblems } from './problems';
import { currencySchema, idSchema, nameSchema, noteSchema, timeSchema } from './text';

export const CONDITIONS = ['new', 'good', 'worn', 'spent'] as const;
export type Condition = (typeof CONDITIONS)[number];

/** A chain under the gauge. */
export interface WearMark {
  readonly atMs: number;
  /** Longer than new by, percent. */
  readonly wearPercent: number;
  /** Kilometres of the chain then, where its rider knows better than the log. */
  readonly km?: number | undefined;
}

/** An entry of the shelf: a part, or several that are alike. */
export interface PartRecord {
  readonly id: string;
  readonly kind: ShelfKind;
  readonly name: string;
  /** What Fit and Find reckon with. */
  readonly data: PartData;
  /** How many there are, fitted ones among them; 0 for one that is to be bought. */
  readonly quantity: number;
  readonly condition: Condition;
  /** Kilometres that it had when it came. */
  readonly kmBefore: number;
  /** g, each. */
  readonly massG?: number | undefined;
  /** Of the scale that it was weighed on; absent where the weight is from a sheet. */
  readonly massResolutionG?: number | undefined;
  /** Each, in `currency`. */
  readonly price?: number | undefined;
  readonly currency?: string | undefined;
  /** Where it lies. */
  readonly place?: string | undefined;
  readonly note?: string | undefined;
  /** When it was on which bike. */
  readonly mounts: readonly Mount[];
  readonly wear: readonly WearMark[];
}

const names = Object.fromEntries(Object.keys(PART_NAME_TERMS).map((field) => [field, nameSchema.optional()]));
const flags = Object.fromEntries(Object.keys(PART_FLAG_TERMS).map((field) => [field, z.boolean().optional()]));
const numbers = Object.fromEntries(Object.keys(PART_NUMBER_RULES).map((field) => [field, z.number().optional()]));

/** Shape only: what can be true of which kind core judges. */
const partDataSchema = z.strictObject({
  ...numbers,
  ...names,
  ...flags,
  cogs: z.array(z.number()).optional(),
  shifting: z.enum(SHIFTINGS).optional(),
}) as unknown as z.ZodType<PartData>;

const mountSchema: z.ZodType<Mount> = z
  .strictObject({ bikeId: idSchema, fromMs: timeSchema, toMs: timeSchema.optional() })
  .refine(({ fromMs, toMs }) => toMs === undefined || toMs >= fromMs, { error: 'taken off before it was put on' });

export const partSchema: z.ZodType<PartRecord> = z
  .strictObject({
    id: idSchema,
    kind: z.enum(SHELF_KINDS),
    name: nameSchema,
    data: partDataSchema,
    quantity: boundedSchema(PART_QUANTITY, 'quantity', 'pieces').refine((count) => Number.isInteger(count), {
      error: 'quantity: whole pieces',
    }),
    condition: z.enum(CONDITIONS),
    kmBefore: boundedSchema(PART_KM, 'distance', 'km'),
    massG: boundedSchema(PART_MASS_G, 'weight', 'g').optional(),
    massResolutionG: boundedSchema(SCALE_RESOLUTION_G, 'resolution', 'g').optional(),
    price: boundedSchema(PART_PRICE, 'price', 'in its currency').optional(),
    currency: currencySchema.optional(),
    place: nameSchema.optional(),
    note: noteSchema.optional(),
    mounts: z.array(mountSchema).max(1000),
    wear: z
      .array(
        z.strictObject({
          atMs: timeSchema,
          wearPercent: boundedSchema(WEAR_PERCENT, 'wear', '%'),
          km: boundedSchema(PART_KM, 'distance', 'km').optional(),
        }),
      )
      .max(1000),
  })
  .superRefine(({ kind, data }, context) => {
    addProblems(
      context,
      checkPartData(kind, data).map(({ path, message }) => ({ path: ['data', ...path], message })),
    );
  });

export const PART_DEFAULTS = {
  data: {},
  quantity: 1,
  condition: 'good',
  kmBefore: 0,
  mounts: [],
  wear: [],
} as const satisfies Partial<PartRecord>;

export const PART_MIGRATIONS: readonly Migration[] = [
  { toVersion: 7, name: 'parts, jobs, photos and notes are kept', table: 'parts', up: (part) => part },
];

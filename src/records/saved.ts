import type { z } from 'zod';
import type { Bytes } from './bytes';

/** The output type of a schema, deeply read-only: records are replaced, never mutated. */
export type Saved<Schema extends z.ZodType> = Deep<z.output<Schema>>;

type Deep<T> = T extends Bytes
  ? T
  : T extends readonly (infer Item)[]
    ? readonly Deep<Item>[]
    : T extends object
      ? { readonly [Key in keyof T]: Deep<T[Key]> }
      : T;

/** One schema per field of a type that core owns: `satisfies ShapeOf<Brief>` fails where one is missing or unknown. */
export type ShapeOf<T> = { readonly [Key in keyof Required<T>]: z.ZodType<T[Key]> };

import { sameRecord } from '../records';
import { isBytes } from '../records/bytes';

type Carried = { readonly ok: true; readonly value: unknown } | { readonly ok: false };

/** The step of a job that is on screen; looking at another step is no edit. */
const SHOWN = 'at';

/**
 * Applies a change from `was` to `becomes` to the current record, field by field; concurrent changes of other fields are
 * preserved. Not ok if the same field was changed concurrently.
 */
export function carriedOver(was: unknown, becomes: unknown, now: unknown): Carried {
  if (isRecord(was) && isRecord(becomes) && isRecord(now) && SHOWN in now && !sameRecord(now[SHOWN], was[SHOWN])) {
    return carriedOver({ ...was, [SHOWN]: now[SHOWN] }, becomes, now);
  }
  if (sameRecord(was, becomes)) return { ok: true, value: now };
  if (sameRecord(now, was)) return { ok: true, value: becomes };
  if (sameRecord(now, becomes)) return { ok: true, value: now };
  if (isRecord(was) && isRecord(becomes) && isRecord(now)) {
    const fields = new Set([...Object.keys(now), ...Object.keys(was), ...Object.keys(becomes)]);
    const carried = [...fields].map((field) => [field, carriedOver(was[field], becomes[field], now[field])] as const);
    const values: [string, unknown][] = [];
    for (const [field, one] of carried) {
      if (!one.ok) return one;
      if (one.value !== undefined) values.push([field, one.value]);
    }
    return { ok: true, value: Object.fromEntries(values) };
  }
  if (isList(was) && isList(becomes) && isList(now) && was.length === now.length && becomes.length === now.length) {
    const carried = now.map((item, i) => carriedOver(was[i], becomes[i], item));
    const values = carried.flatMap((one) => (one.ok ? [one.value] : []));
    return values.length === now.length ? { ok: true, value: values } : { ok: false };
  }
  return { ok: false };
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value) && !isBytes(value);

/** A list of records, such as wheelsets: each stays in its place. Rings and cogs go together, all or none. */
const isList = (value: unknown): value is readonly unknown[] => Array.isArray(value) && value.every(isRecord);

import { base64Of, isBytes } from './bytes';

/** A record as text, whatever the order of its fields: an edit that takes it apart and puts it together changes nothing. */
function canonical(record: unknown): string | undefined {
  return JSON.stringify(record, (_, value: unknown) =>
    isBytes(value)
      ? base64Of(value)
      : typeof value === 'object' && value !== null && !Array.isArray(value)
        ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
        : value,
  );
}

/** Whether two records are equal, whatever the order of their fields. */
export const sameRecord = (a: unknown, b: unknown) => canonical(a) === canonical(b);

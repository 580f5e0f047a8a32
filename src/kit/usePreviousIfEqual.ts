import isEqual from 'fast-deep-equal';
import { useState } from 'react';

/** A value that was made anew for the drawing; the former object where it is equal to that. */
export function usePreviousIfEqual<T>(value: T): T {
  const [former, keep] = useState(value);
  if (isEqual(former, value)) return former;
  keep(value);
  return value;
}

import isEqual from 'fast-deep-equal';
import { useState } from 'react';

/** Returns the value of the previous render where it is deeply equal, so that memoized children do not render again. */
export function usePreviousIfEqual<T>(value: T): T {
  const [former, keep] = useState(value);
  if (isEqual(former, value)) return former;
  keep(value);
  return value;
}

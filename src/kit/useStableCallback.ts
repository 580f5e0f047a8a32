import { useCallback, useLayoutEffect, useRef } from 'react';

/**
 * A function that stays the same and does what `act` of the newest drawing does: for what is done on a click, so that
 * a button is not drawn anew because what it would act on has changed. Not to be called while drawing.
 */
export function useStableCallback<Given extends unknown[], Made>(
  act: (...given: Given) => Made,
): (...given: Given) => Made {
  const newest = useRef(act);
  useLayoutEffect(() => {
    newest.current = act;
  });
  return useCallback((...given: Given) => newest.current(...given), []);
}

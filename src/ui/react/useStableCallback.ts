import { useCallback, useLayoutEffect, useRef } from 'react';

/**
 * Returns a callback of constant identity that calls the latest `act`: for event handlers, so that a component does not
 * render again because its handler has changed. Not to be called during rendering.
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

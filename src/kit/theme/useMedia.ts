'use client';

import { useSyncExternalStore } from 'react';

/** Whom motion makes ill has asked the system for less of it. */
export const LESS_MOTION = '(prefers-reduced-motion: reduce)';

/** Follows what the system says of this person's eyes; false while the page is made on the server. */
export function useMedia(text: string): boolean {
  return useSyncExternalStore(
    (changed) => {
      const query = window.matchMedia(text);
      query.addEventListener('change', changed);
      return () => query.removeEventListener('change', changed);
    },
    () => window.matchMedia(text).matches,
    () => false,
  );
}

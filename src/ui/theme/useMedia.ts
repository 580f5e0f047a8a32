'use client';

import { useSyncExternalStore } from 'react';

/** The system asks for less motion. */
export const LESS_MOTION = '(prefers-reduced-motion: reduce)';

/** The system is set to dark. */
export const DARK_SYSTEM = '(prefers-color-scheme: dark)';

/** Follows a media query; false while the page is rendered on the server. */
export function useMedia(query: string): boolean {
  return useSyncExternalStore(
    (changed) => {
      const list = window.matchMedia(query);
      list.addEventListener('change', changed);
      return () => list.removeEventListener('change', changed);
    },
    () => window.matchMedia(query).matches,
    () => false,
  );
}

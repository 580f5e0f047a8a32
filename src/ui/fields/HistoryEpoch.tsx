'use client';

import { createContext, useContext } from 'react';

/** Counts undos and redos, so that fields discard drafts from before. */
export const HistoryEpochContext = createContext(0);

export function useHistoryEpoch(): number {
  return useContext(HistoryEpochContext);
}

'use client';

import { createContext, useContext } from 'react';

/** Counts undos and redos, so that fields let go of what was typed before them. */
export const HistoryEpochContext = createContext(0);

export function useHistoryEpoch(): number {
  return useContext(HistoryEpochContext);
}

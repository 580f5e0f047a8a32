'use client';

import type { DriveChange } from '../../core/fit';
import { useReadyBench } from './BenchProvider';

/** Lays what would mend a check on the setup in depth, as one step of undo. */
export function useFix(): { readonly canFix: boolean; readonly fix: (text: string, change: DriveChange) => void } {
  const { bench, edits } = useReadyBench();
  return {
    canFix: !bench.fromLink,
    fix: (text, change) => edits.editSetup(text, (record) => ({ ...record, ...change })),
  };
}

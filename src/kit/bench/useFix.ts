'use client';

import type { Fix } from '../../core/fit';
import { textOf } from '../../messages/core';
import type { SetupRecord } from '../../records';
import { withOptional } from '../fields/with-optional';
import { useReadyBench } from './BenchProvider';

const withPart = (shelf: NonNullable<SetupRecord['shelf']>, partId: string | undefined) =>
  withOptional(shelf, 'rearDerailleur', partId);

/** Lays what would mend a check on the setup in depth, as one step of undo. */
export function useFix(): { readonly canFix: boolean; readonly fix: (fix: Fix) => void } {
  const { bench, edits } = useReadyBench();
  return {
    canFix: !bench.fromLink,
    fix: ({ text, change: { derailleurPartId, ...change } = {} }) =>
      edits.editSetup(textOf(text), (record) => ({
        ...record,
        ...change,
        // Another derailleur is another part: what the old one is on the shelf stays as it is.
        ...(change.rearDerailleur && record.shelf && { shelf: withPart(record.shelf, derailleurPartId) }),
        ...(change.rearDerailleur &&
          !record.shelf &&
          derailleurPartId !== undefined && { shelf: { rearDerailleur: derailleurPartId } }),
      })),
  };
}

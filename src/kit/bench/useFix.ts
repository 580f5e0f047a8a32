'use client';

import type { DriveChange } from '../../core/fit';
import type { SetupRecord } from '../../records';
import { withOptional } from '../fields/with-optional';
import { useReadyBench } from './BenchProvider';

const withPart = (shelf: NonNullable<SetupRecord['shelf']>, partId: string | undefined) =>
  withOptional(shelf, 'rearDerailleur', partId);

/** Lays what would mend a check on the setup in depth, as one step of undo. */
export function useFix(): { readonly canFix: boolean; readonly fix: (text: string, change: DriveChange) => void } {
  const { bench, edits } = useReadyBench();
  return {
    canFix: !bench.fromLink,
    fix: (text, { derailleurPartId, ...change }) =>
      edits.editSetup(text, (record) => ({
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

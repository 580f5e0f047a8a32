'use client';

import { editNameOf } from '../../messages/core';
import type { Fix } from '../../core/fit';
import type { SetupRecord } from '../../records';
import { withOptional } from '../../ui/fields/with-optional';
import { useReadyWorkspace } from './WorkspaceProvider';

const withPart = (partIds: NonNullable<SetupRecord['partIds']>, partId: string | undefined) =>
  withOptional(partIds, 'rearDerailleur', partId);

/** Applies the fix of a check to the selected setup, as one step of undo. */
export function useFix(): { readonly canFix: boolean; readonly fix: (fix: Fix) => void } {
  const { workspace, edits } = useReadyWorkspace();
  return {
    canFix: !workspace.fromLink,
    fix: ({ text, change: { derailleurPartId, ...change } = {} }) =>
      edits.editSetup(editNameOf(text), (record) => ({
        ...record,
        ...change,
        // Another derailleur is another part: what the old one is in stock stays as it is.
        ...(change.rearDerailleur && record.partIds && { partIds: withPart(record.partIds, derailleurPartId) }),
        ...(change.rearDerailleur &&
          !record.partIds &&
          derailleurPartId !== undefined && { partIds: { rearDerailleur: derailleurPartId } }),
      })),
  };
}

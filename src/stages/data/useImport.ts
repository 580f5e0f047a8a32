'use client';

import { useState } from 'react';
import type { BackupResult } from '../../formats/read-backup';
import type { Dataset } from '../../records';

/** A backup that has been read and waits for a decision. */
export interface PendingImport {
  readonly fileName: string;
  readonly savedAt: string;
  readonly dataset: Dataset;
}

export interface ImportState {
  readonly pending: PendingImport | undefined;
  readonly failure: { readonly fileName: string; readonly message: string } | undefined;
  readonly read: (reader: (text: string) => BackupResult, text: string, fileName: string) => void;
  readonly clear: () => void;
}

/** Reads a chosen file and holds what came of it; stores nothing. */
export function useImport(): ImportState {
  const [pending, setPending] = useState<PendingImport>();
  const [failure, setFailure] = useState<ImportState['failure']>();
  return {
    pending,
    failure,
    read: (reader, text, fileName) => {
      const result = reader(text);
      setPending(result.ok ? { fileName, savedAt: result.savedAt, dataset: result.dataset } : undefined);
      setFailure(result.ok ? undefined : { fileName, message: result.failure.message });
    },
    clear: () => {
      setPending(undefined);
      setFailure(undefined);
    },
  };
}

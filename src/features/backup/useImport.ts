'use client';

import { useState } from 'react';
import type { BackupRest, BackupResult } from '../../formats/read-backup';
import type { Dataset } from '../../records';

/** A backup that has been read and waits for a decision. */
export interface PendingImport {
  readonly fileName: string;
  readonly savedAt: string;
  readonly dataset: Dataset;
}

/** A file that was not taken, and what of it could be all the same. */
export interface FailedImport {
  readonly fileName: string;
  readonly message: string;
  readonly rest: BackupRest | undefined;
}

interface ImportState {
  readonly pending: PendingImport | undefined;
  readonly failure: FailedImport | undefined;
  readonly read: (reader: (text: string) => BackupResult, text: string, fileName: string) => void;
  /** Goes on with what of the file can be read. */
  readonly takeRest: () => void;
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
      setFailure(result.ok ? undefined : { fileName, message: result.failure.message, rest: result.rest });
    },
    takeRest: () => {
      if (!failure?.rest) return;
      const { fileName, rest } = failure;
      setPending({ fileName, savedAt: rest.savedAt, dataset: rest.dataset });
      setFailure(undefined);
    },
    clear: () => {
      setPending(undefined);
      setFailure(undefined);
    },
  };
}

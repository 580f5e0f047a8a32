import type { ExternalFile } from '../../store';
import { t } from './text';
import { definite } from '../../core/items';

/** Parts of the file system API that the type library lacks. */
interface Permitted {
  readonly queryPermission?: (of: { mode: 'readwrite' }) => Promise<PermissionState>;
  readonly requestPermission?: (of: { mode: 'readwrite' }) => Promise<PermissionState>;
}

interface FilePicker {
  readonly showSaveFilePicker?: (of: {
    suggestedName: string;
    types: { description: string; accept: Record<string, string[]> }[];
  }) => Promise<FileSystemFileHandle>;
}

/** Whether this browser can write to a file by itself. */
export const canWriteExternalFile = (): boolean => (window as FilePicker).showSaveFilePicker !== undefined;

/** Lets the user choose the file; undefined if cancelled. */
export async function pickExternalFile(): Promise<FileSystemFileHandle | undefined> {
  try {
    return await definite((window as FilePicker).showSaveFilePicker)({
      suggestedName: 'rontel-backup.json',
      types: [{ description: t('outside.rontelBackup'), accept: { 'application/json': ['.json'] } }],
    });
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return undefined;
    throw error;
  }
}

/** Whether the file may be written; the browser asks again after a restart, and only after a click. */
export async function mayWrite({ handle }: ExternalFile, ask: boolean): Promise<boolean> {
  const permitted = handle as Permitted;
  const now = (await permitted.queryPermission?.({ mode: 'readwrite' })) ?? 'granted';
  if (now !== 'prompt' || !ask) return now === 'granted';
  return (await permitted.requestPermission?.({ mode: 'readwrite' })) === 'granted';
}

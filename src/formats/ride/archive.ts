import { BlobReader, ZipReader, type Entry, type FileEntry } from '@zip.js/zip.js/lib/zip-core-native.js';
import { errorText } from '../../core/error';
import { t } from '../text';
import { fileFailure, type FileFailure } from './result';
import { RIDE_FILE_BYTES_MAX, sizeMessage } from './size';

/** Files of one archive at most: ten years of three rides a day. */
const ARCHIVE_FILES_MAX = 10_000;

/** One file of an archive; its bytes are unpacked when they are asked for. */
interface ArchiveFile {
  /** With the folders in it, separated by slashes. */
  readonly path: string;
  /** As the archive says, in bytes. */
  readonly size: number;
  /** @throws Error whose message says why it cannot be unpacked, and what to do */
  readonly unpack: (signal: AbortSignal) => Promise<Uint8Array>;
}

type ArchiveResult =
  { readonly ok: true; readonly files: readonly ArchiveFile[] } | { readonly ok: false; readonly failure: FileFailure };

/** Lists the files of a ZIP archive without unpacking them, in the order of their paths; what systems add for themselves is left out. @param most bytes of one file */
export async function filesOfArchive(archive: Blob, most = RIDE_FILE_BYTES_MAX): Promise<ArchiveResult> {
  const reader = new ZipReader(new BlobReader(archive), { useWebWorkers: false });
  const files: ArchiveFile[] = [];
  try {
    for await (const entry of reader.getEntriesGenerator()) {
      if (!isFile(entry) || isOfSystem(entry.filename)) continue;
      if (files.length === ARCHIVE_FILES_MAX)
        return fileFailure('tooLarge', t('ride.archiveFull', { most: ARCHIVE_FILES_MAX }));
      files.push({
        path: entry.filename,
        size: entry.uncompressedSize,
        unpack: (signal) => unpack(entry, signal, most),
      });
    }
  } catch (error) {
    return fileFailure('truncated', t('ride.archiveBroken', { cause: errorText(error) }));
  }
  if (files.length === 0) return fileFailure('empty', t('ride.archiveEmpty'));
  return { ok: true, files: files.sort((a, b) => (a.path < b.path ? -1 : 1)) };
}

const isFile = (entry: Entry): entry is FileEntry => !entry.directory;

/** Hidden files, and the folder in which one system keeps its own. */
const isOfSystem = (path: string) => path.split('/').some((part) => part.startsWith('.') || part === '__MACOSX');

async function unpack(entry: FileEntry, signal: AbortSignal, most: number): Promise<Uint8Array> {
  if (entry.uncompressedSize > most) throw new Error(sizeMessage(entry.uncompressedSize, most));
  const pieces: Uint8Array[] = [];
  let size = 0;
  // What an archive says of a size need not be true: it is counted while it is unpacked.
  const counted = new WritableStream<Uint8Array>({
    write(piece) {
      size += piece.length;
      if (size > most) throw new Error(sizeMessage(size, most));
      pieces.push(piece);
    },
  });
  try {
    await entry.getData(counted, { signal, checkSignature: true });
  } catch (error) {
    if (signal.aborted || size > most) throw error;
    throw new Error(entry.encrypted ? t('ride.archiveLocked') : t('ride.archiveEntry', { cause: errorText(error) }), {
      cause: error,
    });
  }
  const bytes = new Uint8Array(size);
  let at = 0;
  for (const piece of pieces) {
    bytes.set(piece, at);
    at += piece.length;
  }
  return bytes;
}

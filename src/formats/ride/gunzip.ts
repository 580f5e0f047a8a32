import { Gunzip } from 'fflate';
import { fileFailure, type FileFailure } from './result';
import { t } from '../text';
import { errorText } from '../../core/error';

/** Unpacked, a file may have this many bytes: a day at one sample a second has some 30 million. */
const UNPACKED_BYTES_MAX = 120_000_000;
const PIECE_BYTES = 64 * 1024;

/** Unpacks piece by piece and stops as soon as there is too much, so that a small file cannot fill the memory. */
export function gunzipBounded(
  bytes: Uint8Array,
  most = UNPACKED_BYTES_MAX,
): { readonly ok: true; readonly bytes: Uint8Array } | { readonly ok: false; readonly failure: FileFailure } {
  if (bytes.length < 18) return fileFailure('truncated', t('ride.packedCut'));
  const pieces: Uint8Array[] = [];
  let length = 0;
  const gunzip = new Gunzip((piece) => {
    pieces.push(piece);
    length += piece.length;
  });
  try {
    for (let at = 0; at < bytes.length; at += PIECE_BYTES) {
      gunzip.push(bytes.subarray(at, at + PIECE_BYTES), at + PIECE_BYTES >= bytes.length);
      if (length > most) {
        return fileFailure('bomb', t('ride.packedTooLarge', { most: most / 1_000_000 }));
      }
    }
  } catch (error) {
    const cause = errorText(error);
    return fileFailure('truncated', t('ride.packedBroken', { cause }));
  }
  // The last four bytes of gzip are the length of what was packed (RFC 1952).
  const told = new DataView(bytes.buffer, bytes.byteOffset + bytes.length - 4, 4).getUint32(0, true);
  if (told !== length % 2 ** 32) return fileFailure('truncated', t('ride.packedCut'));
  const whole = new Uint8Array(length);
  let at = 0;
  for (const piece of pieces) {
    whole.set(piece, at);
    at += piece.length;
  }
  return { ok: true, bytes: whole };
}

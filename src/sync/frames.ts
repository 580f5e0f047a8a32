import { concatBytes } from '@noble/hashes/utils.js';
import { createDecoder, hasContent, readTailAsUint8Array, readVarUint, readUint8Array } from 'lib0/decoding';
import { createEncoder, toUint8Array, writeUint8Array, writeVarUint } from 'lib0/encoding';
import { base64UrlOf } from './secret';
import { randomBytes } from './cipher';

/** Bytes of a frame's content: what a relay passes on at once, less what encryption adds. */
const FRAME_BYTES = 90_000;
const ID_BYTES = 8;
/** Messages that are waited for at once; of more, the oldest is given up. */
const OPEN_MAX = 16;
/** Frames of one message: 90 MB. A sender that says more is not to be trusted. */
const FRAMES_MAX = 1000;

/** Splits a message into frames that a relay passes on. */
export function framesOf(message: Uint8Array): Uint8Array[] {
  const id = randomBytes(ID_BYTES);
  const count = Math.max(1, Math.ceil(message.length / FRAME_BYTES));
  return Array.from({ length: count }, (_, i) => {
    const encoder = createEncoder();
    writeUint8Array(encoder, id);
    writeVarUint(encoder, i);
    writeVarUint(encoder, count);
    writeUint8Array(encoder, message.subarray(i * FRAME_BYTES, (i + 1) * FRAME_BYTES));
    return toUint8Array(encoder);
  });
}

/**
 * Puts messages together from frames in any order; a message of which one is lost never comes.
 * @returns takes a frame, gives the message that it completes; throws an Error where it is no frame
 */
export function frameJoiner(): (frame: Uint8Array) => Uint8Array | undefined {
  const open = new Map<string, (Uint8Array | undefined)[]>();
  return (frame) => {
    const decoder = createDecoder(frame);
    const id = base64UrlOf(readUint8Array(decoder, ID_BYTES));
    const [i, count] = [readVarUint(decoder), readVarUint(decoder)];
    if (i >= count || count > FRAMES_MAX) throw new RangeError(`frame ${i} of ${count}`);
    const content = hasContent(decoder) ? readTailAsUint8Array(decoder) : new Uint8Array();
    if (count === 1) return content;
    const pieces = open.get(id) ?? Array.from<Uint8Array | undefined>({ length: count });
    if (pieces.length !== count) throw new RangeError(`frame of ${count}: there were ${pieces.length}`);
    open.delete(id);
    pieces[i] = content;
    const come = pieces.filter((piece) => piece !== undefined);
    if (come.length < count) {
      open.set(id, pieces);
      const [oldest] = open.keys();
      if (open.size > OPEN_MAX && oldest !== undefined) open.delete(oldest);
      return undefined;
    }
    return concatBytes(...come);
  };
}

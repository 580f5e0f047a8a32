/** A field of a message: where it begins in it, and how it is written. */
interface FitField {
  readonly offset: number;
  readonly size: number;
  /** Base type of the protocol, and its number that says “no value”. */
  readonly type: number;
  readonly noValue: number;
}

/** Message of a FIT file, valid until the next is read. */
export interface FitMessage {
  /** Global number of its kind. */
  readonly kind: number;
  /** Value of a field by its number; undefined where the message has none, or says that it has no value. */
  readonly value: (field: number) => number | undefined;
}

/** How reading ended: whole, with a wrong checksum, or before the end that the file says. */
interface FitEnd {
  readonly checksumWrong: boolean;
  /** Bytes that were announced and not read. */
  readonly missingBytes: number;
  /** Why no more could be read, where something stands there that the protocol does not have. */
  readonly broken: boolean;
}

interface Definition {
  readonly kind: number;
  readonly littleEndian: boolean;
  /** By number; most are absent. */
  readonly fields: readonly (FitField | undefined)[];
  /** Bytes of the message, those of developer fields at its end included. */
  readonly size: number;
}

const HEADER_BYTES = 12;
const TIMESTAMP = 253;

/** Numbers that say “no value”, by base type of the protocol. */
const NO_VALUE: Readonly<Record<number, number>> = {
  0x00: 0xff,
  0x01: 0x7f,
  0x02: 0xff,
  0x83: 0x7fff,
  0x84: 0xffff,
  0x85: 0x7fffffff,
  0x86: 0xffffffff,
  0x0a: 0,
  0x8b: 0,
  0x8c: 0,
  0x0d: 0xff,
};

/** Whether bytes begin a FIT file at an offset. */
export const isFit = (bytes: Uint8Array, at = 0): boolean =>
  bytes.length >= at + HEADER_BYTES &&
  bytes[at + 8] === 0x2e &&
  bytes[at + 9] === 0x46 &&
  bytes[at + 10] === 0x49 &&
  bytes[at + 11] === 0x54;

/**
 * Reads the messages of one FIT file, protocol version 1 or 2. Developer fields are skipped: they have numbers of their own, and are
 * never taken for the fields of the protocol. What stands before a cut-off or a fault is read.
 * @param at where the file begins
 * @returns where it ends, and how
 */
export function readFitMessages(
  bytes: Uint8Array,
  at: number,
  onMessage: (message: FitMessage) => void,
): FitEnd & { readonly end: number } {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const headerBytes = bytes[at] ?? 0;
  const from = at + Math.max(HEADER_BYTES, headerBytes);
  // A recording that was never closed announces no bytes: all that follow are its own.
  const announced = from + (view.getUint32(at + 4, true) || bytes.length);
  const until = Math.min(announced, bytes.length);
  const definitions = new Map<number, Definition>();
  let lastTime = 0;
  let position = from;
  let broken = false;
  let definition: Definition | undefined;
  let compressedTime: number | undefined;
  const message: { kind: number; value: FitMessage['value'] } = {
    kind: 0,
    value: (field) => {
      if (field === TIMESTAMP && compressedTime !== undefined) return compressedTime;
      const found = definition?.fields[field];
      return found && definition ? valueAt(view, position + found.offset, found, definition.littleEndian) : undefined;
    },
  };
  while (position < until) {
    const header = view.getUint8(position);
    const isCompressed = header >= 0x80;
    if (!isCompressed && (header & 0x40) !== 0) {
      const read = readDefinition(view, position + 1, (header & 0x20) !== 0, until);
      if (!read) break;
      definitions.set(header & 0x0f, read.definition);
      position = read.end;
      continue;
    }
    definition = definitions.get(isCompressed ? (header >> 5) & 0x03 : header & 0x0f);
    if (!definition) {
      broken = true;
      break;
    }
    if (position + 1 + definition.size > until) break;
    position += 1;
    compressedTime = undefined;
    if (isCompressed) {
      // Five bits count on from the last time that was written whole.
      lastTime += ((header & 0x1f) - (lastTime & 0x1f) + 32) & 0x1f;
      compressedTime = lastTime;
    } else lastTime = message.value(TIMESTAMP) ?? lastTime;
    message.kind = definition.kind;
    onMessage(message);
    position += definition.size;
  }
  const isWhole = position === announced && bytes.length >= announced + 2;
  return {
    end: isWhole ? announced + 2 : bytes.length,
    checksumWrong: isWhole && view.getUint16(announced, true) !== checksum(bytes, at, announced),
    missingBytes: Math.max(0, announced - position),
    broken,
  };
}

function readDefinition(view: DataView, at: number, hasDeveloperFields: boolean, until: number) {
  if (at + 5 > until) return undefined;
  const littleEndian = view.getUint8(at + 1) === 0;
  const kind = view.getUint16(at + 2, littleEndian);
  const count = view.getUint8(at + 4);
  let position = at + 5;
  if (position + 3 * count > until) return undefined;
  const fields = new Array<FitField | undefined>(256).fill(undefined);
  let size = 0;
  for (let i = 0; i < count; i += 1) {
    const bytes = view.getUint8(position + 1);
    const type = view.getUint8(position + 2);
    fields[view.getUint8(position)] = { offset: size, size: bytes, type, noValue: NO_VALUE[type] ?? NaN };
    size += bytes;
    position += 3;
  }
  if (hasDeveloperFields) {
    if (position >= until) return undefined;
    const developerFields = view.getUint8(position);
    position += 1;
    if (position + 3 * developerFields > until) return undefined;
    for (let i = 0; i < developerFields; i += 1) {
      size += view.getUint8(position + 1);
      position += 3;
    }
  }
  return { definition: { kind, littleEndian, fields, size }, end: position };
}

function valueAt(
  view: DataView,
  at: number,
  { size, type, noValue }: FitField,
  littleEndian: boolean,
): number | undefined {
  let value: number;
  if (size === 1) value = type === 0x01 ? view.getInt8(at) : view.getUint8(at);
  else if (size === 2) value = type === 0x83 ? view.getInt16(at, littleEndian) : view.getUint16(at, littleEndian);
  else if (size === 4 && type === 0x88) value = view.getFloat32(at, littleEndian);
  else if (size === 4) value = type === 0x85 ? view.getInt32(at, littleEndian) : view.getUint32(at, littleEndian);
  else if (size === 8 && type === 0x89) value = view.getFloat64(at, littleEndian);
  // Texts and lists.
  else return undefined;
  return Number.isNaN(value) || value === noValue ? undefined : value;
}

const CRC = [
  0x0000, 0xcc01, 0xd801, 0x1400, 0xf001, 0x3c00, 0x2800, 0xe401, 0xa001, 0x6c00, 0x7800, 0xb401, 0x5000, 0x9c01,
  0x8801, 0x4400,
];

/** Checksum of the protocol (CRC-16, by half bytes). */
function checksum(bytes: Uint8Array, from: number, to: number): number {
  const table = Uint16Array.from({ length: 256 }, (_, byte) => {
    const half = (crc: number, bits: number) => ((crc >> 4) & 0x0fff) ^ (CRC[crc & 0x0f] ?? 0) ^ (CRC[bits] ?? 0);
    return half(half(0, byte & 0x0f), byte >> 4);
  });
  let crc = 0;
  for (let i = from; i < to; i += 1) crc = (crc >> 8) ^ (table[(crc ^ (bytes[i] ?? 0)) & 0xff] ?? 0);
  return crc;
}

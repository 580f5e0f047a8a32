/** Binary data of a record: gzip'd samples or a JPEG. In files it is base64. */
export type Bytes = Uint8Array<ArrayBuffer>;

/** Fields of records that are binary. */
export const BINARY_FIELDS = { recordings: 'packed', photos: 'jpeg' } as const;

/** Whether a value is bytes; those of another realm, such as a worker's, included. */
export function isBytes(value: unknown): value is Bytes {
  return ArrayBuffer.isView(value) && value.constructor.name === 'Uint8Array';
}

/** `String.fromCharCode` takes so many arguments at once. */
const CHUNK = 0x8000;

/** Encodes bytes as base64 (RFC 4648, section 4). */
export function base64Of(bytes: Bytes): string {
  let text = '';
  // Spread arguments would take six times as long.
  for (let at = 0; at < bytes.length; at += CHUNK)
    text += String.fromCharCode.apply(null, bytes.subarray(at, at + CHUNK) as unknown as number[]);
  return btoa(text);
}

/** Decodes base64. @throws DOMException where the text is none */
export function bytesFromBase64(text: string): Bytes {
  const signs = atob(text);
  const bytes = new Uint8Array(signs.length);
  // A loop: a callback for each byte takes four times as long.
  for (let i = 0; i < signs.length; i += 1) bytes[i] = signs.charCodeAt(i);
  return bytes;
}

/** Writes binary fields as base64: a replacer for `JSON.stringify`. */
export function bytesAsBase64(_key: string, value: unknown): unknown {
  return isBytes(value) ? base64Of(value) : value;
}

/**
 * Decodes the binary field of a record as a file holds it. A text that is no base64 stays as it is, for the schema to
 * refuse.
 */
export function withBytes(table: keyof typeof BINARY_FIELDS, record: unknown): unknown {
  const field = BINARY_FIELDS[table];
  if (typeof record !== 'object' || record === null || !(field in record)) return record;
  const text = (record as Readonly<Record<string, unknown>>)[field];
  if (typeof text !== 'string' || !/^[A-Za-z0-9+/]+=*$/.test(text)) return record;
  try {
    return { ...record, [field]: bytesFromBase64(text) };
  } catch {
    return record;
  }
}

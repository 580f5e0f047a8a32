import { newKey, randomBytes } from './cipher';

/** What two devices must both know: where they meet, and the key that the server never gets. */
export interface Secret {
  /** 16 random bytes, base64url. */
  readonly id: string;
  readonly key: Uint8Array;
}

const ID_BYTES = 16;

export const newSecret = (): Secret => ({ id: base64UrlOf(randomBytes(ID_BYTES)), key: newKey() });

/** A secret as a link has it. */
export const secretText = ({ id, key }: Secret): string => `${id}.${base64UrlOf(key)}`;

/** Reads a secret from a link; undefined where it is cut off or is none. */
export function readSecret(text: string): Secret | undefined {
  const match = /^([\w-]{22})\.([\w-]{43})$/.exec(text.trim());
  const [, id, key] = match ?? [];
  return id !== undefined && key !== undefined ? { id, key: bytesOfBase64Url(key) } : undefined;
}

export function base64UrlOf(bytes: Uint8Array): string {
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return btoa(text).replaceAll('+', '-').replaceAll('/', '_').replace(/=+$/, '');
}

/** @throws DOMException where the text is none */
export function bytesOfBase64Url(text: string): Uint8Array<ArrayBuffer> {
  return Uint8Array.from(atob(text.replaceAll('-', '+').replaceAll('_', '/')), (sign) => sign.charCodeAt(0));
}

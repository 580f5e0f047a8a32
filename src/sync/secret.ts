import { base64Of, bytesFromBase64, type Bytes } from '../records/bytes';
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

export const base64UrlOf = (bytes: Uint8Array): string =>
  base64Of(new Uint8Array(bytes)).replaceAll('+', '-').replaceAll('/', '_').replace(/=+$/, '');

/** @throws DOMException where the text is none */
export const bytesOfBase64Url = (text: string): Bytes =>
  bytesFromBase64(text.replaceAll('-', '+').replaceAll('_', '/'));

import { concatBytes } from '@noble/hashes/utils.js';
import { gcm } from '@noble/ciphers/aes.js';

const KEY_BYTES = 32;
const NONCE_BYTES = 12;

/** Random bytes of the browser's own source, which plain HTTP has too. */
export const randomBytes = (count: number) => crypto.getRandomValues(new Uint8Array(count));

/** Encrypts with one key, AES-256-GCM with a random nonce in front; what was changed on the way is not decrypted. */
interface Cipher {
  readonly encrypt: (plain: Uint8Array) => Promise<Uint8Array>;
  /** @throws Error if the bytes were made with another key or changed since */
  readonly decrypt: (sealed: Uint8Array) => Promise<Uint8Array>;
}

export const newKey = () => randomBytes(KEY_BYTES);

/**
 * Makes a cipher: the browser's own where there is a secure context, a library of the same standard over plain HTTP.
 * @param subtle the browser's own; null for the library
 * @throws RangeError if the key has not 32 bytes
 */
export function cipherOf(key: Uint8Array, subtle: SubtleCrypto | null | undefined = webCrypto()): Cipher {
  if (key.length !== KEY_BYTES) throw new RangeError(`a key of ${key.length} bytes: ${KEY_BYTES} are needed`);
  const { seal, open } = subtle ? ofBrowser(subtle, key) : ofLibrary(key);
  return {
    encrypt: async (plain) => {
      const nonce = randomBytes(NONCE_BYTES);
      const sealed = await seal(nonce, plain);
      return concatBytes(nonce, sealed);
    },
    decrypt: (sealed) => open(sealed.slice(0, NONCE_BYTES), sealed.slice(NONCE_BYTES)),
  };
}

/** Undefined over plain HTTP, whatever the types say. */
const webCrypto = () => (crypto as { readonly subtle?: SubtleCrypto }).subtle;

type Half = (nonce: Uint8Array, bytes: Uint8Array) => Promise<Uint8Array>;

function ofBrowser(subtle: SubtleCrypto, key: Uint8Array): { readonly seal: Half; readonly open: Half } {
  const known = subtle.importKey('raw', new Uint8Array(key), 'AES-GCM', false, ['encrypt', 'decrypt']);
  const with_ = (nonce: Uint8Array) => ({ name: 'AES-GCM', iv: new Uint8Array(nonce) });
  return {
    seal: async (nonce, plain) =>
      new Uint8Array(await subtle.encrypt(with_(nonce), await known, new Uint8Array(plain))),
    open: async (nonce, sealed) =>
      new Uint8Array(await subtle.decrypt(with_(nonce), await known, new Uint8Array(sealed))),
  };
}

function ofLibrary(key: Uint8Array): { readonly seal: Half; readonly open: Half } {
  return {
    seal: (nonce, plain) => Promise.resolve().then(() => gcm(key, nonce).encrypt(plain)),
    open: (nonce, sealed) => Promise.resolve().then(() => gcm(key, nonce).decrypt(sealed)),
  };
}

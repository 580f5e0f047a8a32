import { definite } from '../../core/items';
/** Which Rontel this is: its version, and a fingerprint of what it was built from. Written in when it is built. */
export const VERSION = {
  version: definite(process.env.RONTEL_VERSION),
  build: definite(process.env.RONTEL_BUILD),
} as const;

/**
 * What a worker says once it listens. Its script may load in parts, and what is sent to it before it
 * listens would be lost.
 */
export const READY = 'ready';

/**
 * The message of a worker that is ready. Its script may load in parts, and messages sent earlier would be lost.
 */
export const READY = 'ready';

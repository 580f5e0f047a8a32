/**
 * Hands encrypted bytes from one device to another. It can read none of them: the key never reaches the server. A package is
 * left once and taken once; a channel passes messages on to whoever follows it, without a promise that each arrives.
 */
export interface Relay {
  /** Leaves a package for {@link RELAY_BOUNDS.packageMs}. */
  readonly leave: (id: string, bytes: Uint8Array) => Promise<'left' | 'idTaken' | 'full'>;
  /** Takes a package away; undefined if there is none, has been taken, or has expired. */
  readonly take: (id: string) => Promise<Uint8Array | undefined>;
  /** Passes a message on. */
  readonly post: (channel: string, bytes: Uint8Array) => Promise<'sent' | 'full'>;
  /**
   * Follows a channel until the signal ends it: yields its messages as they come, those first that are kept and came after
   * the message `after`. Refuses where too many devices follow it, or too many channels are open.
   */
  readonly follow: (
    channel: string,
    after: string | undefined,
    signal: AbortSignal,
  ) => Promise<AsyncIterable<RelayMessage> | 'full'>;
  readonly figures: () => RelayFigures;
  /** Ends all that follow. */
  readonly close: () => Promise<void>;
}

export interface RelayMessage {
  /** Names the message, to go on from. */
  readonly id: string;
  readonly bytes: Uint8Array;
}

/** What a relay holds now; those of one process, where several share a store. */
interface RelayFigures {
  readonly packages: number;
  readonly channels: number;
  readonly followers: number;
  /** Bytes of packages and messages in this process. */
  readonly bytes: number;
}

export const RELAY_BOUNDS = {
  packageMs: 600_000,
  packageBytes: 8_000_000,
  /** Of a whole process. */
  packagesBytes: 128_000_000,
  messageBytes: 96_000,
  /** Messages kept for who was away for a moment. */
  messagesKept: 64,
  messageMs: 60_000,
  channels: 4000,
  followersOfOne: 8,
  /** Of all channels of a process. */
  messagesBytes: 64_000_000,
} as const;

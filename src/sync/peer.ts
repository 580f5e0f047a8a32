import { decodeMessage, encodeMessage, type Speaker, type SyncMessage } from './messages';
import type { BytesMark } from './together';

/** Changes that another device sent. */
export interface Incoming {
  readonly from: Speaker;
  readonly update: Uint8Array;
}

/** What a conversation is about: the records of this device, and the bytes that go with them. */
export interface SharedStore {
  /** Takes in what was changed here and what others sent. Resolves with whether anything was changed here. */
  readonly exchange: (incoming: readonly Incoming[]) => Promise<{ readonly changedHere: boolean }>;
  readonly stateVector: () => Uint8Array;
  readonly fingerprint: () => Uint8Array;
  readonly updateFor: (theirs: Uint8Array) => Uint8Array;
  /** Bytes that are still missing here, and how many of them are there. */
  readonly missing: () => Promise<readonly (BytesMark & { readonly offset: number })[]>;
  /** A piece of some bytes; undefined if they are not here. */
  readonly readPiece: (
    digest: string,
    offset: number,
    most: number,
  ) => Promise<{ readonly bytes: Uint8Array; readonly size: number } | undefined>;
  /** Keeps a piece; gives whether the whole is there now. */
  readonly keepPiece: (digest: string, offset: number, bytes: Uint8Array) => Promise<boolean>;
}

/** Another device, as it was last heard. */
export interface OtherDevice extends Speaker {
  readonly seenAtMs: number;
  /** The job that is open there; empty where none is. */
  readonly jobId: string;
}

interface Options {
  readonly me: Speaker;
  readonly store: SharedStore;
  /** Sends a message to all other devices; it may be lost. */
  readonly send: (message: Uint8Array) => Promise<void>;
  readonly onDevice: (device: OtherDevice) => void;
  /** Wall clock, ms. */
  readonly now: () => number;
}

/** Bytes of a photo or of samples that are sent at once. */
const PIECE_BYTES = 64_000;
/** What was asked for and did not come by then is asked for again, ms. */
const PIECE_LATE_MS = 8000;
/** An answer to a greeting that found a difference is greeted back no sooner than this, ms: two would never end. */
const GREET_AGAIN_MS = 2000;

/**
 * Talks with other devices over a line on which anything may be lost, repeated or late: each says what it has, and others
 * answer with what it lacks.
 */
export class Peer {
  jobId = '';
  private sentVector: Uint8Array | undefined;
  private greetedAtMs = -Infinity;
  private readonly online = new Map<string, number>();
  private asked: { readonly digest: string; readonly atMs: number } | undefined;
  private turn: Promise<void> = Promise.resolve();
  private incoming: Incoming[] = [];

  constructor(private readonly options: Options) {}

  /** Says what is here. */
  async greet(): Promise<void> {
    const { store, now } = this.options;
    this.greetedAtMs = now();
    await this.say({
      kind: 'hello',
      stateVector: store.stateVector(),
      fingerprint: store.fingerprint(),
      jobId: this.jobId,
    });
    await this.fetchBytes();
  }

  /** Takes in what was changed here, and tells the others. */
  changed(): Promise<void> {
    return this.inTurn(() => this.exchange());
  }

  /** Takes a message of another device. @throws Error where it is none */
  async take(bytes: Uint8Array): Promise<void> {
    const message = decodeMessage(bytes);
    if (message.kind === 'unknown' || message.from.deviceId === this.options.me.deviceId) return;
    const { from } = message;
    const { me, store, now, onDevice } = this.options;
    this.online.set(from.deviceId, now());
    if (message.kind === 'hello') onDevice({ ...from, seenAtMs: now(), jobId: message.jobId });
    // Records of another version have another shape: both wait until they have the same.
    if (from.dataVersion !== me.dataVersion) return;
    switch (message.kind) {
      case 'hello':
        if (isEqual(message.fingerprint, store.fingerprint())) return;
        await this.sayUpdate(message.stateVector);
        if (now() - this.greetedAtMs >= GREET_AGAIN_MS) await this.greet();
        return;
      case 'update':
        this.incoming.push(message);
        await this.inTurn(() => this.exchange());
        return;
      case 'want':
        if (message.to === me.deviceId) await this.givePiece(message.digest, message.offset);
        return;
      case 'piece':
        await this.takePiece(message);
    }
  }

  /** One exchange at a time: each begins with what the one before has left. */
  private inTurn(work: () => Promise<void>): Promise<void> {
    const next = this.turn.then(work);
    this.turn = next.catch(() => undefined);
    return next;
  }

  private async exchange(): Promise<void> {
    const { store } = this.options;
    const incoming = this.incoming;
    this.incoming = [];
    const before = this.sentVector ?? store.stateVector();
    const { changedHere } = await store.exchange(incoming);
    if (changedHere) await this.sayUpdate(before);
    if (incoming.length > 0) await this.fetchBytes();
  }

  private async sayUpdate(theirs: Uint8Array): Promise<void> {
    const { store } = this.options;
    this.sentVector = store.stateVector();
    await this.say({ kind: 'update', update: store.updateFor(theirs) });
  }

  private async fetchBytes(): Promise<void> {
    const { store, now } = this.options;
    if (this.asked && now() - this.asked.atMs < PIECE_LATE_MS) return;
    this.asked = undefined;
    const [first] = await store.missing();
    if (!first) return;
    // Whoever spoke last is there; one that does not answer has had its turn.
    const [to] = [...this.online].sort((a, b) => b[1] - a[1]).map(([id]) => id);
    if (to === undefined) return;
    this.asked = { digest: first.digest, atMs: now() };
    await this.say({ kind: 'want', digest: first.digest, offset: first.offset, to });
  }

  private async givePiece(digest: string, offset: number): Promise<void> {
    const piece = await this.options.store.readPiece(digest, offset, PIECE_BYTES);
    if (piece) await this.say({ kind: 'piece', digest, offset, ...piece });
  }

  private async takePiece({ digest, offset, bytes }: SyncMessage & { readonly kind: 'piece' }): Promise<void> {
    const isWhole = await this.options.store.keepPiece(digest, offset, bytes);
    this.asked = undefined;
    if (isWhole) await this.inTurn(() => this.exchange());
    await this.fetchBytes();
  }

  private async say(message: DistributiveOmit<SyncMessage, 'from'>): Promise<void> {
    await this.options.send(encodeMessage({ ...message, from: this.options.me }));
  }
}

type DistributiveOmit<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;

const isEqual = (a: Uint8Array, b: Uint8Array) => a.length === b.length && a.every((byte, i) => byte === b[i]);

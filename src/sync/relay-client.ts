import { bytesFromBase64 } from '../records/bytes';
import { atBase } from '../offline/base-path';
import { cipherOf } from './cipher';
import { frameJoiner, framesOf } from './frames';
import type { Secret } from './secret';

const RELAY = atBase('/api/v1/relay');
const BYTES = { 'content-type': 'application/octet-stream' };
/** How often a message is tried, and what is waited between, ms. */
const TRIES = 3;
const PAUSE_MS = 1000;

/** Thrown where the relay refuses, with what it says. */
export class RelayRefusedError extends Error {
  constructor(
    readonly status: number,
    detail: string,
  ) {
    super(detail);
  }
}

async function refusedWhere(response: Response): Promise<Response> {
  if (response.ok) return response;
  const problem = (await response.json().catch(() => undefined)) as { readonly detail?: string } | undefined;
  throw new RelayRefusedError(response.status, problem?.detail ?? response.statusText);
}

/**
 * Leaves an encrypted package for another device. @returns how long it waits, s
 * @throws RelayRefusedError if the relay has no room or the package is too large; TypeError without a server
 */
export async function leavePackage({ id, key }: Secret, plain: Uint8Array): Promise<number> {
  const body = new Blob([new Uint8Array(await cipherOf(key).encrypt(plain))]);
  const response = await fetch(`${RELAY}/packages/${id}`, { method: 'PUT', headers: BYTES, body });
  const { seconds } = (await (await refusedWhere(response)).json()) as { readonly seconds: number };
  return seconds;
}

/**
 * Takes the package of a link, once.
 * @throws RelayRefusedError if it is gone; TypeError without a server; DOMException or Error if it was made with another key
 */
export async function takePackage({ id, key }: Secret): Promise<Uint8Array> {
  const response = await refusedWhere(await fetch(`${RELAY}/packages/${id}`, { method: 'POST' }));
  return cipherOf(key).decrypt(new Uint8Array(await response.arrayBuffer()));
}

/** What a line is connected to. */
export type LineState = 'connecting' | 'open' | 'cut';

/** A line to all devices that have the same secret, over the relay; what they say is encrypted. */
export class RelayLine {
  private source: EventSource | undefined;
  private readonly url: string;
  private readonly cipher;
  private readonly join = frameJoiner();
  private turn: Promise<void> = Promise.resolve();

  /**
   * @param onMessage is given each message of another device, one at a time
   * @param onState is told when the line opens or is cut; a line that is cut opens again by itself
   */
  constructor(
    { id, key }: Secret,
    private readonly onMessage: (message: Uint8Array) => Promise<void>,
    private readonly onState: (state: LineState) => void,
  ) {
    this.url = `${RELAY}/channels/${id}`;
    this.cipher = cipherOf(key);
  }

  open(): void {
    this.onState('connecting');
    const source = new EventSource(this.url);
    this.source = source;
    source.onopen = () => this.onState('open');
    source.onerror = () => {
      this.onState('cut');
      // Refused, which a browser does not try again by itself.
      if (source.readyState === EventSource.CLOSED)
        setTimeout(() => this.source === source && this.open(), 10 * PAUSE_MS);
    };
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const sealed = bytesFromBase64(data);
      this.turn = this.turn.then(() => this.take(sealed)).catch((error: unknown) => console.warn('not taken:', error));
    };
  }

  close(): void {
    this.source?.close();
    this.source = undefined;
  }

  /** Sends a message to whoever is there. @throws if it cannot be sent; the next greeting makes up for it */
  async send(message: Uint8Array): Promise<void> {
    for (const frame of framesOf(message))
      await this.post(new Blob([new Uint8Array(await this.cipher.encrypt(frame))]));
  }

  private async post(body: Blob): Promise<void> {
    for (let tried = 1; ; tried += 1) {
      try {
        await refusedWhere(await fetch(this.url, { method: 'POST', headers: BYTES, body }));
        return;
      } catch (error) {
        // Too much at once is sent a little later; without a server there is nobody to send to.
        if (!(error instanceof RelayRefusedError) || tried >= TRIES) throw error;
        await new Promise((resolve) => setTimeout(resolve, tried * PAUSE_MS));
      }
    }
  }

  /** What was made with another key, or is no frame, is left alone. */
  private async take(sealed: Uint8Array): Promise<void> {
    const frame = await this.cipher.decrypt(sealed).catch(() => undefined);
    const message = frame && this.join(frame);
    if (message) await this.onMessage(message);
  }
}

import { RESP_TYPES, createClient } from 'redis';
import { RELAY_BOUNDS, type Relay, type RelayMessage } from './relay';

/** How long one question for new messages waits in Redis, ms; then it is asked again. */
const BLOCK_MS = 5000;
const PREFIX = 'rontel:relay:';

/** Bytes come back as bytes. */
const connect = async (url: string) => {
  const client = createClient({ url }).withTypeMapping({ [RESP_TYPES.BLOB_STRING]: Buffer });
  // Without a listener a lost connection would end the process; the client connects again by itself.
  client.on('error', (error: unknown) => console.error('relay store:', error));
  await client.connect();
  return client;
};

/**
 * Keeps packages and channels in Redis, for several processes behind one address: packages as values that expire, channels
 * as streams. Memory in all is bounded by Redis' own `maxmemory`.
 * @param url such as redis://localhost:6379
 */
export async function redisRelay(url: string): Promise<Relay> {
  const client = await connect(url);
  /** Connections of those that follow. */
  const readers = new Set<Awaited<ReturnType<typeof connect>>>();
  let isClosed = false;
  const following = new Map<string, number>();
  const packageKey = (id: string) => `${PREFIX}package:${id}`;
  const channelKey = (id: string) => `${PREFIX}channel:${id}`;
  /** Redis says with an error that it has no more memory. */
  const fullWhere = (error: unknown): 'full' => {
    if (error instanceof Error && error.message.startsWith('OOM')) return 'full';
    throw error;
  };

  const follow = async (id: string, after: string | undefined, signal: AbortSignal) => {
    const count = following.get(id) ?? 0;
    if (count >= RELAY_BOUNDS.followersOfOne || (count === 0 && following.size >= RELAY_BOUNDS.channels)) return 'full';
    following.set(id, count + 1);
    // A question that waits holds its connection.
    const reader = await connect(url);
    readers.add(reader);
    const leave = () => {
      signal.removeEventListener('abort', leave);
      if (!readers.delete(reader)) return;
      reader.destroy();
      const rest = (following.get(id) ?? 1) - 1;
      if (rest > 0) following.set(id, rest);
      else following.delete(id);
    };
    signal.addEventListener('abort', leave);
    if (signal.aborted) leave();
    const hasEnded = () => signal.aborted || isClosed;
    async function* messages(): AsyncGenerator<RelayMessage> {
      let last = /^\d+-\d+$/.test(after ?? '') ? (after ?? '0') : '0';
      try {
        while (!hasEnded()) {
          const found = await reader
            .xRead({ key: channelKey(id), id: last }, { BLOCK: BLOCK_MS, COUNT: 16 })
            .catch((error: unknown) => {
              if (hasEnded()) return null;
              throw error;
            });
          for (const { messages: some } of (found ?? []) as Streams) {
            for (const { id: messageId, message } of some) {
              last = messageId.toString();
              yield { id: last, bytes: new Uint8Array(message.bytes ?? []) };
            }
          }
        }
      } finally {
        leave();
      }
    }
    return messages();
  };

  return {
    leave: (id, bytes) =>
      client
        .set(packageKey(id), Buffer.from(bytes), {
          condition: 'NX',
          expiration: { type: 'PX', value: RELAY_BOUNDS.packageMs },
        })
        .then((answer) => (answer === null ? ('idTaken' as const) : ('left' as const)), fullWhere),
    take: async (id) => {
      const bytes = await client.getDel(packageKey(id));
      return bytes === null ? undefined : new Uint8Array(bytes);
    },
    post: (id, bytes) =>
      client
        .multi()
        .xAdd(
          channelKey(id),
          '*',
          { bytes: Buffer.from(bytes) },
          {
            TRIM: { strategy: 'MAXLEN', strategyModifier: '=', threshold: RELAY_BOUNDS.messagesKept },
          },
        )
        .pExpire(channelKey(id), RELAY_BOUNDS.messageMs)
        .exec()
        .then(() => 'sent' as const, fullWhere),
    follow,
    figures: () => ({
      packages: 0,
      channels: following.size,
      followers: [...following.values()].reduce((sum, one) => sum + one, 0),
      bytes: 0,
    }),
    close: async () => {
      isClosed = true;
      for (const reader of readers) reader.destroy();
      await client.close();
    },
  };
}

/** What a client of the type mapping above answers; its own types know strings only. */
type Streams = readonly {
  readonly messages: readonly {
    readonly id: Buffer | string;
    readonly message: Readonly<Record<string, Buffer | undefined>>;
  }[];
}[];

import { RELAY_BOUNDS, type Relay, type RelayMessage } from './relay';

interface Kept extends RelayMessage {
  readonly seq: number;
  readonly atMs: number;
}

interface Channel {
  /** The oldest first. */
  readonly messages: Kept[];
  /** Wake those that follow. */
  readonly followers: Set<() => void>;
}

interface Left {
  readonly bytes: Uint8Array;
  readonly untilMs: number;
}

interface Options {
  /** The clock, ms. */
  readonly now?: () => number;
  readonly bounds?: typeof RELAY_BOUNDS | Readonly<Record<keyof typeof RELAY_BOUNDS, number>>;
}

/** Keeps packages and channels in the memory of one process. */
export function memoryRelay({ now = Date.now, bounds = RELAY_BOUNDS }: Options = {}): Relay {
  /** Distinguishes messages of this process from those of one before it. */
  const run = `${now().toString(36)}-${Math.random().toString(36).slice(2, 8)}`;
  const packages = new Map<string, Left>();
  const channels = new Map<string, Channel>();
  let isClosed = false;
  let seq = 0;
  let packageBytes = 0;
  let messageBytes = 0;
  let followers = 0;

  const drop = (id: string, { bytes }: Left) => {
    packages.delete(id);
    packageBytes -= bytes.length;
  };
  /** Packages expire in the order in which they were left. */
  const dropExpired = () => {
    for (const [id, left] of packages) {
      if (left.untilMs > now()) return;
      drop(id, left);
    }
  };
  const forget = (id: string, channel: Channel, count: number) => {
    for (const { bytes } of channel.messages.splice(0, count)) messageBytes -= bytes.length;
    if (channel.messages.length === 0 && channel.followers.size === 0) channels.delete(id);
  };
  const forgetOld = (id: string, channel: Channel) => {
    const firstKept = channel.messages.findIndex(({ atMs }) => atMs > now() - bounds.messageMs);
    forget(id, channel, firstKept < 0 ? channel.messages.length : firstKept);
  };
  const tidy = () => {
    dropExpired();
    for (const [id, channel] of channels) forgetOld(id, channel);
  };
  const timer = setInterval(tidy, bounds.messageMs / 2);
  timer.unref();

  /** The channel; a new one where there is none yet, undefined where there are too many. */
  const channelOf = (id: string): Channel | undefined => {
    const known = channels.get(id);
    if (known) return known;
    if (channels.size >= bounds.channels) tidy();
    if (channels.size >= bounds.channels) return undefined;
    const made = { messages: [], followers: new Set<() => void>() };
    channels.set(id, made);
    return made;
  };

  const follow = (id: string, after: string | undefined, signal: AbortSignal) => {
    const channel = channelOf(id);
    if (!channel || channel.followers.size >= bounds.followersOfOne) return Promise.resolve('full' as const);
    let wake: () => void = () => undefined;
    const call = () => wake();
    channel.followers.add(call);
    followers += 1;
    const leave = () => {
      wake();
      signal.removeEventListener('abort', leave);
      if (!channel.followers.delete(call)) return;
      followers -= 1;
      forgetOld(id, channel);
    };
    signal.addEventListener('abort', leave);
    async function* messages({ messages: kept }: Channel): AsyncGenerator<RelayMessage> {
      const [afterRun, afterSeq] = after?.split('.') ?? [];
      let next = afterRun === run ? Number(afterSeq) + 1 : 0;
      try {
        while (!signal.aborted && !isClosed) {
          const message = kept.find((one) => one.seq >= next);
          if (message) {
            next = message.seq + 1;
            yield { id: message.id, bytes: message.bytes };
          } else {
            await new Promise<void>((resolve) => (wake = resolve));
          }
        }
      } finally {
        leave();
      }
    }
    return Promise.resolve(messages(channel));
  };

  return {
    leave: (id, bytes) => {
      dropExpired();
      if (packages.has(id)) return Promise.resolve('idTaken');
      if (packageBytes + bytes.length > bounds.packagesBytes) return Promise.resolve('full');
      packages.set(id, { bytes, untilMs: now() + bounds.packageMs });
      packageBytes += bytes.length;
      return Promise.resolve('left');
    },
    take: (id) => {
      dropExpired();
      const left = packages.get(id);
      if (left) drop(id, left);
      return Promise.resolve(left?.bytes);
    },
    post: (id, bytes) => {
      if (messageBytes + bytes.length > bounds.messagesBytes) tidy();
      const channel = messageBytes + bytes.length > bounds.messagesBytes ? undefined : channelOf(id);
      if (!channel) return Promise.resolve('full');
      seq += 1;
      channel.messages.push({ id: `${run}.${seq}`, seq, bytes, atMs: now() });
      messageBytes += bytes.length;
      forget(id, channel, Math.max(0, channel.messages.length - bounds.messagesKept));
      for (const wake of channel.followers) wake();
      return Promise.resolve('sent');
    },
    follow,
    figures: () => ({
      packages: packages.size,
      channels: channels.size,
      followers,
      bytes: packageBytes + messageBytes,
    }),
    close: () => {
      clearInterval(timer);
      isClosed = true;
      for (const channel of channels.values()) for (const wake of channel.followers) wake();
      return Promise.resolve();
    },
  };
}

// npm run relay-load -- URL SESSIONS: what the relay of a running server does with many sessions and with clients that mean harm.
import { randomBytes } from 'node:crypto';
import { Agent, get, request } from 'node:http';

const base = process.argv[2] ?? 'http://localhost:3000';
const sessions = Number(process.argv[3] ?? 1000);
const agent = new Agent({ keepAlive: true, maxSockets: 64 });
const newId = () => randomBytes(16).toString('base64url');
const BYTES = { 'content-type': 'application/octet-stream' };

/** Sends bytes; gives the status, or 0 if the connection was refused. */
function send(
  method: string,
  path: string,
  body: Uint8Array,
  headers: Record<string, string> = BYTES,
): Promise<number> {
  return new Promise((resolve) => {
    const asked = request(`${base}/api/v1/relay/${path}`, { method, agent, headers }, (response) => {
      response.resume();
      response.on('end', () => resolve(response.statusCode ?? 0));
    });
    asked.on('error', () => resolve(0));
    asked.end(body);
  });
}

/** A device that follows a channel. */
function follow(id: string, onMessage: () => void): Promise<() => void> {
  return new Promise((resolve, reject) => {
    const asked = get(`${base}/api/v1/relay/channels/${id}`, { agent: new Agent() }, (response) => {
      if (response.statusCode !== 200) reject(new Error(`follow: ${response.statusCode}`));
      response.on('data', (piece: Buffer) => {
        if (piece.includes('data:')) onMessage();
      });
      resolve(() => asked.destroy());
    });
    asked.on('error', () => undefined);
  });
}

const quantile = (values: readonly number[], share: number) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(share * values.length))] ?? NaN;

async function main(): Promise<void> {
  const opened = performance.now();
  const channels: { readonly id: string; readonly leave: () => void; arrivedMs: number }[] = [];
  for (let at = 0; at < sessions; at += 50) {
    channels.push(
      ...(await Promise.all(
        Array.from({ length: Math.min(50, sessions - at) }, async () => {
          const channel = { id: newId(), arrivedMs: 0 };
          return Object.assign(channel, {
            leave: await follow(channel.id, () => (channel.arrivedMs = performance.now())),
          });
        }),
      )),
    );
  }
  console.log(`${channels.length} sessions open in ${Math.round(performance.now() - opened)} ms`);

  const delays: number[] = [];
  const message = randomBytes(2000);
  for (let round = 0; round < 3; round += 1) {
    for (let at = 0; at < channels.length; at += 32) {
      await Promise.all(
        channels.slice(at, at + 32).map(async (channel) => {
          channel.arrivedMs = 0;
          const sentMs = performance.now();
          const status = await send('POST', `channels/${channel.id}`, message);
          if (status !== 204) throw new Error(`message: ${status}`);
          while (channel.arrivedMs === 0) await new Promise((resolve) => setImmediate(resolve));
          delays.push(channel.arrivedMs - sentMs);
        }),
      );
    }
  }
  console.log(
    `${delays.length} messages of 2 kB arrived, 32 at once: median ${quantile(delays, 0.5).toFixed(1)} ms, 99% within ${quantile(delays, 0.99).toFixed(1)} ms`,
  );

  // Clients that mean harm, while the sessions stay open: ids to be guessed, too much, packages without end.
  const statuses = new Map<string, number>();
  const count = (what: string, status: number) =>
    statuses.set(`${what} ${status}`, (statuses.get(`${what} ${status}`) ?? 0) + 1);
  for (let i = 0; i < 200; i += 1) count('guessed id', await send('POST', `packages/${i}`, new Uint8Array()));
  for (let i = 0; i < 3; i += 1) count('too large', await send('POST', `channels/${newId()}`, new Uint8Array(200_000)));
  for (let i = 0; i < 80; i += 1) count('packages', await send('PUT', `packages/${newId()}`, randomBytes(100_000)));
  const flooded = newId();
  for (let i = 0; i < 700; i += 1) count('flood', await send('POST', `channels/${flooded}`, message));
  for (const [what, times] of statuses) console.log(`${what}: ${times} ×`);

  const [first] = channels;
  if (first) {
    first.arrivedMs = 0;
    await send('POST', `channels/${first.id}`, message);
    while (first.arrivedMs === 0) await new Promise((resolve) => setImmediate(resolve));
    console.log('a session that was open all the while still gets its messages');
  }
  for (const { leave } of channels) leave();
}

void main().then(() => process.exit(0));

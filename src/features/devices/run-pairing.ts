import Dexie from 'dexie';
import { errorText } from '../../core/error';
import { DATA_VERSION, KEPT_TABLES } from '../../records';
import { noteDevice, readPairing, type RontelDatabase } from '../../store';
import { Sharing } from '../../store/sharing';
import { Peer } from '../../sync/peer';
import { RelayLine } from '../../sync/relay-client';
import { readSecret } from '../../sync/secret';
import { follow, openJob, setPairingStatus } from './pairing-status';

const LOCK = 'rontel-pairing';
/** How often this device says what it has: whatever was lost is made up for then. */
const GREET_MS = 20_000;
/** Changes in quick succession are sent together. */
const PAUSE_MS = 300;

/** Exchanges changes with paired devices until it is stopped; of several tabs one does. Returns what stops it. */
// Imported on demand.
// ts-unused-exports:disable-next-line
export function runPairing(db: RontelDatabase): () => void {
  const end = new AbortController();
  const fail = (error: unknown) => {
    if (!end.signal.aborted) setPairingStatus({ failure: errorText(error) });
  };
  const run = () => talk(db, end.signal);
  if ('locks' in navigator) {
    const inTurn = async () => {
      const wasFree = await navigator.locks.request(LOCK, { ifAvailable: true }, async (lock) => {
        if (lock) await run();
        return lock !== null;
      });
      if (wasFree || end.signal.aborted) return;
      setPairingStatus({ line: 'elsewhere' });
      await navigator.locks.request(LOCK, { signal: end.signal }, run);
    };
    inTurn().catch(fail);
  } else run().catch(fail);
  return () => end.abort();
}

/** Talks until the signal. */
async function talk(db: RontelDatabase, signal: AbortSignal): Promise<void> {
  const pairing = await readPairing(db);
  const secret = pairing && readSecret(pairing.secret);
  if (!secret || signal.aborted) return;
  const sharing = await Sharing.open(db, Date.now);
  const attempt = async (work: Promise<void>) => {
    try {
      await work;
      setPairingStatus({ failure: undefined });
    } catch (error) {
      // Without a server nothing can be sent; the line says so, and the next greeting makes up for it.
      if (!(error instanceof TypeError)) setPairingStatus({ failure: errorText(error) });
    }
  };
  const line: RelayLine = new RelayLine(
    secret,
    (message) => attempt(peer.take(message)),
    (state) => {
      setPairingStatus({ line: state });
      if (state === 'open') void attempt(peer.greet());
    },
  );
  const peer: Peer = new Peer({
    me: { deviceId: pairing.deviceId, name: pairing.name, dataVersion: DATA_VERSION },
    store: sharing,
    send: (message) => line.send(message),
    onDevice: (device) => void noteDevice(db, device),
    now: Date.now,
  });
  const sayJob = () => {
    if (peer.jobId === openJob()) return;
    peer.jobId = openJob();
    void attempt(peer.greet());
  };
  peer.jobId = openJob();
  let waits: ReturnType<typeof setTimeout> | undefined;
  const parts = KEPT_TABLES.map((table) => `idb://${db.name}/${table}/`);
  const onChange = (changed: Readonly<Record<string, unknown>>) => {
    if (!Object.keys(changed).some((part) => parts.some((own) => part.startsWith(own)))) return;
    clearTimeout(waits);
    waits = setTimeout(() => void attempt(peer.changed()), PAUSE_MS);
  };
  Dexie.on('storagemutated', onChange);
  const unfollow = follow(sayJob);
  const timer = setInterval(() => void attempt(peer.greet()), GREET_MS);
  line.open();
  await new Promise<void>((resolve) => {
    if (signal.aborted) resolve();
    else signal.addEventListener('abort', () => resolve());
  });
  clearTimeout(waits);
  clearInterval(timer);
  unfollow();
  Dexie.on('storagemutated').unsubscribe(onChange);
  line.close();
}

import { RontelDatabase } from '@/store/db';

/** Writes as another program would, past the gate of a database. */
export async function pastGate(
  { name }: RontelDatabase,
  write: (raw: RontelDatabase) => Promise<unknown>,
): Promise<void> {
  const raw = new RontelDatabase(name);
  raw.unuse({ stack: 'dbcore', name: 'gate' });
  await write(raw);
  raw.close();
}

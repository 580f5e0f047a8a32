import { join } from 'node:path';
import { bundleThreads } from '../scripts/threads.mjs';

/** Bundles the server's threads before the first test, where tests need no build of the app. */
export default function setUp() {
  const folder = join(process.cwd(), 'node_modules', '.cache', 'rontel', 'threads');
  bundleThreads(folder);
  process.env.RONTEL_THREADS = folder;
}

// Bundles what runs on the server's threads, each into a file of its own: a pool loads files, and the framework bundles none
// for it.
import { buildSync } from 'esbuild';
import { join } from 'node:path';

/** The scripts by the names of their bundles. */
const THREADS = { find: 'src/workers/find/thread.ts' };

/** Writes the bundles to a folder. */
export function bundleThreads(folder) {
  for (const [name, entry] of Object.entries(THREADS)) {
    buildSync({
      entryPoints: [entry],
      outfile: join(folder, `${name}.mjs`),
      bundle: true,
      format: 'esm',
      platform: 'node',
      target: 'node20',
      logLevel: 'warning',
    });
  }
}

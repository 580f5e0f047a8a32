// After a build: puts what the framework leaves out beside its server in .next/standalone, so that this folder alone runs.
import { cpSync } from 'node:fs';
import { join } from 'node:path';

const FOLDER = '.next/standalone';
const OF_THE_BUILD = ['static', 'threads', 'inline-scripts.json'];
const SCRIPTS = ['serve.mjs', 'healthy.mjs'];

/** Completes the folder; called once all else has been written. */
export function completeStandalone() {
  for (const name of OF_THE_BUILD) cpSync(join('.next', name), join(FOLDER, '.next', name), { recursive: true });
  for (const name of SCRIPTS) cpSync(join('scripts', name), join(FOLDER, name));
}

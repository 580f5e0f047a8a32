// Runs the framework's own command with its telemetry off, whatever the shell.
import { spawn } from 'node:child_process';
import { writeInlineScripts } from './inline-scripts.mjs';
import { completeStandalone } from './standalone.mjs';
import { bundleThreads } from './threads.mjs';

// A build empties its folder first; a server that builds as it goes needs them from the start.
if (process.argv[2] === 'dev') bundleThreads('.next/threads');
const child = spawn(process.execPath, ['node_modules/next/dist/bin/next', ...process.argv.slice(2)], {
  stdio: 'inherit',
  env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
child.on('exit', (code) => {
  if (code === 0 && process.argv[2] === 'build') {
    writeInlineScripts();
    bundleThreads('.next/threads');
    completeStandalone();
  }
  process.exit(code ?? 1);
});

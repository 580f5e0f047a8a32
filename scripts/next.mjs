// Runs the framework's own command with its telemetry off, whatever the shell.
import { spawn } from 'node:child_process';

const child = spawn(process.execPath, ['node_modules/next/dist/bin/next', ...process.argv.slice(2)], {
  stdio: 'inherit',
  env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
child.on('exit', (code) => process.exit(code ?? 1));

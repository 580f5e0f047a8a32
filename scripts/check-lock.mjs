// npm run lock:check: whether every entry of the lock file has the fingerprint of what was packed. `--drop` takes out those
// that have none, so that `npm install --package-lock-only` fetches them anew where the registry has them.
import { readFileSync, writeFileSync } from 'node:fs';

const lock = JSON.parse(readFileSync('package-lock.json', 'utf8'));
const isComplete = ([path, { integrity, link }]) =>
  path === '' || link || integrity !== undefined || !path.includes('node_modules/');
const missing = Object.entries(lock.packages).filter((entry) => !isComplete(entry));
if (process.argv.includes('--drop')) {
  lock.packages = Object.fromEntries(Object.entries(lock.packages).filter(isComplete));
  writeFileSync('package-lock.json', `${JSON.stringify(lock, null, 2)}\n`);
  console.log(`package-lock.json: ${missing.length} entries without a fingerprint taken out`);
} else {
  for (const [path] of missing) console.error(`${path}: no fingerprint`);
  process.exit(missing.length === 0 ? 0 : 1);
}

import { cpSync, mkdirSync, readFileSync, rmSync, symlinkSync } from 'node:fs';
import { join } from 'node:path';
import { spawnSync } from 'node:child_process';
import { gzipSync } from 'node:zlib';

const BARE = '.cache/bare-page';

/** Bytes, packed as a server sends them, of the scripts that a page names before any of its own has run. */
function namedScripts(html: string, folder: string): number {
  const names = new Set([...html.matchAll(/\/_next\/(static\/[^"'\\?]+\.js)/g)].map(([, name]) => name!));
  // Old browsers alone take these.
  const old = new Set([...html.matchAll(/src="\/_next\/(static\/[^"?]+\.js)"[^>]*noModule/g)].map(([, name]) => name!));
  return [...names]
    .filter((name) => !old.has(name))
    .reduce((sum, name) => sum + gzipSync(readFileSync(join(folder, '.next', name))).length, 0);
}

/** Builds a page of the component library alone with the same framework; bytes of its scripts, packed. */
export function barePageBytes(): number {
  rmSync(BARE, { recursive: true, force: true });
  mkdirSync(BARE, { recursive: true });
  cpSync('scripts/bench/bare-page', BARE, { recursive: true });
  symlinkSync(join(process.cwd(), 'node_modules'), join(BARE, 'node_modules'));
  const next = join(process.cwd(), 'node_modules/next/dist/bin/next');
  const made = spawnSync(process.execPath, [next, 'build'], {
    cwd: BARE,
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
    encoding: 'utf8',
  });
  if (made.status !== 0) throw new Error(`the bare page could not be built: ${made.stdout}${made.stderr}`);
  return namedScripts(readFileSync(join(BARE, '.next/server/app/index.html'), 'utf8'), BARE);
}

/** The same of a page of the running app. */
export async function pageBytes(url: string): Promise<number> {
  const answer = await fetch(url);
  return namedScripts(await answer.text(), '.');
}

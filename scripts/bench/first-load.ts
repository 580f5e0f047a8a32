import { cpSync, mkdirSync, readFileSync, rmSync, symlinkSync } from 'node:fs';
import { join } from 'node:path';
import { spawnSync } from 'node:child_process';
import { gzipSync } from 'node:zlib';
import type { AppInBrowser } from '../../tests/browser/harness';

const BARE = '.cache/bare-page';

const packedBytes = (names: Iterable<string>, folder: string) =>
  [...names].reduce((sum, name) => sum + gzipSync(readFileSync(join(folder, '.next', name))).length, 0);

/** Bytes, packed as a server sends them, of the scripts that a page names before any of its own has run. */
function namedScripts(html: string, folder: string): number {
  const names = new Set([...html.matchAll(/\/_next\/(static\/[^"'\\?]+\.js)/g)].map(([, name]) => name!));
  // Old browsers alone take these.
  const old = new Set([...html.matchAll(/src="\/_next\/(static\/[^"?]+\.js)"[^>]*noModule/g)].map(([, name]) => name!));
  return packedBytes(
    [...names].filter((name) => !old.has(name)),
    folder,
  );
}

/** The same of all scripts that a page has loaded when it is whole; not at the very first start, which loads the demo workshop. */
export async function bytesOfWhole(app: AppInBrowser, path: string): Promise<number> {
  await app.begin(path);
  await app.driver.navigate().refresh();
  await app.settled();
  const urls = await app.driver.executeScript<string[]>(
    "return performance.getEntriesByType('resource').map(({ name }) => name)",
  );
  // A worker's own scripts are named behind the address of the one that loads them.
  const names = urls.flatMap((url) =>
    [...decodeURIComponent(url).matchAll(/\/_next\/(static\/[^"?#]+\.js)/g)].map(([, name]) => name!),
  );
  return packedBytes(new Set(names), '.');
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

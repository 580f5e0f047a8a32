import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/** Where the build leaves the fingerprints of the scripts that stand in its pages, by path. */
const FILE = join(process.cwd(), '.next', 'inline-scripts.json');
/** The page that answers where there is none. */
const NOT_FOUND = '/_not-found';

let byPath: Readonly<Record<string, readonly string[]>> | undefined;

/** The fingerprints of the scripts in a page; of an unknown path those of the page that says so. */
export function inlineScriptsOf(path: string): readonly string[] {
  byPath ??= JSON.parse(readFileSync(FILE, 'utf8')) as NonNullable<typeof byPath>;
  return byPath[path] ?? byPath[NOT_FOUND] ?? [];
}

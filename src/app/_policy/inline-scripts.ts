import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/** File in which the build writes the hashes of the inline scripts of its pages, by path. */
const FILE = join(process.cwd(), '.next', 'inline-scripts.json');
/** The page that answers where there is none. */
const NOT_FOUND = '/_not-found';

let byPath: Readonly<Record<string, readonly string[]>> | undefined;

/** Returns the hashes of the inline scripts of a page; for an unknown path those of the not-found page. */
export function inlineScriptsOf(path: string): readonly string[] {
  byPath ??= JSON.parse(readFileSync(FILE, 'utf8')) as NonNullable<typeof byPath>;
  return byPath[path] ?? byPath[NOT_FOUND] ?? [];
}

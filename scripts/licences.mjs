// Part of the lint step: whether every package, of this platform or another, has a licence that this project may use.
import { readFileSync } from 'node:fs';

const ALLOWED = new Set([
  '0BSD',
  'Apache-2.0',
  'BlueOak-1.0.0',
  'BSD-2-Clause',
  'BSD-3-Clause',
  'ISC',
  'MIT',
  'MIT-0',
  'Zlib',
  // Data, and the font, which is shipped as it is.
  'CC-BY-4.0',
  'CC0-1.0',
  'OFL-1.1',
  // Used as they are, file by file.
  'MPL-2.0',
  // A permissive one, of a parser that only the development tools use.
  'Python-2.0',
]);

/** Of a licence expression one side of an OR must be allowed, all sides of an AND. */
function isAllowed(expression) {
  const bare = expression.replace(/^\(|\)$/g, '');
  if (bare.includes(' OR ')) return bare.split(' OR ').some(isAllowed);
  return bare.split(' AND ').every((one) => ALLOWED.has(one));
}

/** True unless a package has another licence, or none that the lock file knows. */
export function licences() {
  const { packages } = JSON.parse(readFileSync('package-lock.json', 'utf8'));
  const wrong = [];
  const unknown = [];
  for (const [path, { license, link, integrity }] of Object.entries(packages)) {
    if (path === '' || link) continue;
    const name = path.replace(/^.*node_modules\//, '');
    // The binaries of other platforms, which this registry does not have, are listed in docs/supply-chain.md.
    if (license === undefined) (integrity ? wrong : unknown).push(`${name}: no licence told`);
    else if (!isAllowed(license)) wrong.push(`${name}: ${license}`);
  }
  for (const line of wrong) console.error(`${line}; not on the list in scripts/licences.mjs`);
  console.log(
    `licences: ${Object.keys(packages).length - unknown.length} packages looked at, ${wrong.length} not allowed`,
  );
  return wrong.length === 0;
}

// Adds to package-lock.json a stub for every optional dependency that a registry without that
// platform's binaries left out. Without the stubs `npm ci` calls the lock file out of step with
// package.json. Each stub names the platform it is for, so that no other platform installs it.
import { readFileSync, writeFileSync } from 'node:fs';

const SYSTEMS = ['darwin', 'win32', 'freebsd', 'android', 'openharmony', 'linux', 'sunos', 'aix'];
const PROCESSORS = ['arm64', 'x64', 'ia32', 'ppc64', 's390x', 'riscv64', 'loong64', 'mips64el', 'arm', 'wasm32'];

/** The folder that Node would find `name` in, seen from `from`; undefined where no folder has it. */
function resolve(packages, from, name) {
  for (let base = from; ;) {
    const path = `${base ? `${base}/` : ''}node_modules/${name}`;
    if (packages[path]) return path;
    if (!base) return undefined;
    const cut = base.lastIndexOf('/node_modules/');
    base = cut < 0 ? '' : base.slice(0, cut);
  }
}

function platformOf(name) {
  const words = name.split(/[-/]/);
  const os = SYSTEMS.find((system) => words.includes(system));
  const cpu = PROCESSORS.find((processor) => words.includes(processor));
  if (!os || !cpu) throw new Error(`${name}: cannot tell the platform from the name; add its stub by hand`);
  return { os: [os], cpu: [cpu] };
}

const lock = JSON.parse(readFileSync('package-lock.json', 'utf8'));
let added = 0;
for (const [path, entry] of Object.entries(lock.packages)) {
  for (const [name, version] of Object.entries(entry.optionalDependencies ?? {})) {
    if (resolve(lock.packages, path, name)) continue;
    lock.packages[`node_modules/${name}`] = { version, ...platformOf(name), optional: true };
    added += 1;
  }
}
lock.packages = Object.fromEntries(Object.entries(lock.packages).sort(([a], [b]) => (a < b ? -1 : 1)));
writeFileSync('package-lock.json', `${JSON.stringify(lock, null, 2)}\n`);
console.log(`package-lock.json: ${added} stubs added`);

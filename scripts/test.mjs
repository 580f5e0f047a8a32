// npm test: everything that is checked, from a fresh clone; `npm test -- unit` or `npm run test:unit` for one part.
import { audit } from './audit.mjs';
import { build, installBrowser, installPackages, run } from './prepare.mjs';

const bin = (name) => `node_modules/.bin/${name}`;
const jest = (project, ...more) => run(bin('jest'), ['--selectProjects', project, ...more]);

/** Each part runs its checks one after the other and stops at the first that fails. */
const PARTS = {
  lint: () =>
    run(bin('prettier'), ['--check', '--log-level', 'warn', '.']) &&
    run(bin('eslint'), ['.', '--max-warnings', '0']) &&
    run(bin('depcruise'), ['src', '--config', '.dependency-cruiser.cjs']) &&
    audit(),
  types: () =>
    run(bin('tsc'), ['--noEmit', '-p', '.']) &&
    run(bin('tsc'), ['-p', 'src/core/tsconfig.json']) &&
    run(bin('tsc'), ['-p', 'src/offline/tsconfig.json']),
  // By itself it leaves a core idle.
  unit: () => jest('unit', '--maxWorkers=2'),
  build: () => {
    build();
    return true;
  },
  browser: () => {
    installBrowser();
    build();
    // A browser waits a third of its time: two of them keep two cores busy.
    return jest('browser', '--maxWorkers=2');
  },
};

const asked = process.argv.slice(2);
const unknown = asked.find((name) => !(name in PARTS));
if (unknown) {
  console.error(`${unknown}: there is no such part; there are ${Object.keys(PARTS).join(', ')}`);
  process.exit(1);
}

installPackages();
const results = [];
for (const name of asked.length > 0 ? asked : Object.keys(PARTS)) {
  console.log(`\n── ${name} ──`);
  const began = Date.now();
  const passed = PARTS[name]();
  results.push(passed);
  console.log(`${name}: ${passed ? 'passed' : 'FAILED'} in ${Math.round((Date.now() - began) / 1000)} s`);
}
const failed = results.filter((passed) => !passed).length;
console.log(`\nparts: ${results.length - failed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

// npm test: everything that is checked, from a fresh clone; `npm test -- unit` or `npm run test:unit` for one part.
import { spawn } from 'node:child_process';
import { audit } from './audit.mjs';
import { licences } from './licences.mjs';
import { build, installBrowser, installPackages, installRedis, run } from './prepare.mjs';

const bin = (name) => `node_modules/.bin/${name}`;
/** The compiler that only checks, several times as fast; that of `typescript` is the one that ESLint can ask for types. */
const checkTypes = (...project) => run(process.execPath, ['node_modules/typescript-native/bin/tsc', ...project]);
const jest = (projects, more) =>
  run(bin('jest'), ['--selectProjects', ...projects, ...more], {
    // Most of what a test makes it throws away at once: with more room for it, collecting garbage takes a third of the time.
    NODE_OPTIONS: `${process.env.NODE_OPTIONS ?? ''} --max-semi-space-size=64`.trim(),
  });

/** What Next.js, Jest and the benchmark's own page import by name. */
const ENTRIES = ['src/proxy', 'src/app', 'next.config', 'next-env', 'jest.config', '.next', 'scripts/bench/bare-page'];

/** Another process of the same `npm test` keeps the other core busy. */
const SHARES_CORES = process.env.RONTEL_TEST_LANE !== undefined;

/** Each part runs its checks one after the other and stops at the first that fails. */
const PARTS = {
  lint: () => run(bin('eslint'), ['.', '--max-warnings', '0']),
  tidy: () =>
    run(bin('prettier'), ['--check', '--log-level', 'warn', '.']) &&
    run(bin('depcruise'), ['src', '--config', '.dependency-cruiser.cjs']) &&
    run(bin('ts-unused-exports'), [
      'tsconfig.json',
      `--excludePathsFromReport=${ENTRIES.join(';')}`,
      '--showLineNumber',
    ]) &&
    licences() &&
    audit(),
  types: () =>
    checkTypes('--noEmit', '-p', '.') &&
    checkTypes('-p', 'src/core/tsconfig.json') &&
    checkTypes('-p', 'src/offline/tsconfig.json'),
  // By itself it leaves a core idle.
  unit: () => {
    installRedis();
    return jest(['unit'], ['--maxWorkers=2']);
  },
  // Long random runs; FUZZ=n tries n times as many cases.
  fuzz: () => jest(['fuzz'], [`--maxWorkers=${SHARES_CORES ? 1 : 2}`]),
  build: () => {
    build();
    return true;
  },
  // What the container would run, started and tried; its first stage is the build of before.
  container: () => {
    build();
    return run(bin('tsx'), ['scripts/container.ts', '--built']);
  },
  browser: () => inBrowser(['browser']),
  // Every page under many conditions: before a release, and where what all pages share has changed.
  wide: () => inBrowser(['wide']),
};

/** Not among those that `npm test` runs, which every change waits for. */
const BY_NAME_ONLY = ['wide'];

function inBrowser(projects) {
  installBrowser();
  build();
  // A browser waits a third of its time: two of them keep two cores busy.
  return jest(projects, ['--maxWorkers=2']);
}

const asked = process.argv.slice(2);
const unknown = asked.find((name) => !(name in PARTS));
if (unknown) {
  console.error(`${unknown}: there is no such part; there are ${Object.keys(PARTS).join(', ')}`);
  process.exit(1);
}

/** Each list keeps one core busy; what one says comes once it has ended. */
const TOGETHER = [['lint'], ['build', 'types', 'tidy', 'container', 'fuzz']];

function inItsOwnProcess(names) {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, ['scripts/test.mjs', ...names], {
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, RONTEL_TEST_LANE: '1' },
    });
    let said = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (piece) => (said += piece));
    child.on('exit', (code) => {
      console.log(said.replace(/\nparts: .*\n$/, ''));
      resolve(code === 0);
    });
  });
}

installPackages();
const results = asked.length > 0 ? [] : await Promise.all(TOGETHER.map(inItsOwnProcess));
const oneByOne = Object.keys(PARTS).filter((one) => ![...TOGETHER.flat(), ...BY_NAME_ONLY].includes(one));
for (const name of asked.length > 0 ? asked : oneByOne) {
  console.log(`\n── ${name} ──`);
  const began = Date.now();
  const passed = PARTS[name]();
  results.push(passed);
  console.log(`${name}: ${passed ? 'passed' : 'FAILED'} in ${Math.round((Date.now() - began) / 1000)} s`);
}
const failed = results.filter((passed) => !passed).length;
console.log(`\nparts: ${results.length - failed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

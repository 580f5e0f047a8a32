// npm run mutate -- FOLDER [SHARE] [unit]: mutation test of a folder of src/core by the tests of that folder. SHARE, 0 to 1,
// mutates only so many of its lines, the same ones each time: a whole large folder takes an hour. With `unit` without its
// long random runs: what is killed then is killed with them too.
import { Stryker } from '@stryker-mutator/core';
import { mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import jestConfig from '../jest.config.mjs';

const [folder, share = '1', only = ''] = process.argv.slice(2);
const path = folder && join('src/core', folder);
const files = path
  ? readdirSync(path, { recursive: true, encoding: 'utf8' })
      .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && name !== 'index.ts')
      .map((name) => join(path, name))
  : [];
if (files.length === 0 || !(Number(share) > 0 && Number(share) <= 1) || !['', 'unit'].includes(only)) {
  console.error(
    'npm run mutate -- FOLDER [SHARE] [unit]: a folder of src/core, such as gears, and a share above 0, at most 1',
  );
  process.exit(1);
}

/** A fraction from 0 to 1 that depends on a text alone (FNV-1a). */
function fractionOf(text) {
  let hash = 0x811c9dc5;
  for (const character of text) hash = Math.imul(hash ^ character.codePointAt(0), 0x01000193) >>> 0;
  return hash / 2 ** 32;
}

const isCode = (line) => !/^\s*(\/\/|\/?\*|import |export \{|\}|$)/.test(line);

/** What to mutate of a file: all of it, or single lines. */
function rangesOf(file) {
  if (Number(share) === 1) return [file];
  return readFileSync(file, 'utf8')
    .split('\n')
    .flatMap((line, i) =>
      isCode(line) && fractionOf(`${file}:${line}`) < Number(share) ? [`${file}:${i + 1}-${i + 1}`] : [],
    );
}

const results = await new Stryker({
  mutate: files.flatMap(rangesOf),
  testRunner: 'jest',
  plugins: ['@stryker-mutator/jest-runner'],
  jest: {
    projectType: 'custom',
    enableFindRelatedTests: false,
    config: {
      ...jestConfig.projects.find(({ displayName }) => displayName === 'unit'),
      testMatch: [`<rootDir>/${path}/**/*.test.ts`],
      testPathIgnorePatterns: ['/node_modules/', ...(only === 'unit' ? [String.raw`\.fuzz\.test\.ts$`] : [])],
    },
  },
  coverageAnalysis: 'perTest',
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 20_000,
  // The copy that is mutated needs no build, no documents and no pictures.
  ignorePatterns: [
    '*',
    '!src',
    '!src/**',
    '!tests',
    '!tests/**',
    '!*.json',
    '!jest.config.mjs',
    '!scripts',
    '!scripts/**',
  ],
  reporters: ['clear-text', 'progress-append-only'],
  clearTextReporter: { allowColor: false, reportTests: false },
  tempDirName: '.cache/mutate',
  disableTypeChecks: false,
}).runMutationTest();

const slow = results.filter(({ status }) => status === 'Timeout');
const killed = results.filter(({ status }) => status === 'Killed').length + slow.length;
const alive = results.filter(({ status }) => status === 'Survived' || status === 'NoCoverage');
/** Where a mutant is, such as `gears/ratio.ts:12`. */
const placeOf = ({ fileName, location }) => `${fileName.replace(/^.*src\/core\//, '')}:${location.start.line}`;

mkdirSync('.cache', { recursive: true });
writeFileSync(
  `.cache/mutants-${folder.replaceAll('/', '-')}.txt`,
  alive
    .map((mutant) => `${placeOf(mutant)} ${mutant.status} ${mutant.mutatorName} ${mutant.replacement ?? ''}`)
    .join('\n'),
);
const tested = killed + alive.length;
console.log(
  `${folder}: ${killed} of ${tested} mutants killed, ${((100 * killed) / tested).toFixed(1)}%; ` +
    `${slow.length} of them by running too long`,
);
for (const mutant of slow) console.log(`  ${placeOf(mutant)} ${mutant.replacement ?? ''}`);

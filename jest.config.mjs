const swc = {
  '\\.(mjs|[tj]sx?)$': [
    '@swc/jest',
    {
      jsc: {
        target: 'es2022',
        parser: { syntax: 'typescript', tsx: true },
        transform: { react: { runtime: 'automatic' } },
      },
      module: { type: 'commonjs' },
    },
  ],
};
const shared = {
  // A test runs in a context of its own, where each look at a global takes many times as long as a look at a parameter.
  // None that a test replaces, such as Date.
  sandboxInjectedGlobals: [
    'Array',
    'ArrayBuffer',
    'BigInt',
    'Boolean',
    'DataView',
    'Error',
    'Float32Array',
    'Float64Array',
    'Function',
    'Infinity',
    'Int16Array',
    'Int32Array',
    'Intl',
    'JSON',
    'Map',
    'Math',
    'Number',
    'Object',
    'Proxy',
    'RangeError',
    'Reflect',
    'RegExp',
    'Set',
    'String',
    'Symbol',
    'TypeError',
    'Uint16Array',
    'Uint32Array',
    'Uint8Array',
    'WeakMap',
    'WeakSet',
  ],
  // The build has copies of what it is built from.
  modulePathIgnorePatterns: ['<rootDir>/\\.next/'],
  // Each file has a context of its own, which is thrown away after it; going through it first takes a fiftieth of the time.
  testEnvironmentOptions: { globalsCleanup: 'off' },
  transform: swc,
  transformIgnorePatterns: [
    '/node_modules/(?!(lib0|yjs|@noble|d3-[a-z-]+|internmap|nanoid|p-queue|p-timeout|eventemitter3|intl-messageformat|@formatjs)/)',
  ],
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    // Its modules have no form for CommonJS; its whole has.
    '^@zip\\.js/zip\\.js/lib/.*$': '<rootDir>/node_modules/@zip.js/zip.js/index-native.cjs',
    '\\.css$': '<rootDir>/tests/empty-module.js',
    // Zod's own messages in fifty languages, which the app does not use, are half of what it takes to load Zod.
    '^\\.\\./locales/index\\.cjs$': '<rootDir>/tests/empty-module.js',
  },
};

const inBrowser = {
  ...shared,
  testEnvironment: 'node',
  globalSetup: '<rootDir>/tests/servers.mjs',
  globalTeardown: '<rootDir>/tests/end-servers.mjs',
};

/** @type {import('jest').Config} */
const config = {
  globalSetup: '<rootDir>/tests/threads.mjs',
  // A page under test is slower than a function; this is where a hung test ends, not a measure of speed.
  testTimeout: 900_000,
  reporters: ['default', '<rootDir>/scripts/counts-reporter.cjs'],
  projects: [
    {
      ...shared,
      displayName: 'unit',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/{src,scripts}/**/*.test.ts'],
      testPathIgnorePatterns: ['/node_modules/', String.raw`\.fuzz\.test\.ts$`],
    },
    { ...shared, displayName: 'fuzz', testEnvironment: 'node', testMatch: ['<rootDir>/src/**/*.fuzz.test.ts'] },
    { ...inBrowser, displayName: 'browser', testMatch: ['<rootDir>/tests/browser/**/*.test.ts'] },
    { ...inBrowser, displayName: 'wide', testMatch: ['<rootDir>/tests/wide/**/*.test.ts'] },
  ],
};
export default config;

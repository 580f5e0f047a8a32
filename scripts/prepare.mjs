// What `demo`, `test` and `screenshots` need before they can begin: packages, browser, build.
// Uses nothing but Node itself, for it runs before anything is installed.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';

export const CHROMIUM = '/usr/bin/chromium';
export const REDIS_SERVER = '/usr/bin/redis-server';
export const CHROMEDRIVER = '/usr/bin/chromedriver';
/** Below which path of its host the app is built and tested; see docs/hosting.md. */
export const BASE_PATH = process.env.RONTEL_BASE_PATH ?? '';
const STAMPS = '.cache';

/** Runs a command in the open; true when it ended well. */
export function run(command, args, env = {}) {
  return spawnSync(command, args, { stdio: 'inherit', env: { ...process.env, ...env } }).status === 0;
}

/** Runs a step of preparation; the whole command ends with a clear line when it fails. */
function must(what, command, args) {
  console.log(`· ${what}`);
  if (!run(command, args)) {
    console.error(`${what}: failed, see above`);
    process.exit(1);
  }
}

function filesBelow(path) {
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path)
    .sort()
    .flatMap((name) => filesBelow(join(path, name)));
}

function fingerprint(paths) {
  const hash = createHash('sha256');
  for (const file of paths.flatMap(filesBelow)) hash.update(file).update(readFileSync(file));
  return hash.digest('hex');
}

/** Does `work` unless it was done before with the same files and settings and left `result` behind. */
function unlessDone(name, paths, result, work, settings = '') {
  const stamp = join(STAMPS, name);
  const now = fingerprint(paths) + settings;
  if (existsSync(result) && existsSync(stamp) && readFileSync(stamp, 'utf8') === now) return;
  work();
  mkdirSync(STAMPS, { recursive: true });
  writeFileSync(stamp, now);
}

export function installPackages() {
  const paths = ['package.json', 'package-lock.json'];
  unlessDone('packages', paths, 'node_modules/.package-lock.json', () =>
    must('installing packages (npm ci)', 'npm', ['ci', '--include=dev', '--no-audit', '--no-fund']),
  );
}

export function build() {
  const paths = [
    'package-lock.json',
    'package.json',
    'next.config.ts',
    'tsconfig.json',
    'scripts/inline-scripts.mjs',
    'scripts/threads.mjs',
    'scripts/standalone.mjs',
    'scripts/serve.mjs',
    'scripts/healthy.mjs',
    'src',
    'docs/screenshots',
  ];
  unlessDone(
    'build',
    paths,
    '.next/standalone/serve.mjs',
    () => must('building', process.execPath, ['scripts/next.mjs', 'build']),
    BASE_PATH,
  );
}

/** Debian's own browser and driver, for the tests that drive the real interface. */
export function installBrowser() {
  installFromDebian([CHROMIUM, CHROMEDRIVER], ['chromium', 'chromium-driver']);
}

/** Debian's own Redis, for the tests of the relay of several processes. */
export function installRedis() {
  installFromDebian([REDIS_SERVER], ['redis-server']);
}

function installFromDebian(programs, packages) {
  if (programs.every((program) => existsSync(program))) return;
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) {
    console.error(`The tests need ${programs.join(' and ')}: install Debian's ${packages.join(' and ')}.`);
    process.exit(1);
  }
  must('apt-get update', 'apt-get', ['update', '-qq']);
  must(`installing ${packages.join(', ')}`, 'apt-get', [
    'install',
    '-y',
    '-qq',
    '--no-install-recommends',
    ...packages,
  ]);
}

/** Whether a server could listen on the port; answers with why not, or undefined. */
export function portProblem(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', (error) => resolve(error.code === 'EADDRINUSE' ? 'in use' : error.message));
    probe.listen(port, () => probe.close(() => resolve(undefined)));
  });
}

export function freePort() {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

/** Starts the built app as one process and waits until it answers. */
export async function startServer(port, firstStart) {
  const server = spawn(process.execPath, ['scripts/serve.mjs', '-p', String(port)], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', RONTEL_FIRST_START: firstStart },
  });
  let ended = false;
  server.once('exit', () => (ended = true));
  for (const deadline = Date.now() + 60_000; Date.now() < deadline && !ended;) {
    const answer = await fetch(`http://localhost:${port}${BASE_PATH}/api/health`).catch(() => undefined);
    if (answer?.ok) return server;
    await new Promise((resolve) => setTimeout(resolve, 150));
  }
  server.kill();
  throw new Error(`the app did not answer on port ${port}`);
}

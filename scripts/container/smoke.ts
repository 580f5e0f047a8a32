// Starts what a container would run and asks it for one thing of each kind.
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { PAGES } from '../../src/offline/places';
import { freePort } from '../prepare.mjs';
import { NOBODY, type Container } from './carry-out';

interface Expected {
  readonly path: string;
  readonly body?: object;
  readonly type: RegExp;
  /** What the answer has in it. */
  readonly has: RegExp;
}

const WHEEL = { rimDiameterMm: 622, tyreWidthMm: 38 };
const COGS = [11, 12, 13, 14, 15, 17, 19, 21, 24, 28, 32, 36];
const GEARS = { wheel: WHEEL, setups: [{ chainrings: [48, 32], cogs: COGS }] };
const SEARCH = {
  wheel: WHEEL,
  cadence: { lowRpm: 80, highRpm: 95 },
  needs: { easiestDevelopmentMaxM: 2.2, topSpeedMinKmh: 45 },
  rings: { min: 28, max: 50 },
  layouts: ['1x', '2x'],
  cassettes: [{ name: '11-36', cogs: COGS }],
};

const expectedAt = (basePath: string): readonly Expected[] => [
  ...PAGES.map((path) => ({ path, type: /html/, has: /<html lang="en".*<noscript>/s })),
  { path: '/manifest.webmanifest', type: /json/, has: /share_target/ },
  // What it keeps for when the server is gone stands below the same path.
  { path: '/serwist/sw.js', type: /javascript/, has: new RegExp(`"${basePath}/_next/static/`) },
  { path: '/serwist/sw.js', type: /javascript/, has: new RegExp(`"${basePath}/gears"`) },
  { path: '/icons/icon-192.png', type: /png/, has: /PNG/ },
  { path: '/screenshots/gears.png', type: /png/, has: /PNG/ },
  { path: '/api/v1/health', type: /json/, has: /"status":"ok"/ },
  { path: '/api/v1/openapi', type: /json/, has: /"openapi":"3\.1/ },
  { path: '/api/v1/gears', body: GEARS, type: /json/, has: /"developmentM"/ },
  // On a thread, whose script is a file of its own.
  { path: '/api/v1/find', body: SEARCH, type: /json/, has: /"searched"/ },
];

/** Asks the app at `address`, which ends with its `basePath`; answers with what was wrong, a line each. */
async function problemsAt(address: string, basePath: string): Promise<readonly string[]> {
  const problems: string[] = [];
  for (const { path, body, type, has } of expectedAt(basePath)) {
    const response = await fetch(`${address}${path}`, {
      ...(body && { method: 'POST', body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
    });
    const text = Buffer.from(await response.arrayBuffer()).toString('latin1');
    const kind = response.headers.get('content-type') ?? '';
    if (!response.ok || !type.test(kind) || !has.test(text)) {
      problems.push(`${path}: ${response.status} ${kind} ${text.slice(0, 200)}`);
    }
    // What a page loads first is there too.
    const files = /html/.test(kind) ? [...text.matchAll(/(?:src|href)="(\/[^"#?]+\.(?:js|css|svg|png))/g)] : [];
    for (const [, file] of files.slice(0, 3)) {
      const answer = await fetch(new URL(String(file), address));
      if (!answer.ok) problems.push(`${path} loads ${file}: ${answer.status}`);
    }
  }
  return problems;
}

async function answers(address: string, server: ChildProcess): Promise<void> {
  for (const deadline = Date.now() + 60_000; Date.now() < deadline && server.exitCode === null;) {
    const answer = await fetch(`${address}/api/v1/health`).catch(() => undefined);
    if (answer?.ok) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error(`${address} did not answer`);
}

/**
 * Tries a container's app. @param basePath where it stands below its host
 * @returns what was wrong, a line each
 */
export async function smoke(container: Container, basePath: string): Promise<readonly string[]> {
  const port = String(await freePort());
  const env = { PATH: process.env.PATH, NODE_ENV: 'production' as const, ...container.env, PORT: port };
  const asNobody = process.getuid?.() === 0 && container.isUnprivileged ? { uid: NOBODY, gid: NOBODY } : {};
  const options = { cwd: container.folder, env, stdio: 'inherit', ...asNobody } as const;
  const [program = '', ...args] = container.command;
  const server = spawn(program, args, options);
  const address = `http://localhost:${port}${basePath}`;
  try {
    await answers(address, server);
    const problems = [...(await problemsAt(address, basePath))];
    const [check = '', ...checkArgs] = container.healthCheck;
    if (spawnSync(check, checkArgs, options).status !== 0)
      problems.push('the health check fails while the app answers');
    const ended = new Promise<number | null>((resolve) => server.once('exit', resolve));
    server.kill('SIGTERM');
    if ((await ended) !== 0) problems.push('it does not end in order when it is told to');
    if (spawnSync(check, checkArgs, { ...options, stdio: 'ignore' }).status === 0) {
      problems.push('the health check passes although nothing answers');
    }
    return problems;
  } finally {
    server.kill();
  }
}

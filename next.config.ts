import { withSerwist } from '@serwist/turbopack';
import { createHash } from 'node:crypto';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { NextConfig } from 'next';
import { version } from './package.json';
import { BASE_PATH } from './src/offline/base-path';
import { FIRST_PAGE, FORMER_PAGES } from './src/offline/places';

/** On every answer; the content policy, with its nonce, is the proxy's. */
const HEADERS = [
  { key: 'x-content-type-options', value: 'nosniff' },
  { key: 'x-frame-options', value: 'DENY' },
  { key: 'referrer-policy', value: 'no-referrer' },
  { key: 'cross-origin-opener-policy', value: 'same-origin' },
  { key: 'cross-origin-resource-policy', value: 'same-origin' },
  { key: 'permissions-policy', value: 'camera=(), microphone=(), geolocation=(), payment=(), usb=()' },
];

/** A fingerprint of everything that the app is built from: what is kept in browsers goes by it. */
function fingerprint(): string {
  const hash = createHash('sha256');
  const files = readdirSync('src', { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map(({ parentPath, name }) => join(parentPath, name))
    .sort();
  for (const file of ['package-lock.json', 'next.config.ts', ...files]) hash.update(file).update(readFileSync(file));
  return hash.digest('hex').slice(0, 8);
}

const config: NextConfig = {
  // All that it takes to run, in a folder of its own: .next/standalone.
  output: 'standalone',
  // Read when the app is built, and not again.
  outputFileTracingExcludes: { '/*': ['docs/**/*', 'src/**/*', 'scripts/**/*'] },
  basePath: BASE_PATH,
  env: { RONTEL_BASE_PATH: BASE_PATH, RONTEL_VERSION: version, RONTEL_BUILD: fingerprint() },
  agentRules: false,
  poweredByHeader: false,
  reactStrictMode: true,
  reactCompiler: true,
  // The compiler in Rust, and nothing kept for a second build: the first one takes half the time.
  experimental: { turbopackRustReactCompiler: true, turbopackFileSystemCacheForBuild: false },
  // It starts its threads from files of its own.
  serverExternalPackages: ['piscina'],
  // `npm test` has a part of its own for types; a demo need not wait for it.
  typescript: { ignoreBuildErrors: true },
  devIndicators: false,
  // Asked for by browsers wherever a page does not name an icon of its own, as a file that is opened by itself.
  // A breaking change of the interface will get a new prefix; the present one has no older form.
  rewrites: () =>
    Promise.resolve([
      { source: '/favicon.ico', destination: '/icon.svg' },
      { source: '/api/v1/:path*', destination: '/api/:path*' },
    ]),
  redirects: () =>
    Promise.resolve([
      { source: '/', destination: FIRST_PAGE, permanent: false },
      ...Object.entries(FORMER_PAGES).map(([source, destination]) => ({ source, destination, permanent: true })),
    ]),
  headers: () => Promise.resolve([{ source: '/:path*', headers: HEADERS }]),
};

export default withSerwist(config);

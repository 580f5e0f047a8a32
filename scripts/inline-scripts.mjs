// After a build: takes the fingerprint of every script that stands in a page, for the content policy of that page.
import { createHash } from 'node:crypto';
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const PAGES = '.next/server/app';

/** @returns {string[]} such as sha256-…, each once */
function hashesOf(html) {
  const scripts = [...html.matchAll(/<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g)].map(([, text]) => text);
  return [...new Set(scripts.map((text) => `sha256-${createHash('sha256').update(text).digest('base64')}`))];
}

/** Writes the fingerprints of all pages beside the build. */
export function writeInlineScripts() {
  const files = readdirSync(PAGES, { recursive: true }).filter((file) => file.endsWith('.html'));
  const byPath = Object.fromEntries(
    files.map((file) => {
      const path = `/${file.replaceAll('\\', '/').replace(/\.html$/, '')}`;
      return [path === '/index' ? '/' : path, hashesOf(readFileSync(join(PAGES, file), 'utf8'))];
    }),
  );
  writeFileSync('.next/inline-scripts.json', `${JSON.stringify(byPath, null, 2)}\n`);
}

/**
 * What a page may load and run: its own files, and of the scripts in it those whose fingerprints were taken when the app
 * was built. Inline styles are allowed, because the component library writes them as it renders; they cannot run code.
 * @param hashes of the scripts in the page, such as sha256-…; `development` lets the development server do as it must
 */
export function contentPolicy(hashes: readonly string[] | 'development'): string {
  const isDev = hashes === 'development';
  const scripts = isDev ? "'unsafe-inline' 'unsafe-eval'" : hashes.map((hash) => `'${hash}'`).join(' ');
  return [
    "default-src 'self'",
    `script-src 'self' ${scripts}`.trim(),
    "style-src 'self' 'unsafe-inline'",
    // Photos and saved drawings are made in the page.
    "img-src 'self' data: blob:",
    "font-src 'self'",
    `connect-src 'self'${isDev ? ' ws:' : ''}`,
    "worker-src 'self' blob:",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

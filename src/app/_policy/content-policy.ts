/** The request header by which the page learns the nonce of its own scripts. */
export const NONCE_HEADER = 'x-nonce';

/**
 * What a page may load and run: its own files, and of the scripts in it those that carry its nonce.
 * Styles may stand in the page, for the component library writes them as it draws; they run nothing.
 * @param isDev the development server evaluates code; a built app never does
 */
export function contentPolicy(nonce: string, isDev: boolean): string {
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${isDev ? " 'unsafe-eval'" : ''}`,
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

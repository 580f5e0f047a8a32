/** Every page there is: all of them are kept for when the server is gone. */
export const PAGES = [
  '/brief',
  '/gears',
  '/compare',
  '/find',
  '/rides',
  '/fit',
  '/swap',
  '/work',
  '/schedule',
  '/log',
  '/shelf',
  '/learn',
  '/data',
] as const;

/** Where whoever asks for no page is taken. */
export const FIRST_PAGE = '/gears';

/** Where the script stands that answers when the server does not. */
export const OFFLINE_SCRIPT = '/serwist/sw.js';

/** All pages; each is cached for use without the server. */
export const PAGES = [
  '/needs',
  '/gears',
  '/compare',
  '/find',
  '/rides',
  '/compatibility',
  '/jobs',
  '/work',
  '/schedule',
  '/log',
  '/parts',
  '/learn',
  '/devices',
  '/settings',
] as const;

/** The page that an address without a path leads to. */
export const FIRST_PAGE = '/gears';

/** Former addresses of pages, used by old links and bookmarks. */
export const FORMER_PAGES: Readonly<Record<string, (typeof PAGES)[number]>> = {
  '/brief': '/needs',
  '/fit': '/compatibility',
  '/swap': '/jobs',
  '/shelf': '/parts',
  '/data': '/settings',
};

/** The script that answers when the server does not. */
export const OFFLINE_SCRIPT = '/serwist/sw.js';

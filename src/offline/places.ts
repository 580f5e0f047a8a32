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

/** What other apps share is sent here, as a form; the app keeps it for the page of rides. */
export const SHARE_PATH = '/share';
/** The field of that form. */
export const SHARE_FIELD = 'files';
/** The page that shared files are for, and what its address then says of them under this name. */
export const SHARED_AT = '/rides';
export const SHARED_PARAM = 'shared';
/** The cache in which they wait. */
export const SHARED_CACHE = 'rontel-shared';

/** The script that answers when the server does not. */
export const OFFLINE_SCRIPT = '/serwist/sw.js';

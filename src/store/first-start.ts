/** What a new browser starts with: set when the server starts, passed to the page by a cookie. */
const FIRST_STARTS = ['demo', 'empty'] as const;
export type FirstStart = (typeof FIRST_STARTS)[number];

export const FIRST_START_COOKIE = 'rontel-first-start';

/** @param cookies as a page has them */
export function firstStartOf(cookies: string): FirstStart {
  return cookies.split('; ').includes(`${FIRST_START_COOKIE}=demo`) ? 'demo' : 'empty';
}

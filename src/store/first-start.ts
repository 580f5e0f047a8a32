/** What a new browser starts with: set when the server starts, passed to the page by a cookie. */
export type FirstStart = 'demo' | 'empty';

export const FIRST_START_COOKIE = 'rontel-first-start';

/** @param cookies as a page has them */
export function firstStartOf(cookies: string): FirstStart {
  return cookies.split('; ').includes(`${FIRST_START_COOKIE}=demo`) ? 'demo' : 'empty';
}

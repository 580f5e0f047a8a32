/** Returns what the browser calls a page: from the particular to the general, the app last; unknown parts are left out. */
export function pageTitle(parts: readonly (string | undefined)[]): string {
  return [...parts.filter((part) => part !== undefined), 'Rontel'].join(' · ');
}

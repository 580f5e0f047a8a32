/** What stands behind an error of the database: it wraps what the browser said. */
function namesOf(error: unknown): string[] {
  if (!(error instanceof Error)) return [];
  const inner = 'inner' in error ? error.inner : undefined;
  return [error.name, ...namesOf(inner)];
}

/** Why a write failed, that nothing is half done, and what to do next. */
export function failureText(error: unknown): string {
  if (namesOf(error).includes('QuotaExceededError')) {
    return 'The browser has no more room for this page. Nothing has changed. Save a backup on the Data page, then take out photos or rides that are no longer needed, or give the browser more room.';
  }
  const cause = error instanceof Error ? error.message : String(error);
  return `${cause}. Nothing else has changed; save a backup on the Data page, then reload.`;
}

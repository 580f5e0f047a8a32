import { BuiltOnError, DoesNotFitError, RefusedRecordError } from '../../store';
import { t } from './text';

/** What stands behind an error of the database: it wraps what the browser said. */
function namesOf(error: unknown): string[] {
  if (!(error instanceof Error)) return [];
  const inner = 'inner' in error ? error.inner : undefined;
  return [error.name, ...namesOf(inner)];
}

/** Why a write failed, that nothing is half done, and what to do next. */
export function failureText(error: unknown): string {
  if (namesOf(error).includes('QuotaExceededError')) {
    return t('failure.theBrowserHasNoMore');
  }
  // These say it themselves.
  if (error instanceof RefusedRecordError || error instanceof DoesNotFitError || error instanceof BuiltOnError) {
    return error.message;
  }
  const cause = error instanceof Error ? error.message : String(error);
  return t('failure.causeNothingElseHasChanged', { cause });
}

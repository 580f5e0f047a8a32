import { BuiltOnError, DoesNotFitError, RefusedRecordError } from '../../store';
import { t } from './text';
import { errorText } from '../../core/error';

/** Returns the browser's error behind an error of the database package. */
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
  const cause = errorText(error);
  return t('failure.causeNothingElseHasChanged', { cause });
}

import { t } from '../../../records/exchange/text';
import { problemResponse } from '../_http/body';

/** Answers unknown paths, for every method. */
function unknown(): Response {
  return problemResponse({
    title: t('notFound.title'),
    status: 404,
    detail: t('notFound.detail'),
  });
}

export { unknown as DELETE, unknown as GET, unknown as PATCH, unknown as POST, unknown as PUT };

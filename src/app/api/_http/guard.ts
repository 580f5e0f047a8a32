import { t } from '../../../records/exchange/text';
import type { z } from 'zod';
import { problemResponse, readBody } from './body';

/** Maximum number of requests processed at once; further ones are answered with 503. */
const AT_ONCE_MAX = 64;

let inHand = 0;

/**
 * Reads and checks a body, then lets so many work at once. Answers an unforeseen failure without telling what it was;
 * the server's log has it.
 */
export async function answered<T extends z.ZodType>(
  request: Request,
  schema: T,
  answer: (value: z.output<T>, signal: AbortSignal) => Response | Promise<Response>,
): Promise<Response> {
  try {
    const body = await readBody(request, schema);
    if (!body.ok) return body.response;
    if (inHand >= AT_ONCE_MAX) {
      const detail = t('busy.requests', { most: AT_ONCE_MAX });
      return problemResponse({ title: t('busy.title'), status: 503, detail });
    }
    inHand += 1;
    try {
      return await answer(body.value, request.signal);
    } finally {
      inHand -= 1;
    }
  } catch (error) {
    console.error(error);
    return problemResponse({ title: t('failed.title'), status: 500, detail: t('failed.detail') });
  }
}

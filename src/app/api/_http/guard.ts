import { problemResponse } from './body';

/** Requests that are in hand together; one more is asked to come back. */
export const AT_ONCE_MAX = 32;

let inHand = 0;

/** Lets so many work at once. Answers an unforeseen failure without telling what it was; the server's log has it. */
export async function guarded(work: () => Promise<Response>): Promise<Response> {
  if (inHand >= AT_ONCE_MAX) {
    const detail = `${AT_ONCE_MAX} requests are in hand; ask again in a few seconds.`;
    return problemResponse({ title: 'No answer now', status: 503, detail });
  }
  inHand += 1;
  try {
    return await work();
  } catch (error) {
    console.error(error);
    return problemResponse({ title: 'Failed', status: 500, detail: 'Rontel failed to answer; nothing was kept.' });
  } finally {
    inHand -= 1;
  }
}

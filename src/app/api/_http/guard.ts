import { problemResponse } from './body';

/** Answers an unforeseen failure without telling what it was; the server's log has it. */
export async function guarded(work: () => Promise<Response>): Promise<Response> {
  try {
    return await work();
  } catch (error) {
    console.error(error);
    return problemResponse({ title: 'Failed', status: 500, detail: 'Rontel failed to answer; nothing was kept.' });
  }
}

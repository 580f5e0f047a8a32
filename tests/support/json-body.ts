import type { Problem } from '@/records/exchange/http';

/** Says of a body that it is JSON; of a text nobody would say so by itself. */
export const JSON_BODY = { 'content-type': 'application/json' };

type Post = (request: Request) => Promise<Response>;

/** Sends a value as JSON, or a text as it is, to a route. */
export const sendTo = (post: Post, body: unknown): Promise<Response> =>
  post(
    new Request('http://localhost/api', {
      method: 'POST',
      headers: JSON_BODY,
      body: typeof body === 'string' ? body : JSON.stringify(body),
    }),
  );

/** The JSON that a route answers with 200. */
export async function answerOf(post: Post, body: unknown): Promise<unknown> {
  const response = await sendTo(post, body);
  expect(response.status).toBe(200);
  return response.json();
}

/** The problem with which a route refuses a body, by default as bad input. */
export async function problemOf(post: Post, body: unknown, status = 400): Promise<Problem> {
  const response = await sendTo(post, body);
  expect([response.status, response.headers.get('content-type')]).toEqual([status, 'application/problem+json']);
  return (await response.json()) as Problem;
}

import type { z } from 'zod';
import { excerpt } from '../../../formats/excerpt';
import type { Problem } from '../../../records/exchange/http';

/** Larger bodies are not read. */
export const BODY_BYTES_MAX = 1_000_000;

/** A body that takes longer to come is not waited for. */
export const BODY_MS_MAX = 10_000;

/** Of what cannot be taken so many are named; whoever sends more mistakes sees the rest when these are mended. */
const ISSUES_MAX = 20;
const PATH_MAX = 80;

/** Whoever is turned away for now may come back after so long. */
const RETRY_AFTER_S = '2';

const PROBLEM_TYPE = 'application/problem+json';

export function problemResponse(problem: Omit<Problem, 'type'>): Response {
  return Response.json(
    { type: 'about:blank', ...problem },
    {
      status: problem.status,
      headers: { 'content-type': PROBLEM_TYPE, ...(problem.status === 503 && { 'retry-after': RETRY_AFTER_S }) },
    },
  );
}

type Body<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly response: Response };

/** Reads and checks a JSON body; what cannot be taken comes back as the response to send. */
export async function readBody<T extends z.ZodType>(request: Request, schema: T): Promise<Body<z.output<T>>> {
  const read = await readText(request);
  if (read === 'late') {
    const detail = `The body did not come within ${BODY_MS_MAX / 1000} s; send it at once.`;
    return refuse({ title: 'Body too slow', status: 408, detail });
  }
  if (read === 'tooLarge') {
    const detail = `The body is over ${BODY_BYTES_MAX} bytes; send less at a time.`;
    return refuse({ title: 'Body too large', status: 413, detail });
  }
  let json: unknown;
  try {
    json = JSON.parse(read.text);
  } catch {
    // The parser's own message quotes the body; the sender has that already.
    return refuse({
      title: 'Not JSON',
      status: 400,
      detail: 'The body is no JSON text.',
      issues: [{ path: '', message: 'send one JSON object' }],
    });
  }
  const result = schema.safeParse(json);
  if (result.success) return { ok: true, value: result.data };
  const { issues } = result.error;
  const told = issues
    .slice(0, ISSUES_MAX)
    .map(({ path, message }) => ({ path: excerpt(path.join('.'), PATH_MAX), message: excerpt(message) }));
  const rest = issues.length > ISSUES_MAX ? ` The first ${ISSUES_MAX} are named.` : '';
  return refuse({
    title: 'Bad input',
    status: 400,
    detail: `${issues.length} of the values cannot be taken.${rest}`,
    issues: told,
  });
}

function refuse(problem: Omit<Problem, 'type'>): { ok: false; response: Response } {
  return { ok: false, response: problemResponse(problem) };
}

/** The body as text, or why not: as soon as it proves too large, whatever its length header says, or too slow. */
async function readText(request: Request): Promise<{ readonly text: string } | 'tooLarge' | 'late'> {
  if (Number(request.headers.get('content-length') ?? 0) > BODY_BYTES_MAX) return 'tooLarge';
  const reader = (request.body as ReadableStream<Uint8Array> | null)?.getReader();
  if (!reader) return { text: '' };
  const decoder = new TextDecoder();
  let text = '';
  let bytes = 0;
  let isLate = false;
  // Whoever waits for a piece is told that it is the last.
  const timer = setTimeout(() => {
    isLate = true;
    reader.cancel().catch(() => undefined);
  }, BODY_MS_MAX);
  try {
    for (;;) {
      const { done, value } = await reader.read();
      if (isLate) return 'late';
      if (done) return { text: text + decoder.decode() };
      bytes += value.byteLength;
      if (bytes > BODY_BYTES_MAX) {
        await reader.cancel();
        return 'tooLarge';
      }
      text += decoder.decode(value, { stream: true });
    }
  } finally {
    clearTimeout(timer);
  }
}

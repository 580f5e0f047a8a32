import type { z } from 'zod';
import { excerpt } from '../../../formats/excerpt';
import type { Problem } from '../../../records/exchange/http';
import type { Message } from '../../../core/message';

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

/** Nothing that is asked for here lies deeper: the readers of JSON and of its shape go down level by level. */
const DEPTH_MAX = 32;

/** Reads and checks a JSON body; what cannot be taken comes back as the response to send. */
export async function readBody<T extends z.ZodType>(request: Request, schema: T): Promise<Body<z.output<T>>> {
  const read = await readText(request);
  if (read === 'crowded') {
    const detail = `So many bodies come slowly from this address that the oldest was let go; send it at once.`;
    return refuse({ title: 'Body too slow', status: 408, detail });
  }
  if (read === 'late') {
    const detail = `The body did not come within ${BODY_MS_MAX / 1000} s; send it at once.`;
    return refuse({ title: 'Body too slow', status: 408, detail });
  }
  if (read === 'tooLarge') {
    const detail = `The body is over ${BODY_BYTES_MAX} bytes; send less at a time.`;
    return refuse({ title: 'Body too large', status: 413, detail });
  }
  if (isDeeperThan(read.text, DEPTH_MAX)) {
    return refuse({
      title: 'Nested too deep',
      status: 400,
      detail: `The body is nested more than ${DEPTH_MAX} levels deep.`,
      issues: [{ path: '', message: `at most ${DEPTH_MAX} levels; what is asked for here has fewer than ten` }],
    });
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
  const told = issues.slice(0, ISSUES_MAX).map((issue) => ({
    path: excerpt(issue.path.join('.'), PATH_MAX),
    ...named(issue),
    message: excerpt(issue.message),
  }));
  const rest = issues.length > ISSUES_MAX ? ` The first ${ISSUES_MAX} are named.` : '';
  return refuse({
    title: 'Bad input',
    status: 400,
    detail: `${issues.length} of the values cannot be taken.${rest}`,
    issues: told,
  });
}

/** The code and values of a message of core; nothing of what Zod found itself. */
const named = (issue: z.core.$ZodIssue) =>
  issue.code === 'custom' ? (issue.params as Partial<Message> | undefined) : undefined;

function refuse(problem: Omit<Problem, 'type'>): { ok: false; response: Response } {
  return { ok: false, response: problemResponse(problem) };
}

/** Whether brackets outside of texts are nested deeper; told by a look at each character, without going down. */
function isDeeperThan(json: string, most: number): boolean {
  let depth = 0;
  let isText = false;
  for (let at = 0; at < json.length; at += 1) {
    const sign = json[at];
    if (isText) {
      if (sign === '\\') at += 1;
      else if (sign === '"') isText = false;
    } else if (sign === '"') isText = true;
    else if (sign === '[' || sign === '{') {
      depth += 1;
      if (depth > most) return true;
    } else if (sign === ']' || sign === '}') depth -= 1;
  }
  return false;
}

/** Bodies that come together from one address, and from all; the oldest is let go for the next. */
export const BODIES_AT_ONCE = { ofOne: 8, ofAll: 256 } as const;

interface Coming {
  readonly from: string;
  readonly letGo: () => void;
}

/** The oldest first. */
const coming = new Set<Coming>();

/** Makes room for one more: whoever trickles must not keep out those that send at once. */
function makeRoom(from: string): void {
  const own = [...coming].filter((one) => one.from === from);
  if (own.length >= BODIES_AT_ONCE.ofOne) own[0]!.letGo();
  else if (coming.size >= BODIES_AT_ONCE.ofAll) coming.values().next().value!.letGo();
}

/** The body as text, or why not: as soon as it proves too large, whatever its length header says, or too slow. */
async function readText(request: Request): Promise<{ readonly text: string } | 'tooLarge' | 'late' | 'crowded'> {
  if (Number(request.headers.get('content-length') ?? 0) > BODY_BYTES_MAX) return 'tooLarge';
  const reader = (request.body as ReadableStream<Uint8Array> | null)?.getReader();
  if (!reader) return { text: '' };
  const decoder = new TextDecoder();
  let text = '';
  let bytes = 0;
  let ended: 'late' | 'crowded' | undefined;
  // Whoever waits for a piece is told that it is the last.
  const end = (why: 'late' | 'crowded') => {
    ended = why;
    coming.delete(one);
    reader.cancel().catch(() => undefined);
  };
  const from = request.headers.get('x-forwarded-for') ?? '';
  const one: Coming = { from, letGo: () => end('crowded') };
  makeRoom(from);
  coming.add(one);
  const timer = setTimeout(() => end('late'), BODY_MS_MAX);
  try {
    for (;;) {
      const { done, value } = await reader.read();
      if (ended) return ended;
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
    coming.delete(one);
  }
}

import { t } from '../../../records/exchange/text';
import type { z } from 'zod';
import { excerpt } from '../../../formats/excerpt';
import type { Problem } from '../../../records/exchange/http';
import type { Message } from '../../../core/message';
import { firstOf, definite } from '../../../core/items';

/** Larger bodies are not read. */
export const BODY_BYTES_MAX = 1_000_000;

/** A body that takes longer to come is not waited for. */
export const BODY_MS_MAX = 10_000;

/** Maximum number of issues in a response; the rest appear once these are fixed. */
const ISSUES_MAX = 20;
const PATH_MAX = 80;

/** Value of `Retry-After`, s. */
const RETRY_AFTER_S = '2';

/** Statuses of what may be answered a moment later. */
const BUSY = [429, 503];

const PROBLEM_TYPE = 'application/problem+json';
const JSON_TYPE = 'application/json';

export function problemResponse(problem: Omit<Problem, 'type'>): Response {
  return Response.json(
    { type: 'about:blank', ...problem },
    {
      status: problem.status,
      headers: { 'content-type': PROBLEM_TYPE, ...(BUSY.includes(problem.status) && { 'retry-after': RETRY_AFTER_S }) },
    },
  );
}

type Body<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly response: Response };

/** What is said of a body that could not be read. */
function notRead(why: Unread, most: number): Omit<Problem, 'type'> {
  if (why === 'notGzip') return { title: t('notGzip.title'), status: 400, detail: t('notGzip.detail') };
  if (why === 'tooLarge') return { title: t('tooLarge.title'), status: 413, detail: t('tooLarge.detail', { most }) };
  const detail = why === 'crowded' ? t('slow.crowded') : t('slow.late', { seconds: BODY_MS_MAX / 1000 });
  return { title: t('slow.title'), status: 408, detail };
}

/** Maximum nesting; no valid request is deeper, and parser and schema recurse level by level. */
const DEPTH_MAX = 32;

/** Reads and checks a JSON body; what cannot be taken comes back as the response to send. */
export async function readBody<T extends z.ZodType>(request: Request, schema: T): Promise<Body<z.output<T>>> {
  const type = (request.headers.get('content-type') ?? JSON_TYPE).split(';')[0]?.trim().toLowerCase() ?? '';
  if (type !== JSON_TYPE && !type.endsWith('+json')) {
    return refuse({ title: t('wrongType.title'), status: 415, detail: t('wrongType.detail', { type: excerpt(type) }) });
  }
  const encoding = (request.headers.get('content-encoding') ?? 'identity').trim().toLowerCase();
  if (encoding !== 'identity' && encoding !== 'gzip') {
    const detail = t('wrongEncoding.detail', { encoding: excerpt(encoding) });
    return refuse({ title: t('wrongEncoding.title'), status: 415, detail });
  }
  const read = await readText(request, encoding === 'gzip');
  if (typeof read === 'string') return refuse(notRead(read, BODY_BYTES_MAX));
  if (isDeeperThan(read.text, DEPTH_MAX)) {
    return refuse({
      title: t('tooDeep.title'),
      status: 400,
      detail: t('tooDeep.detail', { most: DEPTH_MAX }),
      issues: [{ path: '', message: t('tooDeep.issue', { most: DEPTH_MAX }) }],
    });
  }
  let json: unknown;
  try {
    json = JSON.parse(read.text);
  } catch {
    // The parser's own message quotes the body; the sender has that already.
    return refuse({
      title: t('notJson.title'),
      status: 400,
      detail: t('notJson.detail'),
      issues: [{ path: '', message: t('notJson.issue') }],
    });
  }
  const result = schema.safeParse(json);
  if (result.success) return { ok: true, value: result.data };
  const { issues } = result.error;
  const listed = issues.slice(0, ISSUES_MAX).map((issue) => ({
    path: excerpt(issue.path.join('.'), PATH_MAX),
    ...named(issue),
    message: excerpt(issue.message),
  }));
  return refuse({
    title: t('badInput.title'),
    status: 400,
    detail: t('badInput.detail', {
      count: issues.length,
      cut: issues.length > ISSUES_MAX ? 'yes' : 'no',
      named: ISSUES_MAX,
    }),
    issues: listed,
  });
}

/** The code and values of a message of core; nothing of what Zod found itself. */
const named = (issue: z.core.$ZodIssue) =>
  issue.code === 'custom' ? (issue.params as Partial<Message> | undefined) : undefined;

function refuse(problem: Omit<Problem, 'type'>): { ok: false; response: Response } {
  return { ok: false, response: problemResponse(problem) };
}

/** Whether brackets outside of strings are nested deeper; scans characters without recursion. */
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

/** Drops the slowest body to admit one more: slow clients must not block fast ones. */
function makeRoom(from: string): void {
  const own = [...coming].filter((one) => one.from === from);
  if (own.length >= BODIES_AT_ONCE.ofOne) firstOf(own).letGo();
  else if (coming.size >= BODIES_AT_ONCE.ofAll) definite(coming.values().next().value).letGo();
}

type Unread = 'tooLarge' | 'late' | 'crowded' | 'notGzip';

/** Reads the body as text, as {@link readPieces} does. */
async function readText(request: Request, isPacked: boolean): Promise<{ readonly text: string } | Unread> {
  const decoder = new TextDecoder();
  let text = '';
  const failed = await readPieces(request, BODY_BYTES_MAX, isPacked, (piece) => {
    text += decoder.decode(piece, { stream: true });
  });
  return failed ?? { text: text + decoder.decode() };
}

const BYTES_TYPE = 'application/octet-stream';

/** Reads a body of bytes; what cannot be taken comes back as the response to send. */
export async function readBytes(request: Request, most: number): Promise<Body<Uint8Array>> {
  const type = (request.headers.get('content-type') ?? '').trim().toLowerCase();
  if (type !== BYTES_TYPE) {
    const detail = t('wrongType.bytes', { type: excerpt(type) });
    return refuse({ title: t('wrongType.title'), status: 415, detail });
  }
  const pieces: Uint8Array[] = [];
  const failed = await readPieces(request, most, false, (piece) => pieces.push(piece));
  if (failed) return refuse(notRead(failed, most));
  return { ok: true, value: Buffer.concat(pieces) };
}

/** Reads the body piece by piece; fails as soon as it is too large, whatever its length header, or too slow. */
async function readPieces(
  request: Request,
  most: number,
  isPacked: boolean,
  take: (piece: Uint8Array) => void,
): Promise<Unread | undefined> {
  if (Number(request.headers.get('content-length') ?? 0) > most) return 'tooLarge';
  const body = request.body;
  // Unpacked piece by piece: a small body cannot fill the memory.
  const reader = (isPacked ? body?.pipeThrough(new DecompressionStream('gzip')) : body)?.getReader();
  if (!reader) return undefined;
  let bytes = 0;
  let ended: 'late' | 'crowded' | undefined;
  // Ends a pending read.
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
      if (done) return undefined;
      bytes += value.byteLength;
      if (bytes > most) {
        await reader.cancel();
        return 'tooLarge';
      }
      take(value);
    }
  } catch (error) {
    // What unpacking throws differs from platform to platform.
    if (isPacked) return 'notGzip';
    throw error;
  } finally {
    clearTimeout(timer);
    coming.delete(one);
  }
}

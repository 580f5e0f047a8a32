import { RELAY_BOUNDS } from '../../../relay';
import type { Problem } from '../../../records/exchange/http';
import { GET as follow, POST as post } from './channels/[id]/route';
import { PATCH, POST as take, PUT as leave } from './packages/[id]/route';

const ID = 'Zk3_-9aaaaaaaaaaaaaaaa';
const request = (path: string, method: string, body?: Uint8Array, headers: Record<string, string> = {}) =>
  new Request(`http://localhost/api/v1/relay/${path}`, {
    method,
    headers: { ...(body && { 'content-type': 'application/octet-stream' }), ...headers },
    ...(body && { body: Buffer.from(body) }),
  });
const bytesOf = async (response: Response) => new Uint8Array(await response.arrayBuffer());

test('a package is left, taken once, and then gone', async () => {
  const path = `packages/${ID}`;
  expect((await leave(request(path, 'PUT', Uint8Array.of(0, 255, 7)))).status).toBe(201);
  expect((await leave(request(path, 'PUT', Uint8Array.of(1)))).status).toBe(409);
  const taken = await take(request(path, 'POST'));
  expect(await bytesOf(taken)).toEqual(Uint8Array.of(0, 255, 7));
  expect(taken.headers.get('cache-control')).toBe('no-store');
  const again = await take(request(path, 'POST'));
  expect(again.status).toBe(404);
  expect(((await again.json()) as Problem).detail).toContain('ten minutes');
});

test.each([
  ['an id that can be guessed', request('packages/1', 'PUT', Uint8Array.of(1)), 400],
  [
    'a body that says another type',
    request(`packages/${ID}`, 'PUT', Uint8Array.of(1), { 'content-type': 'text/html' }),
    415,
  ],
  [
    'a body that says that it is too large',
    request(`packages/${ID}`, 'PUT', Uint8Array.of(1), { 'content-length': String(RELAY_BOUNDS.packageBytes + 1) }),
    413,
  ],
  ['a body that is too large', request(`packages/${ID}`, 'PUT', new Uint8Array(RELAY_BOUNDS.packageBytes + 1)), 413],
])('%s is refused', async (_, asked, status) => {
  expect((await leave(asked)).status).toBe(status);
});

test('another method is refused with those that there are', async () => {
  const response = await PATCH(request(`packages/${ID}`, 'PATCH'));
  expect(response.status).toBe(405);
  expect(response.headers.get('allow')).toBe('POST, PUT, OPTIONS');
});

test('messages come as events, those first that came before, and the connection ends with the reader', async () => {
  const path = 'channels/channel-aaaaaaaaaaaaaa';
  expect((await post(request(path, 'POST', Uint8Array.of(1, 2)))).status).toBe(204);
  const response = await follow(request(path, 'GET'));
  expect(response.headers.get('content-type')).toBe('text/event-stream');
  const reader = response.body!.getReader();
  let text = '';
  const until = async (what: string) => {
    while (!text.includes(what)) text += new TextDecoder().decode((await reader.read()).value);
  };
  await until('data: AQI=\n\n');
  await post(request(path, 'POST', Uint8Array.of(3)));
  await until('data: Aw==\n\n');
  const last = /id: (.+)\ndata: Aw/.exec(text)![1]!;
  const again = await follow(request(path, 'GET', undefined, { 'last-event-id': last }));
  await post(request(path, 'POST', Uint8Array.of(4)));
  const second = again.body!.getReader();
  text = '';
  while (!text.includes('data:')) text += new TextDecoder().decode((await second.read()).value);
  expect(text).toContain('data: BA==');
  await Promise.all([reader.cancel(), second.cancel()]);
});

test('who sends more than a workshop does is told to wait', async () => {
  const path = 'channels/flood-aaaaaaaaaaaaaaaa';
  const statuses: number[] = [];
  let last: Response | undefined;
  while (last?.status !== 429 && statuses.length < 2000) {
    last = await post(request(path, 'POST', Uint8Array.of(1)));
    statuses.push(last.status);
  }
  expect(statuses.filter((status) => status === 204).length).toBeGreaterThan(500);
  expect(last?.headers.get('retry-after')).toBe('2');
  // Another channel is not held up.
  expect((await post(request('channels/other-aaaaaaaaaaaaaaaa', 'POST', Uint8Array.of(1)))).status).toBe(204);
});

import { gzipSync } from 'node:zlib';
import { JSON_BODY } from '../../../../tests/support/json-body';
import { GET as unknown } from '../[...unknown]/route';
import * as gears from '../gears/route';
import * as openapi from '../openapi/route';
import * as schema from '../schema/route';

const url = 'http://localhost/api/gears';
const body = JSON.stringify({
  wheel: { rimDiameterMm: 622, tyreWidthMm: 38 },
  setups: [{ chainrings: [44], cogs: [11, 12, 14] }],
});
const post = (more: Readonly<Record<string, string>>, content: BodyInit = body) =>
  gears.POST(new Request(url, { method: 'POST', headers: { ...JSON_BODY, ...more }, body: content }));
const titleOf = async (response: Response) => {
  expect(response.headers.get('content-type')).toBe('application/problem+json');
  return ((await response.json()) as { title: string }).title;
};

test('a method that a path does not have is a problem that names those it has', async () => {
  for (const method of ['GET', 'PUT', 'PATCH', 'DELETE'] as const) {
    const response = await gears[method](new Request(url, { method }));
    expect([response.status, response.headers.get('allow')]).toEqual([405, 'POST, OPTIONS']);
    expect(await titleOf(response)).toBe('Wrong method');
  }
  const posted = await openapi.POST(new Request(url, { method: 'POST' }));
  expect(posted.headers.get('allow')).toBe('GET, HEAD, OPTIONS');
});

test('an unknown path is a problem', async () => {
  const response = unknown();
  expect(response.status).toBe(404);
  expect(await titleOf(response)).toBe('Not found');
});

test('a body of another type is a problem; of JSON, any JSON or none said it is read', async () => {
  const other = await post({ 'content-type': 'application/x-www-form-urlencoded' });
  expect(other.status).toBe(415);
  expect(await titleOf(other)).toBe('Wrong content type');
  for (const type of ['application/json; charset=utf-8', 'application/vnd.example+json']) {
    expect((await post({ 'content-type': type })).status).toBe(200);
  }
  const untold = new Request(url, { method: 'POST', body: new Blob([body]).stream(), duplex: 'half' } as RequestInit);
  expect((await gears.POST(untold)).status).toBe(200);
});

describe('packed bodies', () => {
  const packed = { 'content-encoding': 'gzip' };

  test('are unpacked, and answered as plain ones are', async () => {
    const response = await post(packed, new Uint8Array(gzipSync(body)));
    expect(response.status).toBe(200);
    expect(await response.json()).toEqual(await (await post({})).json());
  });

  test('are refused where they are none, cut off, or packed otherwise', async () => {
    for (const content of [body, new Uint8Array(gzipSync(body)).slice(0, 30)]) {
      const response = await post(packed, content);
      expect([response.status, await titleOf(response)]).toEqual([400, 'Not gzip']);
    }
    const other = await post({ 'content-encoding': 'br' });
    expect([other.status, await titleOf(other)]).toEqual([415, 'Wrong content encoding']);
  });

  test('a small one that unpacks to gigabytes is stopped at the bound of any body', async () => {
    const bomb = new Uint8Array(gzipSync(Buffer.alloc(50_000_000, ' ')));
    expect(bomb.length).toBeLessThan(60_000);
    expect((await post(packed, bomb)).status).toBe(413);
  });
});

describe('both descriptions', () => {
  test.each([
    ['openapi', openapi.GET],
    ['schema', schema.GET],
  ] as const)('%s has a fingerprint, and is not sent to who has it', async (_name, get) => {
    const first = await get(new Request(url));
    const etag = first.headers.get('etag')!;
    expect(etag).toMatch(/^"[\w-]{27}"$/);
    for (const known of [etag, `W/${etag}`, `"other", ${etag}`]) {
      const again = await get(new Request(url, { headers: { 'if-none-match': known } }));
      expect([again.status, again.headers.get('etag'), await again.text()]).toEqual([304, etag, '']);
    }
    expect((await get(new Request(url, { headers: { 'if-none-match': '"other"' } }))).status).toBe(200);
  });

  test('no shape of them is written out twice', async () => {
    const { $defs } = (await (await schema.GET(new Request(url))).json()) as { $defs: Record<string, object> };
    const text = JSON.stringify($defs);
    for (const name of ['Wheel', 'Pair', 'Rider', 'RearDerailleur']) expect(text).toContain(`"#/$defs/${name}"`);
    expect(text.match(/"rimDiameterMm":\{/g)).toHaveLength(1);
  });
});

describe('pages of other origins', () => {
  const from = (origin: string) => ({ origin });
  const allowedOrigin = (response: Response) => response.headers.get('access-control-allow-origin');
  afterEach(() => {
    delete process.env.RONTEL_CORS_ORIGINS;
  });

  test('may ask only where the server allows it', async () => {
    expect(allowedOrigin(await post(from('https://shop.example')))).toBeNull();
    process.env.RONTEL_CORS_ORIGINS = 'https://shop.example, https://club.example';
    const response = await post(from('https://club.example'));
    expect([allowedOrigin(response), response.headers.get('vary')]).toEqual(['https://club.example', 'origin']);
    expect(allowedOrigin(await post(from('https://other.example')))).toBeNull();
    expect(allowedOrigin(await post({ ...from('https://club.example'), 'content-type': 'text/plain' }))).toBe(
      'https://club.example',
    );
    process.env.RONTEL_CORS_ORIGINS = '*';
    expect(allowedOrigin(await post(from('https://other.example')))).toBe('*');
  });

  test('learn by their inquiry what they may send', async () => {
    process.env.RONTEL_CORS_ORIGINS = '*';
    const response = await gears.OPTIONS(new Request(url, { method: 'OPTIONS', headers: from('https://a.example') }));
    expect([response.status, allowedOrigin(response), response.headers.get('access-control-allow-methods')]).toEqual([
      204,
      '*',
      'POST',
    ]);
    expect(response.headers.get('access-control-allow-headers')).toContain('content-type');
  });
});

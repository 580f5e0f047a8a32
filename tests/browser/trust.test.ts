import { AppInBrowser } from './harness';

let app: AppInBrowser;
beforeAll(async () => {
  app = await AppInBrowser.start('demo');
});
afterAll(() => app.stop());

const STAGES = [
  'brief',
  'gears',
  'compare',
  'find',
  'rides',
  'fit',
  'swap',
  'schedule',
  'log',
  'shelf',
  'learn',
  'data',
] as const;

test('pages run their own scripts alone, and every answer says how it may be used', async () => {
  const page = await fetch(`${app.url}/gears`);
  const policy = page.headers.get('content-security-policy')!;
  const [, nonce] = /'nonce-([^']+)'/.exec(policy)!;
  expect(policy).not.toMatch(/script-src[^;]*'unsafe/);
  expect(policy).toContain("object-src 'none'");
  expect(policy).toContain("frame-ancestors 'none'");
  const scripts = [...(await page.text()).matchAll(/<script\b[^>]*>/g)].map(([tag]) => tag);
  expect(scripts.length).toBeGreaterThan(2);
  for (const tag of scripts) expect(tag).toContain(`nonce="${nonce}"`);
  const again = await fetch(`${app.url}/gears`);
  expect(again.headers.get('content-security-policy')).not.toBe(policy);
  for (const path of ['/gears', '/api/health', '/icon.svg', '/not-there']) {
    const { headers } = await fetch(`${app.url}${path}`);
    expect([path, headers.get('x-content-type-options')]).toEqual([path, 'nosniff']);
    expect(headers.get('referrer-policy')).toBe('no-referrer');
    expect(headers.get('x-powered-by')).toBeNull();
  }
});

test('a script that somebody puts into a page does not run', async () => {
  await app.begin('/gears');
  await app.driver.executeScript(
    `window.ran = [];
     const plain = document.createElement('div');
     plain.innerHTML = '<img src="/nothing" onerror="window.ran.push(1)">';
     document.body.append(plain);
     document.body.insertAdjacentHTML('beforeend', '<a id="trap" href="javascript:window.ran.push(2)">x</a>');
     document.getElementById('trap').click();`,
  );
  await app.driver.wait(async () =>
    app.driver.executeScript<boolean>('return document.querySelector(\'img[src="/nothing"]\').complete'),
  );
  expect(await app.driver.executeScript('return window.ran')).toEqual([]);
  // What was blocked is told in the log; nothing else is.
  for (const line of await app.complaints()) expect(line).toMatch(/Content Security Policy|\/nothing/);
});

test.each(STAGES)('a reload in %s keeps everything', async (stage) => {
  await app.open(`/${stage}`);
  const heading = await app.text('h1');
  const before = await app.stored();
  await app.driver.navigate().refresh();
  await app.find('main:not([aria-busy])');
  await app.shows('h1', heading);
  await app.shows('[aria-label=Stages] [aria-current=page]', new RegExp(stage, 'i'));
  expect(await app.stored()).toEqual(before);
  expect(await app.complaints()).toEqual([]);
});

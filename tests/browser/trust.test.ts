import { createHash } from 'node:crypto';
import { request } from 'node:http';
import { Key } from 'selenium-webdriver';
import type { BikeRecord } from '../../src/records';
import { readBackup } from '../../src/formats/read-backup';
import { AppInBrowser } from './harness';

const app = AppInBrowser.ofFile('demo');

test('pages run their own scripts alone, and every answer says how it may be used', async () => {
  for (const path of [
    '/gears',
    '/settings',
    '/work?job=x',
    '/not-there',
    '/_next/not-there',
    '/serwist/not-there',
    '/iconic',
  ]) {
    const page = await fetch(`${app.url}${path}`);
    const policy = page.headers.get('content-security-policy')!;
    expect(policy).not.toMatch(/script-src[^;]*'unsafe/);
    expect(policy).toContain("object-src 'none'");
    expect(policy).toContain("frame-ancestors 'none'");
    // Each script that stands in the page has its fingerprint in the policy; the others are files of the app.
    const scripts = [...(await page.text()).matchAll(/<script\b([^>]*)>([^]*?)<\/script>/g)];
    expect(scripts.length).toBeGreaterThan(2);
    for (const [, attributes, text] of scripts) {
      if (/\ssrc="\/_next\//.test(attributes!)) continue;
      expect([path, policy]).toEqual([
        path,
        expect.stringContaining(`'sha256-${createHash('sha256').update(text!).digest('base64')}'`),
      ]);
    }
  }
  for (const path of ['/gears', '/api/health', '/icon.svg', '/not-there']) {
    const { headers } = await fetch(`${app.url}${path}`);
    expect([path, headers.get('x-content-type-options')]).toEqual([path, 'nosniff']);
    expect(headers.get('referrer-policy')).toBe('no-referrer');
    expect(headers.get('x-powered-by')).toBeNull();
  }
});

test('nobody writes to a page, shared caches ask again, and what there is not is said in its own form', async () => {
  const status = async (method: string, path: string) => {
    const { port } = new URL(app.url);
    return new Promise<number | undefined>((resolve, reject) => {
      const asked = request({ host: 'localhost', port, method, path }, (answer) => {
        answer.resume();
        resolve(answer.statusCode);
      });
      asked.on('error', reject);
      asked.end();
    });
  };
  for (const method of ['POST', 'PUT', 'DELETE', 'PATCH', 'TRACE']) {
    expect([method, await status(method, '/gears')]).toEqual([method, 405]);
  }
  expect(await status('TRACE', '/api/gears')).toBe(405);
  for (const path of ['/gears', '/serwist/sw.js']) {
    expect([path, (await fetch(`${app.url}${path}`)).headers.get('cache-control')]).toEqual([path, 'no-cache']);
  }
  const unknown = await fetch(`${app.url}/api/not-there`, { method: 'POST', body: '{}' });
  expect([unknown.status, unknown.headers.get('content-type')]).toEqual([404, 'application/problem+json']);
  const home = await fetch(app.url, { redirect: 'manual' });
  expect([home.status, home.headers.get('location')]).toEqual([307, '/gears']);
  const all = await Promise.all(Array.from({ length: 200 }, async () => (await fetch(`${app.url}/gears`)).status));
  expect(new Set(all)).toEqual(new Set([200]));
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

test('a browser that keeps nothing: said, work goes on in memory, and goes out as a backup', async () => {
  const allow = await app.onEveryPage(
    "IDBFactory.prototype.open = function () { throw new DOMException('not in a private window', 'SecurityError'); };",
  );
  try {
    await app.open('/gears');
    await app.shows('[data-testid=in-memory]', 'Nothing can be saved in this browser');
    await app.shows('[data-testid=in-memory]', 'not in a private window');
    await app.type('setup', '46/30 x 11-36');
    await app.shows('[data-testid=easiest]', '0.833');
    await app.click('[data-tool=settings]');
    await app.clickText('button', 'Save a backup');
    const { data } = JSON.parse(await app.download('.json')) as { data: { setups: { chainrings: number[] }[] } };
    expect(data.setups.some(({ chainrings }) => chainrings.join('/') === '46/30')).toBe(true);
    expect(await app.faults()).toEqual([]);
  } finally {
    await allow();
  }
  await app.open('/gears');
  await app.gone('[data-testid=in-memory]');
  await app.holds('setup', '48/32 x 11-36');
});

test('data of a newer Rontel are left alone, and can be saved as they are', async () => {
  await app.begin('/gears');
  const put = (value: number) =>
    app.driver.executeAsyncScript(
      `const done = arguments[1]; const open = indexedDB.open('rontel');
       open.onsuccess = () => { const t = open.result.transaction('meta', 'readwrite');
         t.objectStore('meta').put({ key: 'dataVersion', value: arguments[0] }); t.oncomplete = () => { open.result.close(); done(); }; };`,
      value,
    );
  const { meta } = await app.stored<{ meta: { key: string; value: number }[] }>();
  await put(999);
  const before = await app.stored();
  await app.driver.get(`${app.url}/gears`);
  await app.shows('[role=alert]', 'The data in this browser has version 999');
  await app.clickText('button', 'Save everything to a file');
  const saved = JSON.parse(await app.download('.json')) as { dataVersion: number; data: { bikes: BikeRecord[] } };
  expect(saved.dataVersion).toBe(999);
  expect(saved.data.bikes.map(({ id }) => id)).toContain('estuary-tourer');
  expect(await app.stored()).toEqual(before);
  await put(meta[0]!.value);
  await app.open('/gears');
  await app.find('[data-gear]');
});

test('deleted by another window, it says so, and what was there can be saved', async () => {
  await app.begin('/gears');
  await app.find('[data-gear]');
  await app.driver.executeScript(`indexedDB.deleteDatabase('rontel');`);
  await app.shows('[role=alert]', 'The data in this browser are being deleted');
  await app.clickText('button', 'Save everything as a backup');
  const saved = await app.download('.json');
  const result = readBackup(saved);
  expect([result.ok ? 'read' : result, saved.length > 0]).toEqual(['read', true]);
  expect(result.ok && result.dataset.bikes.map(({ id }) => id)).toContain('estuary-tourer');
});

test('a newer Rontel in another window: this one lets go, and says that nothing is lost', async () => {
  await app.begin('/gears');
  await app.find('[data-gear]');
  await app.driver.executeAsyncScript(
    `const done = arguments[0]; const open = indexedDB.open('rontel', 10_000);
     open.onsuccess = () => { open.result.close(); done(); };`,
  );
  await app.shows('[role=alert]', 'A newer version of Rontel is open in another window');
  await app.driver.executeAsyncScript(
    `const done = arguments[0]; const gone = indexedDB.deleteDatabase('rontel'); gone.onsuccess = () => done();`,
  );
});

test('held up by another window it says so after some seconds, with what to do, and goes on by itself', async () => {
  await app.begin('/gears');
  await app.driver.get(`${app.url}/icon.svg`);
  // Another window with the data of an older layout open, which does not let go.
  await app.driver.executeAsyncScript(
    `const done = arguments[0]; const gone = indexedDB.deleteDatabase('rontel');
     gone.onsuccess = () => { const open = indexedDB.open('rontel', 10); open.onsuccess = () => { window.held = open.result; done(); }; };`,
  );
  const holder = await app.driver.getWindowHandle();
  await app.driver.switchTo().newWindow('tab');
  try {
    await app.driver.get(`${app.url}/gears`);
    await app.shows('[data-testid=waits]', 'Close all other Rontel windows');
    const waiting = await app.driver.getWindowHandle();
    await app.driver.switchTo().window(holder);
    await app.driver.executeScript('window.held.close()');
    await app.driver.switchTo().window(waiting);
    await app.find('[data-gear]');
    await app.driver.close();
  } finally {
    await app.driver.switchTo().window(holder);
  }
});

test('a backup tells what it brings before anything changes; conflicts are decided, all of it or none', async () => {
  await app.begin('/settings');
  await app.clickText('button', 'Save a backup');
  const text = await app.download('.json');
  const backup = JSON.parse(text) as { data: { bikes: BikeRecord[]; notes: { id: string }[] } };
  backup.data.bikes[0] = { ...backup.data.bikes[0]!, name: 'Renamed elsewhere' };
  backup.data.notes = [...backup.data.notes, { ...backup.data.notes[0]!, id: 'note-from-afar' }];
  await app.give('[data-testid=backup-file]', { 'other.json': JSON.stringify(backup) });
  await app.shows('[data-table=bikes]', /bikes\s+0\s+1\s+3\s+0/);
  await app.shows('[data-table=notes]', /notes\s+1\s+0/);
  await app.shows('[data-testid=conflicts]', 'Different here and in the file');
  const before = await app.stored();
  expect(await app.faults()).toEqual([]);
  await app.clickText('button', 'Discard');
  expect(await app.stored()).toEqual(before);
  await app.give('[data-testid=backup-file]', { 'other.json': JSON.stringify(backup) });
  await app.clickText('button', 'Add, and use');
  await app.shows('[data-testid=kept]', 'Renamed elsewhere');
  await app.press(Key.chord(Key.CONTROL, 'z'));
  await app.shows('[data-testid=kept]', '4 bikes: Estuary tourer');
});

test('what was taken away lies in the bin and comes back; what dangles is found and repaired', async () => {
  await app.begin('/settings');
  await app.clickText('button', 'Delete everything');
  await app.click('.ant-popconfirm .ant-btn-primary');
  await app.shows('[data-testid=kept]', 'No bikes.');
  await app.shows('[data-testid=binned]', 'Delete everything');
  await app.driver.navigate().refresh();
  await app.clickText("li[@data-testid='binned']//button", 'Restore');
  await app.shows('[data-testid=kept]', '4 bikes');
  await app.gone('[data-testid=binned]');
  // The check of a page that has just opened would find the note first.
  await app.driver.wait(
    () => app.driver.executeScript(`return performance.getEntriesByName('rontel-records-checked').length > 0`),
    60_000,
    'the records were not checked at opening',
  );
  await app.driver.executeAsyncScript(
    `const done = arguments[0]; const open = indexedDB.open('rontel');
     open.onsuccess = () => { const t = open.result.transaction('notes', 'readwrite');
       t.objectStore('notes').put({ id: 'lost', bikeId: 'nowhere', atMs: 0, text: 'of nobody' });
       t.oncomplete = () => { open.result.close(); done(); }; };`,
  );
  await app.clickText('button', 'Check all data');
  await app.shows('[data-testid=check-result]', 'A note about a deleted bike.');
  await app.clickText('button', 'Fix all 1');
  await app.shows('[data-testid=check-result]', 'No problems found.');
  expect(await app.faults()).toEqual([]);
});

import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { By } from 'selenium-webdriver';
import { folderOfRides } from '../support/ride-fixtures';
import { AppInBrowser } from '../browser/harness';

let app: AppInBrowser;
let folder: string;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'rontel-rides-'));
  app = await AppInBrowser.start('demo');
  await app.begin('/rides');
});
afterAll(async () => {
  await app.stop();
  rmSync(folder, { recursive: true, force: true });
});

test('a folder of thirty files, good and bad: its rides come in, each other file says why it did not, and none comes in twice', async () => {
  const of = folderOfRides();
  const path = join(folder, 'summer');
  mkdirSync(path);
  for (const { name, bytes } of of) writeFileSync(join(path, name), bytes);
  await app.driver.findElement(By.css('[data-testid=ride-folder]')).sendKeys(path);
  // Nineteen rides, three routes and the two rides of the archive.
  const summary = '31 files: 24 saved, 1 already imported, 6 failed';
  await app.shows('[data-testid=import-progress]', summary);
  while ((await app.driver.findElements(By.css('section[aria-label=Import] [data-testid=more]'))).length > 0) {
    await app.click('section[aria-label=Import] [data-testid=more]');
  }
  const states = await app.driver.executeScript<[string, string][]>(
    `return [...document.querySelectorAll('[data-testid=import-jobs] li')].map((li) => [li.querySelector('b').textContent, li.dataset.state])`,
  );
  const STATE = { ride: 'kept', route: 'kept', known: 'known', failed: 'failed', archive: 'opened' } as const;
  const top = states.filter(([name]) => !name.includes('.zip/'));
  expect(Object.fromEntries(top)).toEqual(
    Object.fromEntries(of.map(({ name, outcome }) => [`summer/${name}`, STATE[outcome]])),
  );
  // What needs a look comes first.
  expect(top.slice(0, 6).map(([, state]) => state)).toEqual(Array.from({ length: 6 }, () => 'failed'));
  expect(states).toContainEqual(['summer/24-two-rides.zip/june/b.fit', 'kept']);
  await app.shows('[data-testid=import-jobs]', /29-broken\.zip\s+the archive is cut off or broken/);
  await app.shows('[data-testid=import-jobs]', /30-settings\.json\s+this is JSON, but no GeoJSON/);
  const { rides, routes } = await app.stored<{ rides: unknown[]; routes: unknown[] }>();
  expect([rides.length, routes.length]).toEqual([2 + 21, 3 + 3]);
  // The same folder again brings nothing new.
  await app.clickText('button', 'Clear the list');
  await app.driver.findElement(By.css('[data-testid=ride-folder]')).sendKeys(path);
  await app.shows('[data-testid=import-progress]', '31 files: 0 saved, 25 already imported, 6 failed');
});

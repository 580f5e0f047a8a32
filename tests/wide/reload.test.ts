import { BASE_PATH } from '../../scripts/prepare.mjs';
import { PAGES } from '../../src/offline/places';
import { AppInBrowser } from '../browser/harness';

let app: AppInBrowser;
beforeAll(async () => {
  app = await AppInBrowser.start('demo');
  await app.begin('/settings');
});
afterAll(() => app.stop());

// The workshop mode is reloaded in the middle of a swap by the tests of its own.
test.each(PAGES.filter((page) => page !== '/work'))('a reload of %s keeps everything', async (page) => {
  await app.open(page);
  const heading = await app.text('h1');
  const before = await app.stored();
  await app.driver.navigate().refresh();
  await app.find('main:not([aria-busy])');
  await app.shows('h1', heading);
  await app.find(`header a[href="${BASE_PATH}${page}"][aria-current=page]`);
  expect(await app.stored()).toEqual(before);
  expect(await app.complaints()).toEqual([]);
});

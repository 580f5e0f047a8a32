import { PAGES as ALL_PAGES } from '../../src/offline/places';
import { AppInBrowser } from '../browser/harness';

const app = AppInBrowser.ofFile('empty');

/** The workshop mode has no frame. */
const PAGES = ALL_PAGES.filter((path) => path !== '/work');

test('every page opens before there is a bike, and says what fills it', async () => {
  await app.begin('/gears');
  for (const path of PAGES) {
    await app.open(path);
    await app.find('main h1');
    await app.find('main :is(button, a)');
    expect([path, await app.text('main h1')]).not.toEqual([path, 'Something went wrong on this page']);
  }
  expect(await app.complaints()).toEqual([]);
});

describe('of the demo workshop', () => {
  beforeAll(async () => {
    await app.begin('/gears');
    await app.clickText('button', 'open the demo');
    await app.find('[data-gear]');
  });

  test.each([
    [1280, 800, 130],
    [390, 844, 160],
  ])('content starts in time on every page at %i×%i', async (width, height, limit) => {
    await app.resize(width, height);
    const starts: Record<string, number> = {};
    for (const page of PAGES) {
      await app.follow(page);
      await app.driver.wait(async () => new URL(await app.driver.getCurrentUrl()).pathname === page);
      await app.find('main:not([aria-busy]) > *');
      starts[page] = await app.driver.executeScript<number>(
        `const main = document.querySelector('main');
         return Math.round(main.getBoundingClientRect().top + scrollY + parseFloat(getComputedStyle(main).paddingTop));`,
      );
    }
    expect(Object.entries(starts).filter(([, top]) => top > limit)).toEqual([]);
    expect(await app.complaints()).toEqual([]);
  });
});

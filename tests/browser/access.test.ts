import { By, Key, type WebElement } from 'selenium-webdriver';
import { AppInBrowser } from './harness';
import {
  BIKE_MENU,
  DIALOG,
  FIGURE,
  MENU,
  OPEN_STATES,
  SLIP,
  checkState,
  openState,
  setScheme,
  type OpenState,
} from './open-states';

const app = AppInBrowser.ofFile('demo');
beforeAll(() => app.begin('/settings'));

afterEach(() => setScheme(app, 'light'));

/** What has the focus: its id, its label or its text. */
const focused = () =>
  app.driver.executeScript<string>(
    `const one = document.activeElement;
     return one.id || one.getAttribute('aria-label') || one.innerText.trim() || one.tagName.toLowerCase();`,
  );
const focusIs = (expected: string) => app.until(async () => (await focused()) === expected, `focus on ${expected}`);
const focusOn = (css: string) => app.driver.executeScript('document.querySelector(arguments[0]).focus()', css);
/** Whether the focus is within what has this selector. */
const focusWithin = (css: string) =>
  app.until(
    () => app.driver.executeScript<boolean>('return !!document.activeElement.closest(arguments[0])', css),
    `focus within ${css}`,
  );

/** The first of each kind; `wide` goes through all. */
const ONE_OF_EACH_KIND = Object.entries<OpenState>(OPEN_STATES).filter(
  ([, { shown }], i, all) => all.findIndex(([, one]) => one.shown === shown) === i,
);

test.each(ONE_OF_EACH_KIND)(
  '%s: no fault where it is open, light and dark; Escape closes it and the focus is where it was',
  (_, state) => checkState(app, state),
);

test('an explanation comes right behind its figure, is named and described, and leads on behind it', async () => {
  await openState(app, OPEN_STATES['explanation of a gear']);
  const figures = await app.driver.findElements(By.css(FIGURE));
  const [figure, next] = figures;
  expect(await figure!.getAttribute('aria-expanded')).toBe('true');
  const slip = await app.find(SLIP);
  expect(await figure!.getAttribute('aria-controls')).toBe(await slip.getAttribute('id'));
  expect(await slip.getAttribute('aria-label')).toContain('How it is worked out');
  const formula = await slip.getAttribute('aria-describedby');
  expect(await app.text(`[id="${formula}"]`)).not.toBe('');
  await app.press(Key.TAB);
  await focusIs('Close');
  await app.press(Key.chord(Key.SHIFT, Key.TAB));
  expect(await focusedIs(figure!)).toBe(true);
  await app.press(Key.TAB);
  // Through what it explains with, and out of it to what follows the figure.
  const within = () => app.driver.executeScript<boolean>('return !!document.activeElement.closest(arguments[0])', SLIP);
  for (let steps = 0; steps < 20 && (await within()); steps += 1) await app.press(Key.TAB);
  expect(await focusedIs(next!)).toBe(true);
});

const focusedIs = (element: WebElement) =>
  app.driver.executeScript<boolean>('return document.activeElement === arguments[0]', element);

test('a menu says that it is one, and arrow keys lead through it', async () => {
  await app.open('/gears');
  const opener = await app.find(BIKE_MENU);
  expect(await opener.getAttribute('aria-haspopup')).toBe('menu');
  expect(await opener.getAttribute('aria-expanded')).toBe('false');
  await focusOn(BIKE_MENU);
  await app.press(Key.ENTER);
  await app.find(MENU);
  expect(await opener.getAttribute('aria-expanded')).toBe('true');
  await focusWithin(MENU);
  const active = () => app.driver.executeScript<string>('return document.activeElement.innerText');
  const first = await active();
  await app.press(Key.ARROW_DOWN);
  await app.until(async () => (await active()) !== first, 'the next entry');
  await app.press(Key.ARROW_UP);
  await app.until(async () => (await active()) === first, 'the first entry');
  await app.press(Key.ENTER);
  await app.find(DIALOG);
});

test('the first key leads past the head to the content, and the address stays', async () => {
  await app.open('/gears');
  const address = await app.driver.getCurrentUrl();
  await app.press(Key.TAB);
  await focusIs('Skip to the content');
  expect(await app.faults(['color-contrast', 'region', 'skip-link'])).toEqual([]);
  await app.press(Key.ENTER);
  await focusIs('main');
  expect(await app.driver.getCurrentUrl()).toBe(address);
  await app.press(Key.TAB);
  await focusWithin('main');
});

describe('shortcuts of one key', () => {
  const path = async () => new URL(await app.driver.getCurrentUrl()).pathname;
  const leads = (page: string) => app.until(async () => (await path()) === page, page);

  test('can be given another key, which is said everywhere; one that is taken or cannot be one is refused', async () => {
    await app.open('/settings');
    await app.clickText('summary', 'Keys of each action');
    const row = '[data-shortcut=compare]';
    await app.click(`${row} button`);
    await app.press('g');
    await app.shows('[data-testid=key-refused]', 'G already means');
    await app.press(Key.ARROW_DOWN);
    await app.shows('[data-testid=key-refused]', 'cannot be a shortcut');
    await app.press(Key.chord(Key.ALT, 'z'));
    await app.shows('[data-testid=key-refused]', 'one key alone');
    await app.press('z');
    await app.shows(`${row} button`, 'Z');
    await app.leaveField();
    await app.press('z');
    await leads('/compare');
    await app.press('g');
    await leads('/gears');
    expect(await (await app.find('header a[href="/compare"]')).getAttribute('title')).toBe('Compare (Z)');
    await app.press('p');
    await app.press('?');
    await app.shows(DIALOG, 'Z');
    expect(await path()).toBe('/gears');
    await app.press(Key.ESCAPE);
    await app.driver.navigate().refresh();
    await app.find('[data-gear]');
    await app.press('z');
    await leads('/compare');
    await app.open('/settings');
    await app.clickText('summary', 'Keys of each action');
    await app.clickText('button', 'Back to P');
    await app.shows(`${row} button`, 'P');
  });
});

import { By, Key, type WebElement } from 'selenium-webdriver';
import { AppInBrowser } from './harness';

let app: AppInBrowser;
beforeAll(async () => {
  app = await AppInBrowser.start('demo');
  await app.begin('/settings');
});
afterAll(() => app.stop());

const DESK = { width: 1280, height: 800 };
/** In workshop mode everything is pressed with dirty hands. */
const targetPx = (path: string) => (path.startsWith('/work') ? 44 : 24);

async function scheme(value: 'light' | 'dark', more: readonly { name: string; value: string }[] = []): Promise<void> {
  await app.devTools('Emulation.setEmulatedMedia', {
    features: [{ name: 'prefers-color-scheme', value }, { name: 'prefers-reduced-motion', value: 'reduce' }, ...more],
  });
}

afterEach(async () => {
  await scheme('light');
  await app.resize(DESK.width, DESK.height);
});

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

interface OpenState {
  readonly path: string;
  /** What opens it, and has the focus again when it is closed. */
  readonly opener: string;
  /** An entry of the menu that the opener opens, which opens it. */
  readonly entry?: string;
  /** What is there once it is open. */
  readonly shown: string;
}

const MENU = '.ant-dropdown:not(.ant-dropdown-hidden) [role=menu]';
const ENTRY = "div[contains(@class,'ant-dropdown') and not(contains(@class,'ant-dropdown-hidden'))]//li";
const DIALOG = '.ant-modal-wrap:not([style*="display: none"]) [role=dialog]';
const DRAWER = '.ant-drawer-open [role=dialog]';
const QUESTION = '.ant-popconfirm:not(.ant-popover-hidden)';
const SLIP = '[data-testid=slip]';
const FIGURE = 'main button[title="How this is worked out"]';
const BIKE_MENU = '[aria-label="Rename, duplicate or delete the bike"]';

/** What opens over a page and closes with Escape; page by page, for each is opened once. */
const OPEN_STATES: Readonly<Record<string, OpenState>> = {
  keys: { path: '/gears', opener: '[data-tool=help]', shown: DIALOG },
  glossary: { path: '/gears', opener: '[data-tool=glossary]', shown: DRAWER },
  'menu of the bike': { path: '/gears', opener: BIKE_MENU, shown: MENU },
  'name of the bike': { path: '/gears', opener: BIKE_MENU, entry: 'Rename', shown: DIALOG },
  'new bike': { path: '/gears', opener: BIKE_MENU, entry: 'New bike', shown: DIALOG },
  'explanation of a gear': { path: '/gears', opener: FIGURE, shown: SLIP },
  'name of a wheelset': {
    path: '/gears',
    opener: '[aria-label="Rename, add or delete a wheelset"]',
    entry: 'Rename',
    shown: DIALOG,
  },
  'menu of a setup': { path: '/compare', opener: '[aria-label="More for B"]', shown: MENU },
  'details of a setup': { path: '/compare', opener: '[aria-label="More for B"]', entry: 'Edit details', shown: DIALOG },
  'menu of a picture': { path: '/compare', opener: 'main [aria-label^="Save the picture"]', shown: MENU },
  'menu of a ride': { path: '/rides', opener: '[aria-label^="Save Seven Barns"]', shown: MENU },
  'explanation of a need': { path: '/needs', opener: FIGURE, shown: SLIP },
  'explanation of a check': { path: '/compatibility', opener: FIGURE, shown: SLIP },
  'details of a found setup': {
    path: '/find',
    opener: 'main [aria-label^="Details of"]',
    shown: '.ant-table-expanded-row',
  },
  'job to send': { path: '/jobs?job=job-winter-ring', opener: '[data-testid=send]', shown: DIALOG },
  'job to delete': { path: '/jobs?job=job-winter-ring', opener: '[data-testid=delete-job]', shown: QUESTION },
  'everything to delete': { path: '/settings', opener: '[data-testid=delete-everything]', shown: QUESTION },
  'steps of a job': {
    path: '/work?job=job-hardtail-chain',
    opener: '[aria-label="All steps"]',
    shown: DRAWER,
  },
  'new learner': {
    path: '/learn?view=drills',
    opener: '[aria-label="Rename, add or delete a learner"]',
    entry: 'New learner',
    shown: DIALOG,
  },
};

/** The page that an earlier state has left as it was. */
let left: string | undefined;

/** Opens it from the keyboard, with the focus on what opens it. */
async function openState({ path, opener, entry, shown }: OpenState): Promise<void> {
  if (path !== left) await app.open(path);
  left = undefined;
  if (opener.includes('wheelset')) await app.reach('wheelset');
  await app.find(opener);
  await focusOn(opener);
  await app.press(Key.ENTER);
  if (entry !== undefined) await app.clickText(ENTRY, entry);
  await app.find(shown);
  await app.settled();
}

test.each(Object.entries(OPEN_STATES))(
  '%s: no fault where it is open, light and dark; Escape closes it and the focus is where it was',
  async (_, state) => {
    await openState(state);
    expect(await app.faults([], state.shown)).toEqual([]);
    expect(await app.smallTargets(targetPx(state.path))).toEqual([]);
    await scheme('dark');
    await app.settled();
    expect(await app.faults(['color-contrast'], state.shown)).toEqual([]);
    await scheme('light');
    // A row stays open until it is closed.
    if (state.shown.includes('expanded-row')) await app.press(Key.ENTER);
    else await app.press(Key.ESCAPE);
    await app.gone(`${state.shown}:not([style*="display: none"])`);
    await app.until(
      () => app.driver.executeScript<boolean>('return document.activeElement.matches(arguments[0])', state.opener),
      `focus on ${state.opener}, not on ${await focused()}`,
    );
    left = state.path;
  },
);

test('an explanation comes right behind its figure, is named and described, and leads on behind it', async () => {
  await openState(OPEN_STATES['explanation of a gear']!);
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

test('a name that is confirmed with Enter leaves the focus on the menu, and the menu closed', async () => {
  await openState(OPEN_STATES['name of the bike']!);
  await app.press(Key.ENTER);
  await app.gone(DIALOG);
  await focusIs('Rename, duplicate or delete the bike');
  expect(await (await app.find(BIKE_MENU)).getAttribute('aria-expanded')).toBe('false');
});

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

  test('can be switched off; undo works all the same', async () => {
    await app.open('/settings');
    await app.clickText('label', 'Shortcuts of one key');
    await app.gone('[data-shortcut]');
    await app.follow('/gears');
    await app.find('[data-gear]');
    await app.press('p');
    await app.press('?');
    const before = await app.text('[data-testid=range]');
    await app.type('setup', '46/30 x 11-34');
    await app.shows('[data-testid=range]', '473.9%');
    await app.leaveField();
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await app.shows('[data-testid=range]', before);
    expect(await path()).toBe('/gears');
    await app.gone(DIALOG);
    await app.open('/settings');
    await app.clickText('label', 'Shortcuts of one key');
    await app.find('section[aria-label="Keyboard shortcuts"] summary');
    await app.press('p');
    await leads('/compare');
  });
});

import { Key } from 'selenium-webdriver';
import type { AppInBrowser } from './harness';

/** What opens over a page and closes with Escape. */
export interface OpenState {
  readonly path: string;
  /** What opens it, and has the focus again when it is closed. */
  readonly opener: string;
  /** An entry of the menu that the opener opens, which opens it. */
  readonly entry?: string;
  /** What is there once it is open. */
  readonly shown: string;
}

export const MENU = '.ant-dropdown:not(.ant-dropdown-hidden) [role=menu]';
const ENTRY = "div[contains(@class,'ant-dropdown') and not(contains(@class,'ant-dropdown-hidden'))]//li";
export const DIALOG = '.ant-modal-wrap:not([style*="display: none"]) [role=dialog]';
const DRAWER = '.ant-drawer-open [role=dialog]';
const QUESTION = '.ant-popconfirm:not(.ant-popover-hidden)';
export const SLIP = '[data-testid=slip]';
export const FIGURE = 'main button[title="How this is worked out"]';
export const BIKE_MENU = '[aria-label="Rename, duplicate or delete the bike"]';

/** Everything that does so; the first of each kind stands for it in `npm test`. */
export const OPEN_STATES = {
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
} as const satisfies Readonly<Record<string, OpenState>>;

/** In workshop mode everything is pressed with dirty hands. */
export const targetPx = (path: string) => (path.startsWith('/work') ? 44 : 24);

export function setScheme(app: AppInBrowser, value: 'light' | 'dark'): Promise<void> {
  return app.devTools('Emulation.setEmulatedMedia', {
    features: [
      { name: 'prefers-color-scheme', value },
      { name: 'prefers-reduced-motion', value: 'reduce' },
    ],
  });
}

/** Opens it from the keyboard on a page of its own, with the focus on what opens it. */
export async function openState(app: AppInBrowser, { path, opener, entry, shown }: OpenState): Promise<void> {
  await app.open(path);
  if (opener.includes('wheelset')) await app.reach('wheelset');
  await app.find(opener);
  await app.driver.executeScript('document.querySelector(arguments[0]).focus()', opener);
  await app.press(Key.ENTER);
  if (entry !== undefined) await app.clickText(ENTRY, entry);
  await app.find(shown);
  await app.settled();
}

/** Fails where what is open has a fault in light or dark, or where Escape does not close it and lead back. */
export async function checkState(app: AppInBrowser, state: OpenState): Promise<void> {
  await openState(app, state);
  expect(await app.faults([], state.shown)).toEqual([]);
  expect(await app.smallTargets(targetPx(state.path))).toEqual([]);
  await setScheme(app, 'dark');
  await app.settled();
  expect(await app.faults(['color-contrast'], state.shown)).toEqual([]);
  await setScheme(app, 'light');
  // A row stays open until it is closed.
  await app.press(state.shown.includes('expanded-row') ? Key.ENTER : Key.ESCAPE);
  await app.gone(`${state.shown}:not([style*="display: none"])`);
  await app.until(
    () => app.driver.executeScript<boolean>('return document.activeElement.matches(arguments[0])', state.opener),
    `focus on ${state.opener}`,
  );
}

// Takes the pictures that the README shows. One picture a main view; `npm run screenshots -- gears` takes just those
// whose name begins so.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Key } from 'selenium-webdriver';
import { AppInBrowser } from '../tests/browser/harness';

const FOLDER = 'docs/screenshots';
/** A moment at which nothing of the demo workshop is due, so that no picture changes with the calendar. */
const CLOCK = Date.UTC(2027, 3, 14, 9, 30);

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

interface Shot {
  readonly name: string;
  readonly size?: typeof DESK;
  readonly dark?: boolean;
  readonly path: string;
  /** What is on screen when the page is ready. */
  readonly ready: string;
  readonly prepare?: (app: AppInBrowser) => Promise<void>;
}

const LADDER = '[data-gear]';

const SHOTS: readonly Shot[] = [
  { name: 'needs', path: '/needs', ready: '[data-testid=one-or-two]' },
  { name: 'gears', path: '/gears', ready: LADDER },
  { name: 'gears-phone', path: '/gears', ready: LADDER, size: PHONE },
  { name: 'find', path: '/find', ready: '[data-testid=find-answer]' },
  {
    name: 'compare',
    path: '/compare',
    ready: '[data-testid=one-or-two]',
    prepare: (app) => app.scrollTo('section[aria-label=Ladder]'),
  },
  {
    name: 'compare-needs',
    path: '/compare',
    ready: LADDER,
    prepare: (app) => app.scrollTo('section[aria-label=Needs]'),
  },
  { name: 'rides', path: '/rides', ready: '[data-testid=use-sentence]' },
  {
    name: 'rides-through',
    path: '/rides',
    ready: '[data-testid=counts]',
    prepare: (app) => app.scrollTo('[aria-label="Route simulation"]'),
  },
  { name: 'compatibility', path: '/compatibility', ready: '[data-drawn] [data-chain]' },
  {
    name: 'compatibility-side-view',
    path: '/compatibility',
    ready: '[data-drawn] [data-chain]',
    prepare: async (app) => {
      await app.click('.ant-select:has([aria-label="Compare with"])');
      await app.clickText("div[contains(@class,'ant-select-item-option')]", 'B, One ring');
      await app.find('[data-testid=allowed]');
      await app.scrollTo('[aria-label="Side view"]');
    },
  },
  { name: 'jobs', path: '/jobs', ready: '[data-testid=card-steps]' },
  { name: 'schedule', path: '/schedule', ready: '[data-testid=chain-due]' },
  {
    name: 'log',
    path: '/log',
    ready: '[data-testid=timeline] li',
    prepare: (app) => app.shows('[data-testid=before-after]', 'of the time outside cadence range'),
  },
  {
    name: 'parts',
    path: '/parts',
    ready: '[data-part=chain-worn]',
    prepare: async (app) => {
      await app.click('[data-part=chain-worn]');
      await app.find('[data-testid=wear]');
      await app.scrollTo('[aria-label=Parts]');
    },
  },
  {
    name: 'work-phone',
    path: '/work?job=job-hardtail-chain',
    ready: '[data-step=chainLength]',
    size: PHONE,
    prepare: (app) => app.type('reading', '112'),
  },
  {
    name: 'learn',
    path: '/learn',
    ready: '[data-testid=drive]',
    prepare: async (app) => {
      await app.click('[aria-label="Step by step"]');
      await app.clickText('button', 'Turn the crank once');
      await app.shows('[data-testid=told]', 'Crank 1 turn');
    },
  },
  {
    name: 'learn-drill',
    path: '/learn?view=drills',
    ready: '[data-testid=question]',
    dark: true,
    prepare: async (app) => {
      await app.clickText('th//button', 'By how much');
      await app.shows('[data-testid=question]', 'how much faster');
      // What the usual slip gives: the teeth between the two cogs.
      const [, harder, easier] = /is \d+\/(\d+) than \d+\/(\d+)/.exec(await app.text('[data-testid=question] p'))!;
      await app.type('answer', String(Number(easier) - Number(harder)));
      await app.press(Key.ENTER);
      await app.find('[data-mistake=teethForPercent]');
      await app.leaveField();
    },
  },
  {
    name: 'devices',
    path: '/devices',
    ready: '[data-testid=paired]',
    prepare: async (app) => {
      await app.clickText('button', 'Pair a device');
      const link = String(await (await app.find('[data-testid=link]')).getAttribute('value'));
      const phone = await AppInBrowser.beside(app);
      try {
        await phone.stopClock(CLOCK);
        await phone.resize(PHONE.width, PHONE.height);
        await phone.open(link.replace(app.url, ''));
        await phone.clickText('button', 'Pair');
        await phone.shows('[data-testid=others]', 'Desk');
        await phone.open('/work?job=job-winter-ring');
        await app.shows('[data-testid=others]', 'One ring for the winter');
        await app.clickText('button', 'Make a code');
        await app.find('[data-testid=code]');
      } finally {
        await phone.stop();
      }
    },
  },
  { name: 'settings', path: '/settings', ready: '[data-testid=kept]' },
];

async function take(app: AppInBrowser, shot: Shot): Promise<void> {
  const { width, height } = shot.size ?? DESK;
  await app.resize(width, height);
  await app.devTools('Emulation.setEmulatedMedia', {
    features: [
      { name: 'prefers-color-scheme', value: shot.dark ? 'dark' : 'light' },
      { name: 'prefers-reduced-motion', value: 'reduce' },
    ],
  });
  await app.begin(shot.path);
  await app.find(shot.ready);
  await shot.prepare?.(app);
  await app.settled();
  writeFileSync(join(FOLDER, `${shot.name}.png`), await app.picture());
  console.log(`${shot.name}.png`);
}

async function main(): Promise<void> {
  const wanted = process.argv.slice(2);
  mkdirSync(FOLDER, { recursive: true });
  const app = await AppInBrowser.start('demo');
  try {
    await app.stopClock(CLOCK);
    for (const shot of SHOTS) {
      if (wanted.length === 0 || wanted.some((name) => shot.name.startsWith(name))) await take(app, shot);
    }
  } finally {
    await app.stop();
  }
}

void main();

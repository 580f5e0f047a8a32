import { By } from 'selenium-webdriver';
import type { AppInBrowser } from './harness';

/** A view, and how a test knows that it is there. */
interface View {
  readonly path: string;
  /** What is there once it is at work. */
  readonly shown: string;
  /** Keys that lead to it from there. */
  readonly keys?: readonly string[];
}

/** Every view there is. */
export const VIEWS: readonly View[] = [
  { path: '/needs', shown: '[data-testid=climb-speed]' },
  { path: '/gears', shown: '[data-gear]' },
  { path: '/gears', shown: '[data-gear]', keys: ['v'] },
  // Which view it was is kept.
  { path: '/gears', shown: '[data-gear]', keys: ['v'] },
  { path: '/compare', shown: '[data-gear]' },
  { path: '/find', shown: '[data-testid=find-answer]' },
  { path: '/rides', shown: '[data-testid=use-sentence]' },
  { path: '/compatibility', shown: '[data-drawn] [data-chain]' },
  { path: '/jobs', shown: '[data-testid=card-steps]' },
  { path: '/work?job=job-hardtail-chain', shown: '[data-step=chainLength]' },
  { path: '/schedule', shown: '[data-testid=board]' },
  { path: '/log', shown: '[data-testid=timeline] li' },
  { path: '/parts', shown: '[data-part=chain-worn]' },
  { path: '/learn', shown: '[data-testid=drive]' },
  { path: '/learn?view=lessons', shown: 'main section' },
  { path: '/learn?view=drills', shown: '[data-testid=question]' },
  { path: '/learn?view=worksheet', shown: 'main section' },
  { path: '/learn?view=words', shown: 'main section' },
  { path: '/devices', shown: '[data-testid=paired]' },
  { path: '/settings', shown: '[data-testid=kept]' },
];

/** Every view with the name that a test shows it by, for `test.each`. */
export const NAMED_VIEWS = VIEWS.map((view) => [[view.path, ...(view.keys ?? [])].join(' '), view] as const);

/** Goes to a view, by its link where the page has one, and waits until it is at work and stands still. */
export async function openView(app: AppInBrowser, { path, shown, keys = [] }: View): Promise<void> {
  const [links] = await app.driver.findElements(By.css('header nav'));
  if (links === undefined || path.includes('?')) await app.open(path);
  else {
    await app.follow(path);
    // What opens where the pointer rests is not of the view.
    await app.driver.actions().move({ x: 1, y: 1 }).perform();
  }
  await app.find(shown);
  await app.press(...keys);
  await app.settled();
}

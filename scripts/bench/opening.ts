import type { AppInBrowser } from '../../tests/browser/harness';
import { OPEN } from './page-probe';

const TRIES = 15;

/** From page to page and back by links that stand there: of the own group, or the first of another. */
const ROUND: readonly (readonly [link: string, shown: string])[] = [
  ['/gears', '[data-cell]'],
  ['/compare', '[data-need]'],
  ['/compatibility', '[data-drawn] [data-chain]'],
  ['/jobs', '[data-testid=card-steps]'],
  ['/needs', '#riderMassKg'],
];

/** Milliseconds from the click on a stage's link until it was painted, each stage having been open once. */
export async function stageChangeMs(app: AppInBrowser): Promise<number[]> {
  await app.begin('/needs');
  const times: number[] = [];
  for (let i = 0; i < TRIES; i += 1) {
    for (const [link, shown] of ROUND) {
      const ms = await app.driver.executeAsyncScript<number>(OPEN, link, shown);
      if (i > 0) times.push(ms);
    }
  }
  return times;
}

/** Milliseconds from asking for Gears until its ladder was on screen; its files are in the browser, its data too. */
export async function coldLoadMs(app: AppInBrowser): Promise<number[]> {
  await app.begin('/gears');
  const times: number[] = [];
  for (let i = 0; i < TRIES; i += 1) {
    await app.driver.navigate().refresh();
    await app.find('[data-gear]');
    times.push(await app.driver.executeScript<number>('return performance.now()'));
  }
  return times;
}

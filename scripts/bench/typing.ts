import { Key } from 'selenium-webdriver';
import type { AppInBrowser } from '../../tests/browser/harness';
import { WATCH_KEYS } from './page-probe';

const KEYS = 60;
/** Of somebody who types at 100 words a minute. */
const BETWEEN_MS = 120;

/** A tooth typed over: the last digit of the largest cog, then of the big ring, to and fro. */
const EDITS: readonly (readonly [from: number, text: string])[] = [
  [12, '4'],
  [12, '6'],
  [1, '6'],
  [1, '8'],
];

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/**
 * Milliseconds from each key pressed in the line of shorthand until the ladder with the new teeth was painted.
 * @param path a stage with a ladder
 * @param slowDown how many times slower than it is the processor is made
 */
export async function typingMs(app: AppInBrowser, path: string, slowDown: number): Promise<number[]> {
  await app.begin(path);
  await app.find('[data-gear]');
  await app.driver.executeScript(
    `window.watched = '.bench-probe';
     window.isShown = () => true;
     document.querySelector('[data-gear]').closest('svg').parentElement.classList.add('bench-probe');
     ${WATCH_KEYS}`,
  );
  const field = await app.find('#setup');
  await field.click();
  await app.devTools('Emulation.setCPUThrottlingRate', { rate: slowDown });
  for (let i = 0; i < KEYS; i += 1) {
    const [from, text] = EDITS[i % EDITS.length]!;
    await app.driver.executeScript('arguments[0].setSelectionRange(arguments[1], arguments[1] + 1)', field, from);
    await app.driver.actions().sendKeys(text).perform();
    await pause(BETWEEN_MS * slowDown);
  }
  await app.devTools('Emulation.setCPUThrottlingRate', { rate: 1 });
  await app.press(Key.ESCAPE);
  return app.driver.executeScript<number[]>('return window.keyTimes');
}

/** The same of a page with a field and a line of text and nothing else: what the browser and this machine take alone. */
export async function bareTypingMs(app: AppInBrowser, slowDown: number): Promise<number[]> {
  await app.driver.get('data:text/html,<input id="setup" value="48/32 x 11-36"><p class="bench-probe">-</p>');
  await app.driver.executeScript(
    `window.watched = '.bench-probe';
     window.isShown = () => true;
     document.querySelector('#setup').addEventListener('input', ({ target }) => {
       document.querySelector('.bench-probe').textContent = target.value + Math.random();
     });
     ${WATCH_KEYS}`,
  );
  const field = await app.driver.switchTo().activeElement();
  await field.sendKeys(Key.TAB);
  await app.devTools('Emulation.setCPUThrottlingRate', { rate: slowDown });
  for (let i = 0; i < KEYS; i += 1) {
    await app.driver
      .actions()
      .sendKeys(String(i % 10))
      .perform();
    await pause(BETWEEN_MS);
  }
  await app.devTools('Emulation.setCPUThrottlingRate', { rate: 1 });
  return app.driver.executeScript<number[]>('return window.keyTimes');
}

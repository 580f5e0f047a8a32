import { AppInBrowser } from '../browser/harness';
import { OPEN_STATES, checkState, setScheme, targetPx, type OpenState } from '../browser/open-states';
import { NAMED_VIEWS, openView } from '../browser/views';

const app = AppInBrowser.ofFile('demo');
beforeAll(() => app.begin('/settings'));
afterEach(async () => {
  await setScheme(app, 'light');
  await app.resize(1280, 800);
});

/** Letters, words and lines as far apart as WCAG 2.2 (1.4.12) asks a page to bear. */
const WIDER_TEXT = `* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important; }
  p { margin-bottom: 2em !important; }`;

/** Text clipped by its container; text that ends in an ellipsis is shown in full elsewhere. */
const cutOff = () =>
  app.driver.executeScript<string[]>(
    `return [...document.querySelectorAll('body *')].flatMap((one) => {
       if (one.closest('svg, .ant-select') || !one.checkVisibility() || !one.innerText?.trim()) return [];
       const { overflowX, overflowY, textOverflow } = getComputedStyle(one);
       const cuts = [overflowX, overflowY].some((value) => ['hidden', 'clip'].includes(value));
       const { width } = one.getBoundingClientRect();
       if (!cuts || textOverflow === 'ellipsis' || width < 3) return [];
       const isCut = one.scrollWidth > one.clientWidth + 1 || one.scrollHeight > one.clientHeight + 1;
       return isCut ? [one.innerText.slice(0, 60)] : [];
     });`,
  );

test.each(NAMED_VIEWS)('%s: can be pressed, read with wider text, and gone through by headings', async (_, view) => {
  await openView(app, view);
  expect(await app.smallTargets(targetPx(view.path))).toEqual([]);
  const levels = await app.driver.executeScript<number[]>(
    `return [...document.querySelectorAll('h1, h2, h3, h4, h5, h6')].filter((one) => one.checkVisibility()).map((one) => Number(one.tagName[1]));`,
  );
  expect(levels.filter((level) => level === 1)).toEqual([1]);
  expect(levels.filter((level, i) => level > (levels[i - 1] ?? 0) + 1)).toEqual([]);
  expect(await app.driver.executeScript('return document.documentElement.lang')).toBe('en');
  const moving = await app.driver.executeScript<string[]>(
    `return [...document.querySelectorAll('body *')].filter((one) => {
       const { transitionDuration, animationDuration } = getComputedStyle(one);
       return [transitionDuration, animationDuration].some((value) => value.split(', ').some((time) => parseFloat(time) > 0));
     }).map((one) => one.outerHTML.slice(0, 80));`,
  );
  expect(moving).toEqual([]);
  await app.driver.executeScript(
    `document.head.append(Object.assign(document.createElement('style'), { id: 'wider', textContent: arguments[0] }));`,
    WIDER_TEXT,
  );
  await app.settled();
  expect(await cutOff()).toEqual([]);
  await app.driver.executeScript(`document.getElementById('wider').remove()`);
  await app.resize(320, 800, false);
  await app.settled();
  expect(await app.smallTargets(targetPx(view.path))).toEqual([]);
  expect(await app.faults()).toEqual([]);
});

test.each(Object.entries<OpenState>(OPEN_STATES))(
  '%s: no fault where it is open, light and dark; Escape closes it and the focus is where it was',
  (_, state) => checkState(app, state),
);

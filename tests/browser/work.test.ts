import { AppInBrowser } from './harness';

let app: AppInBrowser;
beforeAll(async () => {
  app = await AppInBrowser.start('demo');
});
afterAll(() => app.stop());
beforeEach(async () => {
  await app.resize(390, 844);
  await app.begin('/work?job=job-winter-ring');
  await app.find('[data-step=decide]');
});

const done = async (step: string) => {
  await app.find(`[data-testid=step][data-step=${step}]`);
  await app.clickText('footer//button', 'Done');
};
const at = (step: string) => app.find(`[data-testid=step][data-step=${step}]`);

test('a whole swap from two rings to one on a phone, with a reload in the middle', async () => {
  await app.click('[aria-label="Start the clock"]');
  for (const step of ['decide', 'fit', 'gather']) await done(step);

  // Two ways to the same weight.
  await at('weigh');
  for (const pan of ['Chainring 48T, touring', 'all of it together']) {
    await app.clickText('button', pan);
    await app.clickText('button', 'Put on');
    await app.shows('[data-testid=scale]', 'at rest');
    await app.clickText('button', 'Take the reading');
    await app.gone('[data-testid=scale]');
  }
  await app.shows('[data-testid=weighed-off]', 'disagree by');
  expect(await app.faults()).toEqual([]);
  await done('weigh');

  for (const step of ['wheelOut', 'cassetteOff', 'freehub']) await done(step);
  await at('spacer');
  await app.type('reading', '0');
  await done('spacer');
  await at('cassetteOn');
  await app.type('reading', '30');
  await app.shows('[data-testid=judged]', 'the torque on the part wins');
  await app.type('reading', '40');
  await app.shows('[data-testid=judged]', 'As worked out.');
  await done('cassetteOn');
  for (const step of ['wheelIn', 'crank', 'frontOff', 'rearDerailleur']) await done(step);

  await at('chainLength');
  await app.type('reading', '113');
  await app.shows('#reading-problem', 'an odd count cannot be joined');
  await app.type('reading', '114');
  await app.type('step-note', 'two links left over');
  await app.shows('[data-testid=judged]', 'As worked out.');

  await app.find('[data-testid=step][data-kept=true]');

  // The phone is put away, and the page is gone.
  await app.driver.navigate().refresh();
  await at('chainLength');
  await app.holds('reading', '114');
  await app.holds('step-note', 'two links left over');
  await app.find('[aria-label="Stop the clock"]');
  await done('chainLength');

  await at('bGap');
  await app.type('reading', '6');
  await done('bGap');
  // Big-big may not be left out, and nobody rides before it.
  await app.click('[aria-label="All steps"]');
  await app.clickText("div[contains(@class,'ant-drawer')]//button", 'Test ride');
  await app.shows('footer', 'Never ride before these are done: Limit screws, Big-big by hand, Small-small.');
  await app.click('[aria-label="All steps"]');
  await app.clickText("div[contains(@class,'ant-drawer')]//button", 'Limit screws');
  await done('limitScrews');
  await done('indexing');

  // A check that fails leads to what helps, and back.
  await at('bigBig');
  await app.clickText('button', 'Rubbing');
  await app.shows('[data-testid=remedies]', 'B-screw in (clockwise)');
  await app.clickText('button', 'Back to B-gap');
  await at('bGap');
  await app.type('reading', '7');
  await app.click('[aria-label="All steps"]');
  await app.clickText("div[contains(@class,'ant-drawer')]//button", 'Big-big by hand');
  await app.clickText('button', 'Mended');
  await app.find('[data-testid=troubles]');
  await done('bigBig');
  for (const step of ['smallSmall', 'backPedal', 'torque']) await done(step);
  await at('testRide');
  await app.type('reading', '4');
  await done('testRide');

  await at('signOff');
  await app.gone('[data-testid=still-open]');
  await app.clickText('button', 'works, with notes');
  await app.shows('[data-testid=step]', 'Which notes?');
  await app.type('outcome-note', 'A hair of noise on the 44.');
  await app.click('[data-testid=sign]:not([disabled])');
  await app.shows('[data-testid=signed-off]', 'Its setup is A now');

  expect(await app.complaints()).toEqual([]);
  await app.resize(1280, 800);
  await app.open('/swap');
  await app.holds('setup', '44 x 10-44');
  await app.click('[data-job=job-winter-ring]');
  await app.shows('[data-testid=job-headline]', 'Works, with notes: A hair of noise on the 44.');
  await app.shows('[data-testid=progress]', 'rubbing, mended');
  await app.press('t');
  await app.shows('[data-testid=rechecks]', 'Re-check: One ring for the winter');
  await app.press('a');
  await app.shows('tr:has([data-part=cassette-10-44])', 'on Estuary tourer');
  await app.shows('tr:has([data-part=cassette-11-36])', '1 of 1');
});

test('a reverted trial needs its reason, and leaves the bike as it was', async () => {
  await app.click('[aria-label="All steps"]');
  await app.clickText("div[contains(@class,'ant-drawer')]//button", 'Sign-off');
  await app.shows('[data-testid=still-open]', 'Still open: Read the card');
  await app.clickText('button', 'works');
  await app.shows('[data-testid=step]', 'Never ride before these are done');
  await app.clickText('button', 'reverted');
  await app.shows('[data-testid=step]', 'Why was it reverted?');
  await app.type('outcome-note', 'The ring does not clear the stay.');
  await app.click('[data-testid=sign]:not([disabled])');
  await app.shows('[data-testid=signed-off]', 'The bike is as it was');
  await app.open('/swap');
  await app.holds('setup', '48/32 x 11-36');
});

/** A picture of so many pixels, drawn by the browser. */
const drawn = (side: number) =>
  app.driver.executeAsyncScript<string>(
    `const done = arguments[1]; const canvas = document.createElement('canvas');
     canvas.width = canvas.height = arguments[0]; const pen = canvas.getContext('2d');
     for (let i = 0; i < 400; i += 1) { pen.fillStyle = 'hsl(' + i * 7 + ' 80% 50%)'; pen.fillRect(i * 9 % arguments[0], i * 31 % arguments[0], 300, 300); }
     done(canvas.toDataURL('image/png').split(',')[1]);`,
    side,
  );

test('a photo is made small and kept; one too large and one that is none are refused with a reason', async () => {
  const picker = await app.find('[data-testid=photo-file]');
  const give = (name: string, content: Buffer) => app.give('[data-testid=photo-file]', { [name]: content });
  expect(await picker.getAttribute('accept')).toBe('image/*');
  await give('bench.png', Buffer.from(await drawn(2600), 'base64'));
  await app.find('[data-testid=step] figure img');
  const { width, length } = await app.driver.executeScript<{ width: number; length: number }>(
    `const image = document.querySelector('[data-testid=step] figure img');
     return { width: image.naturalWidth, length: image.src.length };`,
  );
  expect(width).toBeGreaterThan(800);
  expect(width).toBeLessThanOrEqual(1400);
  expect(length).toBeLessThan(700_000);
  await give('huge.jpg', Buffer.alloc(60_000_001));
  await app.shows('[data-testid=photo-problem]', 'huge.jpg has 60 MB; at most 60 MB');
  await give('text.jpg', Buffer.from('no picture'));
  await app.shows('[data-testid=photo-problem]', 'text.jpg is no picture');
  await app.driver.navigate().refresh();
  await app.find('[data-testid=step] figure img');
  await app.click('[aria-label="Remove this photo"]');
  await app.gone('[data-testid=step] figure');
});

test('a full browser is said, and what is kept stays', async () => {
  await app.driver.executeScript(
    `const put = IDBObjectStore.prototype.put;
     window.letIn = () => { IDBObjectStore.prototype.put = put; };
     IDBObjectStore.prototype.put = function () { throw new DOMException('full', 'QuotaExceededError'); };`,
  );
  await app.clickText('footer//button', 'Done');
  await app.shows('.ant-notification', 'no more room');
  await at('decide');
  await app.driver.executeScript('window.letIn()');
  await app.click('.ant-notification-notice-close');
  await done('decide');
  await at('fit');
});

test('two tabs at the same job: each is told of the other, and what one wrote the other does not write over', async () => {
  const [first] = await app.driver.getAllWindowHandles();
  await app.click('[aria-label="All steps"]');
  await app.clickText("div[contains(@class,'ant-drawer')]//button", 'Chain length');
  await at('chainLength');
  await app.driver.switchTo().newWindow('tab');
  try {
    await app.resize(390, 844);
    await app.open('/work?job=job-winter-ring');
    await at('chainLength');
    await app.shows('.ant-alert', 'open in another tab');
    await app.type('reading', '112');
    await app.shows('[data-testid=judged]', '2 fewer than worked out');
    const second = await app.driver.getWindowHandle();
    await app.driver.switchTo().window(first!);
    await app.shows('[data-testid=judged]', '2 fewer than worked out');
    await app.holds('reading', '112');
    // Behind the back of this tab: it has not heard of it when it writes.
    await app.driver.executeAsyncScript(
      `const done = arguments[0]; const open = indexedDB.open('rontel');
       open.onsuccess = () => { const t = open.result.transaction('jobs', 'readwrite'); const jobs = t.objectStore('jobs');
         const got = jobs.get('job-winter-ring');
         got.onsuccess = () => jobs.put({ ...got.result, progress: { ...got.result.progress, chainLength: { value: 116 } } });
         t.oncomplete = () => { open.result.close(); done(); }; };`,
    );
    await app.type('reading', '114');
    await app.shows('[data-testid=conflict]', 'Another tab changed this step meanwhile: reading 116');
    await app.driver.switchTo().window(second);
  } finally {
    await app.driver.close();
    await app.driver.switchTo().window(first!);
  }
});

test('an address without a job says so', async () => {
  await app.open('/work?job=nothing');
  await app.shows('main', 'This job is not in the book');
});

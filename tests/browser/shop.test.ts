import { By, Key } from 'selenium-webdriver';
import { AppInBrowser } from './harness';

const app = AppInBrowser.ofFile('demo');

/** Sideways scrolling, complaints of the console and faults of reach: none on any of these pages. */
async function isSound(): Promise<void> {
  await app.fits();
  expect(await app.complaints()).toEqual([]);
  expect(await app.faults()).toEqual([]);
}

describe('parts, each at one of its own', () => {
  beforeAll(async () => {
    await app.begin('/parts');
    await app.find('[data-part=chain-worn]');
  });

  test('bad input is said with value and bounds, and nothing is lost', async () => {
    await app.click('[data-part=chain-new]');
    await app.type('part-quantity', '-2');
    await app.shows('#part-quantity-problem', 'quantity -2: it runs from 0 to 999 pieces');
    await app.leaveField();
    await app.shows('[aria-label=Parts] table', '3 of 3');
    await app.press(Key.ESCAPE);
  });
});

describe('stock', () => {
  beforeEach(async () => {
    await app.resize(1280, 800);
    await app.begin('/parts');
    await app.find('[data-part=chain-worn]');
  });

  test('a limit of a part is that of every setup made of it, and Fit writes it back', async () => {
    await app.click('[data-part=rear-long]');
    await app.type('part-totalCapacityT', '40');
    await app.leaveField();
    await app.press('f');
    await app.shows('[data-testid=check-totalCapacity]', '1T over the published limit');
    await app.type('totalCapacityT', '45');
    await app.leaveField();
    await app.press('a');
    await app.click('[data-part=rear-long]');
    await app.holds('part-totalCapacityT', '45');
    await isSound();
  });

  test('several at once, one step of undo; a part that a job names goes with a word', async () => {
    for (const id of ['ring-40', 'ring-44']) await app.click(`tr:has([data-part=${id}]) .ant-checkbox-input`);
    await app.shows('[data-testid=bulk]', '2 parts');
    await app.driver.findElement(By.css('[aria-label="Location of the selected parts"]')).sendKeys('crate 9');
    await app.clickText('button', 'Set location');
    await app.shows('tr:has([data-part=ring-40])', 'crate 9');
    await app.shows('tr:has([data-part=ring-44])', 'crate 9');
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await app.shows('tr:has([data-part=ring-44])', 'drawer 2');
    await app.clickText('button', 'Delete…');
    await app.shows('.ant-popover', '“One ring for the winter”');
    await app.clickText("div[contains(@class,'ant-popover')]//button", 'Delete');
    await app.gone('[data-part=ring-44]');
    await app.press('j');
    await app.click('[data-job=job-winter-ring]');
    await app.shows('[aria-label=Job]', 'No longer in stock: Chainring 44T, narrow-wide');
    await app.shows('[data-testid=card-on]', 'Chainring 44T, narrow-wide');
  });

  test('a table out and in again changes nothing; a foreign one is tried dry before it is written', async () => {
    await app.press('c');
    const csv = await app.download('.csv');
    await app.give('[data-testid=parts-file]', { 'shelf.csv': csv });
    await app.shows('[data-testid=dry-run]', '0 new, 0 changed, 22 unchanged, 0 rejected');
    await app.clickText('button', 'Cancel');
    await app.gone('[data-testid=dry-run]');
    await app.give('[data-testid=parts-file]', {
      'spares.csv':
        'Type,Description,Qty,Weight (g)\nchain,Spare chain,2,255\nchain,Broken,-1,255\nother,"=cmd()",1,\n',
    });
    await app.shows('[data-testid=dry-run]', '2 new, 0 changed, 0 unchanged, 1 rejected');
    await app.shows('.ant-modal', 'quantity -1: it runs from 0 to 999 pieces');
    await app.clickText('button', 'Import 2');
    await app.shows('[data-testid=parts-count]', '24 entries');
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await app.shows('[data-testid=parts-count]', '22 entries');
    await app.give('[data-testid=parts-file]', { 'broken.csv': 'kind,name\nchain,"open' });
    await app.shows('.ant-modal', 'ends inside a quoted cell');
  });
});

describe('the parts that a setup is made of', () => {
  beforeEach(() => app.begin('/compatibility'));

  test('a derailleur in stock repairs a check, and becomes what the setup is made of', async () => {
    await app.type('setup', '50/30 x 11-36');
    await app.leaveField();
    await app.shows('[data-testid=check-totalCapacity]', '“Clutch derailleur, 100 mm” in stock');
    await app.clickText('button', 'Clutch derailleur, 100 mm');
    await app.shows('[data-testid=check-totalCapacity]', 'at the limit');
    await app.press('a');
    await app.shows('.ant-select:has(#slot-rearDerailleur)', 'Clutch derailleur, 100 mm');
    await app.click('[data-part=rear-long]');
    await app.holds('part-totalCapacityT', '41');
  });

  test('a shared part is named as shared; an empty bike and a copy of a bike share nothing', async () => {
    const menu = async (item: string) => {
      await app.click('[aria-label="Rename, duplicate or delete the bike"]');
      await app.clickText('span', item);
    };
    await app.shows('[data-testid=shared-parts]', 'also in B');
    await menu('Duplicate bike');
    await app.shows('[aria-label=Setups]', 'Copy of Estuary tourer');
    await app.gone('[data-testid=shared-parts]');
    await app.holds('totalCapacityT', '41');
    await app.type('totalCapacityT', '47');
    await app.leaveField();
    await app.choose('bike', 'Estuary tourer');
    await app.holds('totalCapacityT', '41');
    await menu('New bike (empty)');
    await app.clickText('button', 'Add the bike');
    await app.shows('.ant-modal', 'The name is empty');
    await app.type('new-bike-name', 'Winter commuter');
    await app.type('new-bike-setup', '42 x 11-34');
    await app.clickText('button', 'Add the bike');
    await app.shows('[aria-label=Setups]', 'Winter commuter');
    await app.holds('totalCapacityT', '');
    await app.gone('[data-testid=shared-parts]');
    await isSound();
  });
});

describe('the card of a swap', () => {
  beforeAll(async () => {
    await app.resize(1280, 800);
    await app.begin('/jobs');
    await app.find('[data-testid=card-steps]');
  });

  test('the card from A to B: parts, weights, costs, chain, B-screw, steps', async () => {
    await app.shows(
      '[data-testid=card-headline]',
      '2x to 1x, about 2 h 39 min; to buy: €310 (typed for the whole setup); −375 g by the weights of both setups.',
    );
    await app.shows('[data-testid=card-off]', 'Chainring 48T, touring\n104 g');
    await app.shows('[data-testid=card-settled]', 'Chain: a new chain of 114 links, because another chain was chosen.');
    await app.shows('[data-testid=card-settled]', 'B-tension screw in (clockwise): the largest cog is larger.');
    const ids = await app.driver.executeScript<string[]>(
      `return [...document.querySelectorAll('[data-step]')].map((one) => one.dataset.step)`,
    );
    expect(ids.indexOf('bigBig')).toBeLessThan(ids.indexOf('testRide'));
    expect(ids.slice(0, 5)).toEqual(['decide', 'fit', 'gather', 'hanger', 'oldGap']);
    expect(ids.indexOf('chainOff')).toBeLessThan(ids.indexOf('wheelOut'));
    await isSound();
  });

  test('the card prints on two pages at the most, with boxes to tick', async () => {
    await app.driver.executeScript('window.print = () => undefined');
    await app.press('k');
    await app.find('[data-testid=job-paper]');
    expect(await app.pdfPages()).toBeLessThanOrEqual(2);
  });
});

describe('swap', () => {
  beforeEach(async () => {
    await app.resize(1280, 800);
    await app.begin('/jobs');
    await app.find('[data-testid=card-steps]');
  });

  test('there before a date, and back after it: two jobs; days the wrong way round are said', async () => {
    await app.type('due-on', '2027-02-10');
    await app.type('back-on', '1 Feb 2027');
    await app.leaveField();
    await app.shows('[aria-label=Plan]', /Back on .*Feb.* is not after .*Feb/);
    await app.type('back-on', '2027-02-31');
    await app.leaveField();
    await app.shows('#back-on-problem', '“2027-02-31” is no day: type it such as 2026-12-03');
    await app.holds('back-on', '2027-02-31');
    await app.type('back-on', '2027-02-20');
    await app.leaveField();
    await app.holds('back-on', 'Feb 20, 2027');
    await app.type('occasion', 'the delta week');
    await app.click('[data-testid=book]');
    await app.shows('[aria-label=Job]', '2x to 1x, 48/32 x 11-36 → 44 x 10-44');
    await app.shows('[aria-label="Jobs of this bike"]', 'Back');
    await app.shows('[aria-label="Jobs of this bike"]', 'after: the delta week');
    // The way back says that it waits, on paper too.
    await app.clickText('*[@data-job]', 'Back: 2x to 1x');
    await app.shows('[data-testid=waits]', 'waits for the result of “2x to 1x');
    await app.driver.executeScript('window.print = () => undefined');
    await app.press('k');
    const paper = await app.find('[data-testid=job-paper]');
    // It is seen in print alone.
    expect(await paper.getAttribute('textContent')).toContain('This job waits for the result of');
  });

  test('what has come is ticked, and the last tick makes the job ready', async () => {
    await app.click('[data-job=job-winter-ring]');
    const boxes = await app.driver.findElements(By.css('[data-testid=buy-ticks] input'));
    expect(boxes).toHaveLength(3);
    for (const box of boxes) await box.click();
    await app.shows('[aria-label="Jobs of this bike"] [data-job=job-winter-ring]', 'ready');
  });
});

describe('schedule', () => {
  beforeEach(async () => {
    await app.resize(1280, 900);
    await app.begin('/schedule');
    await app.find('[data-job=job-hardtail-chain]');
  });

  test('a job is dragged to another day and another state, and not to done', async () => {
    const drag = async (job: string, cell: string) => {
      const actions = app.driver.actions();
      const from = await app.find(`[data-job=${job}]`);
      const to = await app.find(`[data-cell="${cell}"]`);
      await actions
        .move({ origin: from })
        .press()
        .move({ origin: from, x: 12, y: 6 })
        .move({ origin: to })
        .move({ origin: to, x: 3, y: 3 })
        .release()
        .perform();
    };
    const monday = await app.driver.executeScript<string>(
      `return document.querySelector('[data-column]').dataset.column`,
    );
    await drag('job-carrier-34', `ready ${monday}`);
    await app.find(`[data-cell="ready ${monday}"] [data-job=job-carrier-34]`);
    await drag('job-carrier-34', `done ${monday}`);
    await app.shows('.ant-message', 'Sign the job off');
    await app.find(`[data-cell="ready ${monday}"] [data-job=job-carrier-34]`);
    await isSound();
  });

  test('the same by field and key; the calendar and the buy list are saved', async () => {
    await app.click('[data-job=job-carrier-34]');
    await app.shows('[data-testid=chosen-job]', 'Ring swap');
    await app.click('.ant-select:has([aria-label="State of Easier gears with two crates"])');
    await app.clickText("div[contains(@class,'ant-select-item-option')]", 'in progress');
    await app.find('[data-cell="inHand none"] [data-job=job-carrier-34]');
    await app.clickText("section[@aria-label='Selected job']//button", 'Card');
    await app.shows('[aria-label=Job]', 'Easier gears with two crates');
    await app.press('t');
    await app.clickText('button', 'Calendar');
    const calendar = await app.download('.ics');
    // Four jobs and a re-check after each, and one that is due.
    expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(9);
    expect(calendar.match(/DTSTART;VALUE=DATE:/g)).toHaveLength(5);
    await app.press('c');
    expect(await app.download('.csv')).toContain('Cassette 10-44');
    await app.shows('[data-testid=rechecks]', /Wide cassette for the pine ridge, Pinewood hardtail: due, 240 km/);
    await app.shows('[data-testid=chain-due]', 'At 0.5% for 12-speed');
  });
});

describe('log', () => {
  beforeEach(async () => {
    await app.resize(1280, 800);
    await app.begin('/log');
    await app.find('[data-testid=timeline] li');
  });

  test('one line of jobs, trials, readings, rides and notes; searched, filtered, added to, saved', async () => {
    await app.shows('[data-testid=log-count]', '36 entries');
    await app.driver.findElement(By.css('[aria-label="Search the log"]')).sendKeys('50T');
    await app.shows('[data-testid=log-count]', '5 of 36 entries');
    await app.press('x');
    await app.driver
      .findElement(By.css('[aria-label="Search the log"]'))
      .sendKeys(Key.chord(Key.CONTROL, 'a'), Key.BACK_SPACE);
    await app.type('note-text', 'Creak from the left pedal');
    await app.type('note-km', '45');
    await app.clickText('button', 'Save');
    await app.shows('[data-testid=timeline] li', 'Creak from the left pedal');
    await app.leaveField();
    await app.press('c');
    expect(await app.download('.csv')).toContain('Creak from the left pedal,"45 km, not recorded",45');
    await isSound();
  });
});

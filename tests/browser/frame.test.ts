import { Key } from 'selenium-webdriver';
import { BASE_PATH } from '../../scripts/prepare.mjs';
import { FORMER_PAGES } from '../../src/offline/places';
import { AppInBrowser } from './harness';

const app = AppInBrowser.ofFile('empty');

/** Types the gears, chooses a question and fills in what it asks. */
async function ask(question: string, details: Readonly<Record<string, string>> = {}): Promise<void> {
  await app.begin('/gears');
  await app.type('first-setup', '50/34 x 11-30');
  await app.clickText('label', question);
  for (const [id, text] of Object.entries(details)) await app.type(id, text);
  await app.clickText('button', 'Show me');
}

describe('the first minute', () => {
  test('“would 1x do for me?” is answered from nothing in four actions', async () => {
    await app.begin('/gears');
    await app.type('first-setup', '50/34 x 11-30');
    await app.clickText('label', 'Would 1x work for me?');
    await app.choose('first-use', 'Road');
    await app.clickText('button', 'Show me');
    await app.shows('[data-testid=one-or-two]', /1x or 2x for me\? (1x|2x|Neither|Both|Either)/);
    await app.shows('main', 'Road');
  });

  test('another cassette stands beside the present gears; one that cannot be read is refused in its place', async () => {
    await ask('What would another cassette change?', { 'first-cassette': '11-99' });
    await app.shows('#first-cassette-problem', 'cog 99');
    await app.type('first-cassette', '11-34');
    await app.clickText('button', 'Show me');
    await app.shows('[data-testid=verdict-B]', 'easier');
    await app.holds('setup-b', /^50\/34 x 11-34/);
  });

  test('published limits typed at the start are those that the derailleur is judged by', async () => {
    await ask('Is my rear derailleur compatible?', { 'first-capacity': '30', 'first-largest': '28' });
    await app.shows('[data-testid=check-totalCapacity]', '5T over');
    await app.shows('[data-testid^=check-largestCog]', '2T over');
  });

  test('how long the chain is follows from the chainstay that was typed', async () => {
    await ask('How long should the chain be?', { 'first-chainstay': '410' });
    await app.shows('main', /1\d\d links/);
  });

  test('which gears are used leads to the page that reads rides', async () => {
    await ask('Which gears do I really use?');
    await app.shows('main', 'Drop GPX, TCX, FIT, KML, GeoJSON or CSV files');
  });

  test('an easier gear for the mountains is searched with the steepest climb that was typed', async () => {
    await ask('What easier gear do I need for mountains?', { 'first-grade': '14' });
    await app.find('[data-testid=find-answer]');
    await app.follow('/needs');
    await app.holds('steepestGradePercent', '14');
  });

  test('bad input is said beside its field, and nothing typed is lost', async () => {
    await ask('How long should the chain be?', { 'first-chainstay': '41' });
    await app.shows('#first-chainstay-problem', 'chainstay 41: it runs from 350 to 600 mm');
    await app.find('#first-chainstay:focus');
    await app.holds('first-setup', '50/34 x 11-30');
    await app.begin('/gears');
    await app.clickText('label', 'How long should the chain be?');
    await app.type('first-chainstay', '9000');
    await app.shows('#first-chainstay-problem', 'chainstay 9000: it runs from');
    await app.clickText('button', 'Show me');
    await app.shows('#first-setup-problem', 'enter chainrings x cassette');
    await app.holds('first-chainstay', '9000');
  });

  test('lessons and drills run on an example bike, once the first learner has a name', async () => {
    await app.begin('/learn?view=drills');
    await app.shows('main', 'On an example bike (you have not added one yet)');
    await app.type('new-learner', 'First');
    await app.press(Key.ENTER);
    await app.shows('[aria-label="Progress of First"] h2', '0 answered');
    await app.clickText('label', 'Lessons');
    await app.shows('article h2', 'The ratio');
    expect(await app.complaints()).toEqual([]);
  });
});

test('former addresses lead to the pages of now, with the rest of them', async () => {
  for (const [former, now] of Object.entries(FORMER_PAGES)) {
    const answer = await fetch(`${app.url}${former}?job=j&show=B`, { redirect: 'manual' });
    expect([former, answer.headers.get('location')]).toEqual([former, `${BASE_PATH}${now}?job=j&show=B`]);
  }
  await app.open('/brief?job=j&show=B#c=x');
  const { pathname, search, hash } = new URL(await app.driver.getCurrentUrl());
  expect(`${pathname}${search}${hash}`).toBe(`${BASE_PATH}/needs?job=j&show=B#c=x`);
  await app.find('main h1');
});

describe('the frame', () => {
  beforeAll(async () => {
    await app.begin('/gears');
    await app.clickText('button', 'open the demo');
    await app.find('[data-gear]');
  });

  test('the address holds setup, view and job: back, forward, a reload and a link lead to them', async () => {
    await app.resize(1280, 800);
    const address = (expected: string) =>
      app.driver.wait(async () => (await app.driver.getCurrentUrl()).endsWith(expected), 120_000, expected);
    await app.open('/gears');
    await address('/gears?show=a&view=table');
    const gearsOfA = await app.value('setup');
    await app.press('2');
    await address('/gears?show=b&view=table');
    await app.clickText('label', 'Riding');
    await address('/gears?show=b&view=riding');
    // The field keeps what is typed: the page is not rendered again for its address.
    await app.type('setup', '42 x 10-44');
    await app.leaveField();
    await app.holds('setup', '42 x 10-44');
    await app.driver.navigate().back();
    await address('/gears?show=b&view=table');
    await app.find('[data-testid=gear-table]');
    await app.driver.navigate().back();
    await app.holds('setup', gearsOfA);
    await app.driver.navigate().forward();
    await app.holds('setup', '42 x 10-44');
    await app.driver.navigate().refresh();
    await app.holds('setup', '42 x 10-44');
    await app.follow('/compare');
    await address('/compare?show=b');
    await app.open('/gears?show=c&view=shifting');
    await app.holds('setup', '46/30 x 11-34');
    await app.shows('main', 'Cogs to avoid');
    await app.open('/gears?show=z');
    await app.holds('setup', '46/30 x 11-34');
    await app.follow('/jobs');
    await app.click('[data-job=job-winter-ring]');
    await address('/jobs?job=job-winter-ring');
    await app.driver.navigate().back();
    await address('/jobs');
    await app.find('[aria-label=Plan]');
    expect(await app.complaints()).toEqual([]);
  });
});

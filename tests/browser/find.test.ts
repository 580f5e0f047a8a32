import { Key } from 'selenium-webdriver';
import { GENERIC_CASSETTES } from '@/core/catalog/cassettes';
import { RING_PAIRS } from '@/core/catalog/rings';
import { AppInBrowser } from './harness';

const app = AppInBrowser.ofFile('demo');
afterEach(async () => expect(await app.complaints()).toEqual([]));

const ROW = '[data-testid=front] .ant-table-row';
const number = (text: string) => Number(text.replace(/[^\d]/g, ''));
/** The numbers of the way from all that is searched to what is left. */
const funnel = async () =>
  [...(await app.text('[data-testid=funnel]')).matchAll(/[\d,]+(?= [a-z])/g)].map(([text]) => number(text));

describe('what is only looked at', () => {
  beforeAll(async () => {
    await app.begin('/find');
    await app.find('[data-testid=find-answer]');
  });

  test('each row says why it is there and what it gives up; opened, it tells all, with its working', async () => {
    await app.shows(`${ROW}:first-of-type`, 'Smallest maximum step: ');
    await app.shows(`${ROW}:first-of-type`, 'Downside: ');
    await app.click(`${ROW} td:nth-child(2)`);
    await app.shows('[data-testid=details]', 'Compatibility: ');
    await app.clickText('dd/button', 'links');
    await app.shows('[data-testid=slip]', 'big-big + 2');
    await app.click('[data-testid=find-answer] button');
    await app.shows('[data-testid=slip]', 'A beats B if it is at least as good on every criterion');
  });
});

describe('what is changed', () => {
  beforeEach(async () => {
    await app.begin('/find');
    await app.find('[data-testid=find-answer]');
  });

  test('from the brief to the workspace: the brief is changed, the search follows, what it finds is compared', async () => {
    await app.press('b');
    await app.type('steepestGradePercent', '10');
    await app.leaveField();
    await app.press('h');
    await app.shows('[data-testid=find-answer]', /of \d.\d{3} setups meet your needs/);
    const easiest = await app.text('fieldset:nth-of-type(2)');
    expect(easiest).toMatch(/an easiest gear of 1\.\d\d m or less/);
    const name = (await app.text(`${ROW}:first-of-type`)).split('\n')[0]!;
    await app.click(`${ROW} button[aria-label^="Add to compare"]`);
    await app.clickText('a', 'Compare');
    await app.find('[data-setup=d] input');
    await app.holds('setup-d', name);
    await app.shows('main', 'D');
  });

  test('the whole space is searched, and what is said of it narrows it at once', async () => {
    const [searched, ...left] = await funnel();
    // Single rings and pairs that are sold, with modern cassettes and those of the stock.
    const modern = GENERIC_CASSETTES.filter(({ cogs }) => cogs.length >= 8).length;
    expect(searched! % (29 + RING_PAIRS.length)).toBe(0);
    expect(searched).toBeGreaterThanOrEqual((29 + RING_PAIRS.length) * modern);
    expect(left).toEqual([...left].sort((a, b) => b - a));
    const cassettes = searched! / (29 + RING_PAIRS.length);
    const begins = (setups: number) => new RegExp(`^${String(setups).replace(/\B(?=\d{3}$)/, '.?')} searched`);
    await app.clickText('label', '2x');
    await app.shows('[data-testid=funnel]', begins(29 * cassettes));
    await app.type('rings-at-hand', '38, 40');
    await app.shows('[data-testid=funnel]', begins(2 * cassettes));
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await app.shows('[data-testid=funnel]', begins(29 * cassettes));
    await app.clickText('label', 'Any teeth');
    await app.shows('[data-testid=funnel]', begins(35 * cassettes));
  });

  test('what cannot be searched is said with its numbers, and nothing hangs', async () => {
    await app.clickText('label', '1x');
    await app.clickText('label', '2x');
    await app.shows('[data-testid=find-problems]', 'neither one ring nor two is searched');
    await app.clickText('label', '2x');
    await app.find('[data-testid=find-answer]');
    await app.type('find-ringMinT', '50');
    await app.type('find-ringMaxT', '40');
    await app.shows('[data-testid=find-problems]', 'rings from 50 to 40T: give the smaller number first');
    await app.type('find-ringMinT', '19');
    await app.shows('#find-ringMinT-problem', 'smallest ring 19: it runs from 20 to 70T');
    await app.type('find-ringMinT', '34');
    await app.click('fieldset:nth-of-type(3) label');
    await app.type('find-ringMaxT', '36');
    await app.shows(
      '[data-testid=find-problems]',
      'the rings 48/32 are kept, but not among those searched (34 to 36T)',
    );
    await app.type('rings-at-hand', 'x');
    await app.shows('#rings-at-hand-problem', 'enter tooth counts from 20 to 70');
  });

  test('a search on a road shows what it has so far, is cancelled at once, and can be asked again', async () => {
    await app.choose('find-aims', 'time outside cadence range');
    await app.press(Key.ESCAPE);
    await app.shows('[data-testid=find-problems]', 'choose a route or a ride');
    // Fewer needs leave more setups to simulate.
    for (const need of ['an easiest gear', 'reach', 'steps of 20']) await app.clickText('label', need);
    // Enough of them that the search still runs when it is cancelled.
    await app.clickText('label', 'Any teeth');
    await app.choose('find-road', 'mountain');
    await app.shows('[data-testid=find-progress]', /Simulating the route: \d+ of \d+/);
    await app.find('[data-testid=so-far] li');
    await app.click('[data-testid=cancel-search]');
    await app.find('[data-testid=find-cancelled]');
    // The page is as alive as ever: a smaller question is answered.
    await app.type('rings-at-hand', '32, 48');
    await app.shows('[data-testid=find-answer]', 'setups');
    await app.shows(ROW, 'min');
    await app.choose('find-road', 'Ride: ');
    await app.shows('[data-testid=find-answer]', 'setups');
  });

  test('a search is saved with the bike, taken up again after a reload, and removed', async () => {
    await app.type('search-name', 'rings from the drawer');
    await app.type('rings-at-hand', '30, 32, 46, 48');
    await app.shows('[data-testid=funnel]', /^\d+ searched/);
    await app.click('[data-testid=save-search]');
    await app.shows('.ant-select:has([aria-label="Saved search"])', 'rings from the drawer');
    await app.type('rings-at-hand', '44');
    await app.leaveField();
    await app.find('#search-name');
    await app.open('/find');
    await app.click('.ant-select:has([aria-label="Saved search"])');
    await app.clickText("div[contains(@class,'ant-select-item-option')]", 'rings from the drawer');
    await app.shows('.ant-select:has([aria-label="Saved search"])', 'rings from the drawer');
    await app.holds('rings-at-hand', '30, 32, 46, 48');
    await app.click('[aria-label="Delete the search rings from the drawer"]');
    await app.find('#search-name');
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await app.gone('#search-name');
  });

  test('a cassette is built to a goal, compared with one that can be bought, and searched with', async () => {
    await app.shows('[data-testid=built]', '11-12-13-14-16-18-20-22-25-28-32-36');
    await app.shows('[data-testid=builder-figures]', 'nearest stock cassette: 11-12-13-14-15-17-19-21-24-28-32-36');
    await app.shows('[data-testid=builder-figures]', '14.3%');
    await app.type('builder-forced', '15, 24');
    await app.shows('[data-testid=built]', /\b15-.*\b24-/);
    await app.type('builder-forbidden', '24');
    await app.shows('[data-testid=builder-problem]', '24T must be there and must not');
    await app.type('builder-forced', ' ');
    await app.shows('[data-testid=built]', '36');
    await app.choose('builder-goal', 'smallest steps');
    await app.shows('[data-testid=builder-figures]', 'largest step in that speed range');
    await app.choose('builder-goal', 'match a recorded ride');
    await app.shows('[data-testid=builder-figures]', 'average difference from the gears actually used');
    await app.choose('builder-goal', 'choose every cog');
    await app.type('builder-hand', '11, 14, 17, 21, 26, 33');
    await app.shows('[data-testid=built]', '11-14-17-21-26-33');
    await app.shows('[aria-label="Cassette builder"]', 'Mixing cogs: shift ramps');
    const [before] = await funnel();
    await app.click('[data-testid=keep-cassette]');
    await app.shows('[data-testid=built-list]', '11-14-17-21-26-33');
    await app.shows(
      '[data-testid=funnel]',
      new RegExp(`^${String(before! + 29 + RING_PAIRS.length).replace(/(\d+)(\d{3})/, '$1,$2')} searched`),
    );
    await app.clickText('button', 'Delete');
    await app.gone('[data-testid=built-list]');
  });
});

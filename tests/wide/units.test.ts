import { AppInBrowser } from '../browser/harness';

let app: AppInBrowser;
beforeAll(async () => {
  app = await AppInBrowser.start('demo');
});
afterAll(() => app.stop());

test('distances and weights are read and typed in miles and pounds on every page once they are chosen', async () => {
  await app.begin('/settings');
  await app.clickText('label', 'Imperial');
  // What is chosen is shown once it is kept: a page opened before that would not know it.
  await app.shows('.ant-segmented:has([title="lb, oz"]) .ant-segmented-item-selected', 'lb, oz');
  await app.open('/log');
  await app.shows('[aria-label="Parts of this bike"]', /Chain, 12-speed, second season\s+1561 mi/);
  await app.type('note-text', 'Ridden on a borrowed wheel');
  await app.type('note-km', '10');
  await app.clickText('button', 'Save');
  await app.shows('[data-testid=timeline] li', '10 mi, not recorded');
  await app.open('/needs');
  await app.type('riderMassKg', '165');
  await app.leaveField();
  await app.shows('main', /Total weight\s+237\.8 lb/i);
  await app.driver.navigate().refresh();
  await app.holds('riderMassKg', '165');
  await app.type('riderMassKg', '500');
  await app.shows('#riderMassKg-problem', 'rider 500: it runs from 45 to 440 lb');
  await app.open('/parts');
  await app.shows('[aria-label=Parts] table', / oz/);
  await app.click('[data-part=chain-worn]');
  await app.shows('[data-testid=wear]', /% in 1000 mi\. At 0\.5% for 12-speed in \d+ mi/);
  await app.open('/gears');
  await app.click('.ant-select:has([aria-label=Show])');
  await app.clickText("div[contains(@class,'ant-select-item-option')]", 'Gear inches (this wheel)');
  await app.shows('main', /Easiest gear, 32\/36\s+0\.889\s+24\.4 in/);
  await app.open('/needs');
  await app.shows('[data-testid=easiest-wanted]', /^\d+\.\d in$/);
  await app.open('/rides');
  await app.shows('main', /\d+\.\d mi · /);
  await app.shows('[data-testid=route]', /\d+\.\d mi, \d+ ft climbing/);
  await app.fits();
  expect(await app.complaints()).toEqual([]);
  // Kilometres per hour with gears in inches, and one quantity by itself.
  await app.open('/settings');
  await app.clickText('label', 'Metric, gears in inches');
  await app.follow('/rides');
  await app.shows('[data-testid=route]', /\d+\.\d km, \d+ m climbing/);
  await app.follow('/needs');
  await app.shows('[data-testid=easiest-wanted]', /^\d+\.\d in$/);
  await app.open('/settings');
  await app.clickText('label', 'miles');
  await app.shows('.ant-segmented:has([title=miles]) .ant-segmented-item-selected', 'miles');
  await app.shows('.ant-segmented:has([title=Imperial]) .ant-segmented-item-selected', 'My own');
  await app.follow('/rides');
  await app.shows('[data-testid=route]', /\d+\.\d mi, \d+ m climbing/);
});

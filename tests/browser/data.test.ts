import { rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Key } from 'selenium-webdriver';
import { AppInBrowser } from './harness';

const app = AppInBrowser.ofFile('empty');

const fixture = (name: string) => join(__dirname, '../fixtures/backups', name);
const choose = async (path: string) => (await app.find('[data-testid=backup-file]')).sendKeys(path);

/** The records of a saved backup, without the moment at which it was saved. */
const dataOf = (text: string) => (JSON.parse(text) as { data: unknown }).data;

async function saveBackup(): Promise<string> {
  await app.follow('/settings');
  await app.clickText('button', 'Save a backup');
  return app.download('.json');
}

async function eraseEverything(): Promise<void> {
  await app.follow('/settings');
  await app.clickText('button', 'Delete everything');
  await app.click('.ant-popconfirm .ant-btn-primary');
  await app.shows('[data-testid=kept]', 'No bikes.');
}

test('an empty app asks for one line, and refuses what it cannot read', async () => {
  await app.open('/');
  await app.shows('h1', 'See what your gears can do');
  await app.type('first-setup', '48/32 x 11-99');
  await app.shows('#first-setup-problem', 'cog 99: cogs have 9 to 60 teeth');
});

test('the tourer: typed, read, reloaded, saved, wiped, brought back the same', async () => {
  await app.type('first-setup', '48/32 x 11-36');
  await app.clickText('button', 'Show me');
  await app.shows('[data-testid=easiest]', '0.889');
  await app.shows('[data-testid=range]', '490.9%');
  await app.type('tyre', '38');
  await app.type('totalCapacityT', '39');
  await app.leaveField();
  await app.shows('[data-testid=capacity]', '41T needed, 39T published: 2T over the published limit');
  await app.shows('[data-testid=check-totalCapacity]', 'To fix: a 34T small ring');

  await app.driver.navigate().refresh();
  await app.shows('[data-testid=easiest]', '0.889');
  await app.shows('[data-testid=range]', '490.9%');
  await app.shows('[data-testid=rollout-used]', '2192.8 mm');
  await app.holds('setup', '48/32 x 11-36');

  const saved = await saveBackup();
  expect(dataOf(saved)).toMatchObject({ setups: [{ chainrings: [48, 32], rearDerailleur: { totalCapacityT: 39 } }] });
  await eraseEverything();
  await app.driver.navigate().refresh();
  await app.shows('[data-testid=kept]', 'No bikes.');

  const file = join(tmpdir(), `rontel-round-trip-${process.pid}.json`);
  writeFileSync(file, saved);
  await choose(file);
  await app.clickText('button', 'Import');
  await app.shows('[data-testid=kept]', '1 bike: My bike.');
  rmSync(file);
  expect(dataOf(await saveBackup())).toEqual(dataOf(saved));
  await app.follow('/gears');
  await app.shows('[data-testid=range]', '490.9%');
  await app.shows('[data-testid=capacity]', '2T over the published limit');
});

test('bad backups are refused with the reason and touch nothing', async () => {
  const before = await app.stored();
  const refused = [
    ['cut-off.json', 'the file is broken or no backup'],
    ['foreign.json', 'this file was not saved by Rontel'],
    ['newer.json', 'the file has data version 999; this Rontel reads 1 to'],
    ['cog-out-of-range.json', 'cog 99: cogs have 9 to 60 teeth'],
  ] as const;
  await app.follow('/settings');
  for (const [name, message] of refused) {
    await choose(fixture(`bad/${name}`));
    await app.shows('[role=alert]', message);
  }
  expect(await app.stored()).toEqual(before);
});

test('a backup can be added to what is here, or replace it, and undone', async () => {
  await choose(fixture('good/v1-demo-workshop.json'));
  await app.clickText('button', 'Add only what is missing here');
  await app.shows('[data-testid=kept]', '5 bikes: ');
  await choose(fixture('good/v1-one-bike.json'));
  await app.clickText('button', 'Replace the 5 here');
  await app.shows('[data-testid=kept]', '1 bike: Estuary tourer.');
  await app.click('[data-tool=undo]');
  await app.shows('[data-testid=kept]', '5 bikes: ');
  await app.click('[data-tool=undo]');
  await app.shows('[data-testid=kept]', '1 bike: My bike.');
});

test('a link shows its setup at once, keeps nothing until asked, and is kept when asked', async () => {
  await app.open(
    '/gears?setup=44x10-11-13-15-17-19-21-24-28-32-38-44&wheel=622x42&rpm=80&crank=172.5&rd=36_44__&name=Seawall',
  );
  await app.shows('[data-testid=range]', '440.0%');
  await app.shows('[data-testid=capacity]', '34T needed, 36T published: 2T to spare');
  expect(await (await app.find('#setup')).isEnabled()).toBe(false);
  await app.open('/settings');
  await app.shows('[data-testid=kept]', '1 bike: My bike.');
  await app.driver.navigate().back();
  await app.clickText('button', 'Save to my bikes');
  await app.gone('[role=status] button');
  await app.shows('[data-testid=range]', '440.0%');
  expect(await (await app.find('#setup')).isEnabled()).toBe(true);
  await app.holds('cadence', '80');
  await app.follow('/settings');
  await app.shows('[data-testid=kept]', '2 bikes: My bike, Seawall.');
});

test('the link that is copied opens the same setup', async () => {
  await app.follow('/gears');
  await app.devTools('Browser.grantPermissions', {
    origin: new URL(app.url).origin,
    permissions: ['clipboardReadWrite', 'clipboardSanitizedWrite'],
  });
  await app.press('l');
  await app.shows('.ant-message', 'Link copied');
  const link = await app.driver.executeAsyncScript<string>(
    'navigator.clipboard.readText().then(arguments[arguments.length - 1])',
  );
  // Behind the #: no server hears of the bike.
  const { hash, search } = new URL(link);
  expect(search).toBe('');
  expect(new URLSearchParams(hash.slice(1)).get('setup')).toBe('44x10-11-13-15-17-19-21-24-28-32-38-44');
  await app.open(link.slice(app.url.length));
  await app.shows('[role=status]', 'Seawall was opened from a link');
  // Nothing of it can be changed, all of it can be read.
  expect(await app.faults()).toEqual([]);
  await app.shows('[data-testid=range]', '440.0%');
  await app.clickText('button', 'Discard');
  await app.gone('[role=status] button');
  expect(await app.driver.executeScript('return window.location.hash')).toBe('');
});

test('a bike is renamed, copied and removed, and undo brings it back', async () => {
  const menu = async (item: string) => {
    await app.click('[aria-label="Rename, duplicate or delete the bike"]');
    await app.clickText('span', item);
  };
  await menu('Rename');
  await app.type('bike-name', 'Ferry runner');
  await app.press(Key.ENTER);
  await app.shows('[aria-label=Setups]', 'Ferry runner');
  await menu('Duplicate bike');
  await app.shows('[aria-label=Setups]', 'Copy of Ferry runner');
  await menu('Delete Copy of Ferry runner');
  await app.shows('[aria-label=Setups]', /^(?!.*Copy of)/s);
  await app.follow('/settings');
  await app.shows('[data-testid=kept]', 'My bike, Ferry runner.');
  await app.click('[data-tool=undo]');
  await app.shows('[data-testid=kept]', 'Copy of Ferry runner.');
});

test('the page never complained', async () => {
  expect(await app.complaints()).toEqual([]);
});

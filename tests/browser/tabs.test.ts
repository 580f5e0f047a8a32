import { Key } from 'selenium-webdriver';
import { readBackup } from '../../src/formats/read-backup';
import type { BikeRecord } from '../../src/records';
import { AppInBrowser } from './harness';

const app = AppInBrowser.ofFile('demo');
let first: string;
let second: string;

const rollout = (tyreMm: number) => (Math.PI * (622 + 2 * tyreMm)).toFixed(1);
const tyre = async () => {
  const { bikes } = await app.stored<{ bikes: readonly BikeRecord[] }>();
  return bikes.find(({ id }) => id === 'estuary-tourer')!.wheelsets[0]!.tyreWidthMm;
};
const inTab = (tab: string) => app.driver.switchTo().window(tab);

describe('two tabs', () => {
  beforeEach(async () => {
    await app.begin('/gears');
    first = await app.driver.getWindowHandle();
    await app.driver.switchTo().newWindow('tab');
    second = await app.driver.getWindowHandle();
    await app.open('/gears');
  });
  afterEach(async () => {
    await inTab(second);
    await app.driver.close();
    await inTab(first);
  });

  test('what another tab has written stands, however the field is left, and the field says so', async () => {
    const ways = [() => app.leaveField(), () => app.press(Key.ESCAPE), () => app.press(Key.chord(Key.CONTROL, 'z'))];
    for (const [i, leave] of ways.entries()) {
      const [kept, theirs] = [50 + i, 44 + i];
      await inTab(first);
      await app.type('tyre', String(kept));
      await app.shows('[data-testid=rollout-used]', rollout(kept));
      await app.type('tyre', '5');
      await app.shows('#tyre-problem', /./);
      await inTab(second);
      await app.shows('[data-testid=rollout-used]', rollout(kept));
      await app.type('tyre', String(theirs));
      await app.leaveField();
      await app.shows('[data-testid=rollout-used]', rollout(theirs));
      await inTab(first);
      await app.shows('[data-testid=rollout-used]', rollout(theirs));
      await leave();
      await app.shows('#tyre-problem', `Another window has changed this to ${theirs} meanwhile, and that stands.`);
      await app.holds('tyre', String(theirs));
      expect(await tyre()).toBe(theirs);
    }
  });

  test('undo takes back the step of its own tab; what the other has built on it leaves, and says so', async () => {
    await inTab(first);
    await app.type('tyre', '50');
    await app.leaveField();
    await inTab(second);
    await app.shows('[data-testid=rollout-used]', rollout(50));
    await app.type('cadence', '77');
    await app.leaveField();
    await inTab(first);
    await app.holds('cadence', '77');
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await app.shows('[data-testid=rollout-used]', rollout(38));
    await app.holds('cadence', '77');
    await app.press(Key.chord(Key.CONTROL, Key.SHIFT, 'z'));
    await app.shows('[data-testid=rollout-used]', rollout(50));
    await inTab(second);
    await app.type('tyre', '44');
    await app.leaveField();
    await inTab(first);
    await app.shows('[data-testid=rollout-used]', rollout(44));
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await app.shows('.ant-notification', 'another window has changed the same since');
    expect(await tyre()).toBe(44);
  });
});

describe('one tab', () => {
  beforeEach(() => app.begin('/gears'));

  test('where nobody else has written, the record goes back to what it was before the typing', async () => {
    await app.type('tyre', '50');
    await app.leaveField();
    await app.type('tyre', '60');
    await app.shows('[data-testid=rollout-used]', rollout(60));
    await app.type('tyre', '600');
    await app.shows('[data-testid=rollout-used]', rollout(50));
    await app.press(Key.ESCAPE);
    await app.holds('tyre', '50');
    expect(await tyre()).toBe(50);
  });

  test('a tab goes on with its own steps after a reload', async () => {
    await app.type('tyre', '50');
    await app.leaveField();
    await app.shows('[data-testid=rollout-used]', rollout(50));
    await app.driver.navigate().refresh();
    await app.shows('[data-testid=rollout-used]', rollout(50));
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await app.shows('[data-testid=rollout-used]', rollout(38));
  });
});

/** Writes into a table past Rontel, as another program would. */
const putPast = (table: string, records: readonly object[]) =>
  app.driver.executeAsyncScript(
    `const [table, records, done] = arguments; const open = indexedDB.open('rontel');
     open.onsuccess = () => { const t = open.result.transaction(table, 'readwrite');
       for (const record of records) t.objectStore(table).put(record);
       t.oncomplete = () => { open.result.close(); done(); }; };`,
    table,
    records,
  );

test('records that are wrong are set aside at opening, named, and saved as files; the rest goes on', async () => {
  await app.begin('/rides');
  const { rides, routes } = await app.stored<{ rides: object[]; routes: { elevationM: number[] }[] }>();
  // Away from the app: it might not have looked through its records yet, and would find some of these now.
  await app.driver.get(`${app.url}/icon.svg`);
  await putPast('rides', [{ ...rides[0]!, id: 'ride-x', name: 'From the far future', startedAtMs: 1e300 }]);
  await putPast('routes', [
    { ...routes[0]!, id: 'route-x', name: 'Holes', elevationM: [-32768, ...routes[0]!.elevationM] },
  ]);
  await putPast('notes', [{ id: 'note-x', bikeId: 'gone', atMs: 1e300, text: 'x' }]);
  await app.open('/log');
  await app.shows('[data-testid=set-aside]', '3 records could not be read');
  await app.follow('/settings');
  await app.shows('[aria-label="Set aside"]', 'Ride “From the far future”: startedAtMs: a time of 1e+300 ms');
  await app.shows('[aria-label="Set aside"]', 'Route “Holes”: 1 height that no road has');
  await app.clickText('button', 'Save as a file');
  expect(JSON.parse(await app.download('.json'))).toHaveProperty('id');
  await app.clickText('button', 'Save a backup');
  expect(readBackup(await app.download('.json')).ok).toBe(true);
});

test('a damaged backup names what is wrong with it, and the rest can be looked at and taken in', async () => {
  await app.begin('/settings');
  await app.clickText('button', 'Save a backup');
  const backup = JSON.parse(await app.download('.json')) as { data: { notes: object[]; bikes: object[] } };
  backup.data.notes = [
    { ...backup.data.notes[0]!, id: 'good', text: 'from the file' },
    { ...backup.data.notes[0]!, id: 'bad', km: 1e9 },
  ];
  await app.give('[data-testid=backup-file]', { 'b.json': JSON.stringify(backup) });
  await app.shows('[role=alert]', 'the file is damaged at notes.1.km');
  await app.shows('[role=alert]', 'Note bad: km left out');
  await app.clickText('button', 'Show what can be read');
  await app.shows('[data-table=notes]', /notes\s+2/);
});

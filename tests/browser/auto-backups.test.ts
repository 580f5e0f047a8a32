import { By } from 'selenium-webdriver';
import { AppInBrowser } from './harness';

const app = AppInBrowser.ofFile('demo');
beforeEach(() => app.begin('/gears'));

const DAY_MS = 86_400_000;

/** What the browser tells a page when it is left or come back to. */
const leave = () => app.driver.executeScript(`document.dispatchEvent(new Event('visibilitychange'))`);
const copies = () => app.driver.findElements(By.css('[data-testid=copy]'));

/** Waits for the database of copies, which is not the one that is worked in. */
async function copyMade(): Promise<void> {
  await app.driver.wait(
    () =>
      app.driver.executeAsyncScript<boolean>(
        `const done = arguments[0]; const open = indexedDB.open('rontel-copies');
         open.onsuccess = () => { const db = open.result;
           if (!db.objectStoreNames.contains('copies')) { db.close(); done(false); return; }
           const count = db.transaction('copies').objectStore('copies').count();
           count.onsuccess = () => { db.close(); done(count.result > 0); }; };`,
      ),
    60_000,
    'no copy was made',
    50,
  );
}

test('a copy is made by itself after work, and brings back what was lost', async () => {
  await leave();
  await app.type('setup', '46/30 x 11-34');
  await app.shows('[data-testid=range]', '473.9%');
  await leave();
  await copyMade();
  await app.follow('/settings');
  expect(await copies()).toHaveLength(1);
  await app.shows('[data-testid=copy]', '4 bikes');
  // A second one so soon after would say hardly anything more.
  await leave();
  await app.clickText('button', 'Delete everything');
  await app.click('.ant-popconfirm .ant-btn-primary');
  await app.shows('[data-testid=kept]', 'No bikes');
  // The database that is worked in is gone for good: no undo, no bin.
  await app.driver.get('about:blank');
  await app.driver.get(`${app.url}/icon.svg`);
  await app.driver.executeAsyncScript(
    `const done = arguments[0]; const gone = indexedDB.deleteDatabase('rontel'); gone.onsuccess = () => done();`,
  );
  await app.open('/settings');
  expect(await copies()).toHaveLength(1);
  await app.clickText("section[@aria-label='Automatic backups']//button", 'Open');
  await app.shows('[data-testid=differences]', 'bikes');
  await app.clickText('button', 'Replace the 4 here');
  await app.gone(`[aria-label="Import backup"]`);
  await app.follow('/gears');
  await app.shows('[data-testid=range]', '473.9%');
  await app.holds('setup', '46/30 x 11-34');
});

test('a file chosen once is written with the copies, and is the backup that was asked for', async () => {
  // Not the browser's own dialogue, but a file of the browser all the same.
  const undo = await app.onEveryPage(
    `window.showSaveFilePicker = async ({ suggestedName }) =>
       (await navigator.storage.getDirectory()).getFileHandle(suggestedName, { create: true });`,
  );
  await app.open('/gears');
  await app.type('setup', '46/30 x 11-34');
  await app.shows('[data-testid=range]', '473.9%');
  await app.follow('/settings');
  await app.clickText('button', 'Choose a backup file');
  await app.shows('[data-testid=outside]', /rontel-backup\.json, last /);
  await app.shows('[data-testid=keeping]', 'nothing has changed since');
  await app.follow('/gears');
  await app.type('setup', '46/30 x 11-36');
  await app.shows('[data-testid=range]', '501.8%');
  await leave();
  interface Written {
    readonly format: string;
    readonly data: {
      readonly bikes: readonly unknown[];
      readonly setups: readonly { readonly id: string; readonly chainrings: number[]; readonly cogs: number[] }[];
    };
  }
  // While it is being replaced it cannot be read.
  const written = async () => {
    const text = await app.driver.executeAsyncScript<string>(
      `const done = arguments[0];
       navigator.storage.getDirectory().then((folder) => folder.getFileHandle('rontel-backup.json'))
         .then((handle) => handle.getFile()).then((file) => file.text())
         .then(done, (error) => done(error.name === 'NotReadableError' ? '' : String(error)));`,
    );
    return text === '' ? undefined : (JSON.parse(text) as Written);
  };
  const setupA = (backup: Written | undefined) => backup?.data.setups.find(({ id }) => id === 'estuary-tourer-a');
  await app.driver.wait(async () => setupA(await written())?.cogs.at(-1) === 36, 60_000, 'not written', 50);
  const backup = (await written())!;
  expect(setupA(backup)?.chainrings).toEqual([46, 30]);
  expect(backup.format).toBe('rontel-backup');
  expect(backup.data.bikes).toHaveLength(4);
  await app.follow('/settings');
  await app.clickText('button', 'Stop writing to the file');
  await app.clickText('button', 'Choose a backup file');
  await undo();
});

test('a backup that is overdue is offered on every page until it is saved or put off', async () => {
  const toToday = await app.stopClock(Date.now() - 20 * DAY_MS);
  await app.open('/settings');
  await app.clickText('button', 'Save a backup');
  await app.download('.json');
  await toToday();
  await app.open('/gears');
  expect(await app.driver.findElements(By.css('[data-testid=backup-due]'))).toHaveLength(0);
  await app.type('setup', '46/30 x 11-34');
  await app.shows('[data-testid=range]', '473.9%');
  await app.open('/compatibility');
  await app.shows('[data-testid=backup-due]', /1 change since.* Time to save one/);
  expect(await app.faults()).toEqual([]);
  await app.clickText('button', 'Later');
  await app.gone('[data-testid=backup-due]');
  await app.follow('/compare');
  await app.find('[data-gear]');
  expect(await app.driver.findElements(By.css('[data-testid=backup-due]'))).toHaveLength(0);
});

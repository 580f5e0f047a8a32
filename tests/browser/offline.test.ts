import { BASE_PATH } from '../../scripts/prepare.mjs';
import { Front } from '../support/front';
import { AppInBrowser } from './harness';

let front: Front;
const app = AppInBrowser.ofFile('demo', async (port) => (front = await Front.before(port)));
afterAll(() => front.stop());

/** Comes as a browser does that has never been here, and stays for one visit. */
async function visit(): Promise<void> {
  front.bringBack();
  await app.begin('/settings');
  await app.shows('[data-testid=version]', 'works offline');
}

interface Manifest {
  readonly start_url: string;
  readonly icons: readonly Picture[];
  readonly screenshots: readonly Picture[];
  readonly shortcuts: readonly { readonly name: string; readonly url: string }[];
  readonly file_handlers: readonly { readonly action: string }[];
}

interface Picture {
  readonly src: string;
  readonly sizes: string;
  readonly type: string;
}

/** An address of the manifest as one within the app. */
const within = (address: string) => address.slice(BASE_PATH.length);

const readManifest = () =>
  app.driver.executeAsyncScript<Manifest>(
    `const done = arguments[0];
     fetch(document.querySelector('link[rel=manifest]').href).then((answer) => answer.json()).then(done);`,
  );

const GPX = (name: string, lat: number) => `<gpx version="1.1" creator="test" xmlns="http://www.topografix.com/GPX/1/1">
  <trk><name>${name}</name><trkseg>${Array.from({ length: 60 }, (_, second) => {
    const time = new Date(Date.UTC(2026, 4, 3, 8, 0, second * 5)).toISOString();
    return `<trkpt lat="${lat + second * 0.0003}" lon="11.2"><ele>${400 + second}</ele><time>${time}</time></trkpt>`;
  }).join('')}</trkseg></trk></gpx>`;

/** Sends files to the app as the system does for another app that shares them. */
const share = (files: Readonly<Record<string, string>>) =>
  app.driver.executeScript(
    `const form = document.createElement('form'); form.method = 'post'; form.action = '${BASE_PATH}/share';
     form.enctype = 'multipart/form-data';
     const field = document.createElement('input'); field.type = 'file'; field.name = 'files'; field.multiple = true;
     const items = new DataTransfer();
     for (const [name, text] of Object.entries(arguments[0])) items.items.add(new File([text], name));
     field.files = items.files; form.append(field); document.body.append(form); form.submit();`,
    files,
  );

/** Has the system open files with the app: what the browser hands to a page that it launched. */
const openWith = (files: Readonly<Record<string, string>>) =>
  app.onEveryPage(`Object.defineProperty(window, 'launchQueue', { value: { setConsumer: (take) => take({
    files: Object.entries(${JSON.stringify(files)}).map(([name, text]) =>
      ({ getFile: () => Promise.resolve(new File([text], name)) })) }) } });`);

describe('what one visit is enough for', () => {
  beforeAll(visit);
  beforeEach(() => {
    front.bringBack();
  });

  test('after one visit it works with the server gone, its workers, fonts and former addresses too', async () => {
    front.takeAway();
    // Also without a path and at a former address, where the server would redirect.
    const redirected = [
      { path: '/', shown: '[data-gear]' },
      { path: '/shelf', shown: '[data-part=chain-worn]' },
    ];
    for (const { path, shown } of [...redirected, { path: '/find', shown: '[data-testid=find-answer]' }]) {
      await app.open(path);
      await app.find(shown);
    }
    await app.open('/gears');
    await app.type('setup', '46/30 x 11-34');
    await app.shows('[data-testid=range]', '473.9%');
    await app.driver.navigate().refresh();
    await app.shows('[data-testid=range]', '473.9%');
    const fonts = await app.driver.executeScript<string[]>(
      `return [...document.fonts].filter(({ status }) => status === 'loaded').map(({ family }) => family)`,
    );
    expect(fonts.join()).toContain('Archivo');
  });

  test('rides that another app shares are imported once, with the server gone', async () => {
    front.takeAway();
    await share({ 'hill über.gpx': GPX('Hill', 47), 'valley.gpx': GPX('Valley', 46) });
    await app.shows('[data-testid=import-progress]', '2 files: 2 saved');
    await app.shows('[data-testid=import-jobs]', 'hill über.gpx');
    expect(await app.driver.getCurrentUrl()).not.toContain('shared');
    await app.driver.navigate().refresh();
    await app.find('main:not([aria-busy])');
    await app.find('[data-testid=ride-files]');
    await app.gone('[data-testid=import-jobs]');
  });

  test('ride files and backups are opened from the system, with the server gone', async () => {
    const [rides, backups] = (await readManifest()).file_handlers;
    await app.open('/settings');
    await app.clickText('button', 'Save a backup');
    const backup = await app.download('.json');
    front.takeAway();
    const closeRides = await openWith({ 'fell.gpx': GPX('Fell', 48) });
    await app.open(within(rides!.action));
    await app.shows('[data-testid=import-jobs]', 'fell.gpx');
    await app.shows('[data-testid=import-jobs]', 'saved as');
    await closeRides();
    const closeBackups = await openWith({ 'of the laptop.json': backup });
    await app.open(within(backups!.action));
    await app.shows('main', 'of the laptop.json');
    await closeBackups();
  });
});

describe('what changes what the browser keeps', () => {
  beforeEach(visit);

  test('an update waits until the user takes it, and no work is lost', async () => {
    await app.open('/gears');
    await app.type('setup', '46/30 x 11-34');
    await app.shows('[data-testid=range]', '473.9%');
    front.offerNextVersion();
    await app.driver.navigate().refresh();
    await app.shows('[data-testid=newer]', 'An update is ready');
    // It has not taken over: the page goes on with the version that it began with.
    await app.type('setup', '46/30 x 11-36');
    await app.shows('[data-testid=range]', '501.8%');
    await app.clickText('button', 'Update now');
    const isTaken = () =>
      app.driver.executeAsyncScript<boolean>(
        `const done = arguments[0];
       navigator.serviceWorker.getRegistration().then(({ active, waiting }) => done(!waiting && active.state === 'activated'));`,
      );
    // The page cannot answer while it reloads.
    await app.driver.wait(() => isTaken().catch(() => false), 60_000, 'it was not taken', 50);
    await app.find('main:not([aria-busy])');
    await app.gone('[data-testid=newer]');
    await app.shows('[data-testid=range]', '501.8%');
  });

  test('files shared before the app works offline are lost, and the page says why', async () => {
    await app.driver.executeAsyncScript(
      `const done = arguments[0];
     navigator.serviceWorker.getRegistration().then((kept) => kept.unregister()).then(done);`,
    );
    const remove = await app.onEveryPage(`Object.defineProperty(navigator, 'serviceWorker', { value: undefined })`);
    await app.open('/settings');
    await share({ 'hill.gpx': GPX('Hill', 47) });
    await app.shows('[data-testid=shared-lost]', 'could not be handed over');
    await remove();
  });
});

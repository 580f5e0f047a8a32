import { Front } from '../support/front';
import { AppInBrowser } from './harness';
import { VIEWS } from './views';

let front: Front;
let app: AppInBrowser;
beforeAll(async () => {
  app = await AppInBrowser.start('demo', async (port) => (front = await Front.before(port)));
});
afterAll(async () => {
  await app.stop();
  front.stop();
});
// Each begins in a browser that has never been here, and stays for one visit.
beforeEach(async () => {
  front.bringBack();
  await app.begin('/settings');
  await app.shows('[data-testid=version]', 'works offline');
});

test('after one visit every page works with the server gone, its workers, fonts and addresses too', async () => {
  front.takeAway();
  // Also without a path and at a former address, where the server would redirect.
  const redirected = [
    { path: '/', shown: '[data-gear]' },
    { path: '/shelf', shown: '[data-part=chain-worn]' },
  ];
  for (const { path, shown } of [...redirected, ...VIEWS]) {
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

test('the links between the pages lead on with the server gone', async () => {
  front.takeAway();
  const way = [
    ['Plan', '/needs'],
    ['Compatibility', '/compatibility'],
    ['Workshop', '/jobs'],
    ['Parts', '/parts'],
    ['Plan', '/needs'],
    ['Needs', '/needs'],
    ['Gears', '/gears'],
  ] as const;
  for (const [name, path] of way) {
    await app.clickText("nav[@aria-label='Pages']//a", name);
    await app.find(`nav a[href="${path}"][aria-current=page]`);
    await app.find('main:not([aria-busy])');
  }
  await app.find('[data-gear]');
});

test('a newer version waits until it is asked for, and loses nothing of the work', async () => {
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
  // While the page is loaded anew it cannot be asked.
  await app.driver.wait(() => isTaken().catch(() => false), 60_000, 'it was not taken', 50);
  await app.find('main:not([aria-busy])');
  await app.gone('[data-testid=newer]');
  await app.shows('[data-testid=range]', '501.8%');
});

test('it can be put among the apps of a device', async () => {
  const manifest = await app.driver.executeAsyncScript<{ start_url: string; icons: { src: string }[] }>(
    `const done = arguments[0];
     fetch(document.querySelector('link[rel=manifest]').href).then((answer) => answer.json()).then(done);`,
  );
  expect(manifest.start_url).toBe('/gears');
  const icon = await fetch(app.url + manifest.icons[0]!.src);
  expect(icon.headers.get('content-type')).toContain('image/svg+xml');
});

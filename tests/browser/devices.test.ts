import jsQR from 'jsqr';
import { AppInBrowser } from './harness';

let desk: AppInBrowser;
let phone: AppInBrowser;
beforeAll(async () => {
  desk = await AppInBrowser.start('empty');
  phone = await AppInBrowser.beside(desk);
  await phone.resize(390, 844);
});
afterAll(async () => {
  await phone.stop();
  await desk.stop();
});

const linkOf = async (app: AppInBrowser) =>
  String(await (await app.find('[data-testid=link]')).getAttribute('value')).replace(/^.*(?=\/devices#)/, '');

/** An empty phone, and a desk with the demo workshop. */
async function beginBoth(): Promise<void> {
  await phone.cutNetwork(false);
  await desk.begin('/gears');
  await desk.clickText('button', 'demo workshop');
  await desk.find('[data-gear]');
  await phone.begin('/gears');
}

/** Pairs the phone with the desk by the desk's link. */
async function pairBoth(): Promise<void> {
  await beginBoth();
  await desk.open('/devices');
  await desk.clickText('button', 'Pair a device');
  await phone.open(await linkOf(desk));
  await phone.clickText('button', 'Pair');
  await phone.shows('[data-testid=others]', 'Desk');
  await desk.shows('[data-testid=others]', 'Phone');
}

/** What a camera reads off the code on screen. */
async function scanned(app: AppInBrowser): Promise<string | undefined> {
  await app.find('[data-testid=code] svg');
  const { side, rgba } = await app.driver.executeAsyncScript<{ side: number; rgba: string }>(
    `const done = arguments[0]; const svg = document.querySelector('[data-testid=code] svg').cloneNode(true);
     const side = 8 * svg.viewBox.baseVal.width;
     for (const [name, value] of [['width', side], ['height', side], ['xmlns', 'http://www.w3.org/2000/svg']]) svg.setAttribute(name, value);
     svg.querySelector('rect').setAttribute('fill', '#fff');
     const image = new Image();
     image.onload = () => { const canvas = document.createElement('canvas'); canvas.width = canvas.height = side;
       const context = canvas.getContext('2d'); context.drawImage(image, 0, 0);
       const { data } = context.getImageData(0, 0, side, side);
       done({ side, rgba: btoa(Array.from(data, (byte) => String.fromCharCode(byte)).join('')) }); };
     image.src = 'data:image/svg+xml;base64,' + btoa(new XMLSerializer().serializeToString(svg));`,
  );
  return jsQR(Uint8ClampedArray.from(Buffer.from(rgba, 'base64')), side, side)?.data;
}

const done = async (step: string) => {
  await phone.find(`[data-testid=step][data-step=${step}][data-kept=true]`);
  await phone.clickText('footer//button', 'Done');
};

test('a job planned at the desk is carried out on a phone, with the network cut in the middle', async () => {
  await pairBoth();

  await desk.follow('/gears');
  await desk.clickText('button', 'Add setup');
  await desk.find('div[data-setup=d]');
  await desk.type('setup', '48/32 x 11-34 12s');
  await desk.leaveField();
  await desk.follow('/jobs');
  await desk.shows('[data-testid=card-headline]', 'Cassette swap');
  await desk.type('job-name', 'Winter cassette');
  await desk.leaveField();
  await desk.click('[data-testid=book]:not([disabled])');
  await desk.shows('[aria-label=Job]', 'Winter cassette');

  await phone.open('/jobs');
  await phone.clickText('button', 'Winter cassette');
  await phone.shows('[aria-label=Job]', 'Winter cassette');
  await phone.clickText('a', 'Start work');
  await phone.find('[data-testid=step]');
  await desk.shows('[data-testid=on-device]', 'On Phone, step 1 of');
  await done('wheelOut');
  await desk.shows('[data-testid=on-device]', 'On Phone, step 2 of');
  // So do the list of jobs and the schedule.
  await desk.shows('[aria-current=true] [data-testid=job-on-device]', 'Open on Phone');

  // Behind the shed there is no network: the work goes on, and the desk shows what it knows.
  await phone.cutNetwork(true);
  for (const step of ['cassetteOff', 'spacer', 'cassetteOn', 'wheelIn']) await done(step);
  await phone.find('[data-testid=step][data-step=bGap]');
  // Meanwhile something else is changed at the desk.
  await desk.type('occasion', 'before the frost');
  await desk.leaveField();
  await desk.shows('[data-testid=on-device]', 'step 2 of');

  await phone.cutNetwork(false);
  await desk.shows('[data-testid=on-device]', 'B-gap');
  await desk.holds('occasion', 'before the frost');
  for (const step of ['bGap', 'indexing', 'bigBig', 'smallSmall']) await done(step);
  await phone.find('[data-testid=step][data-step=signOff]');
  await phone.clickText('button', 'works');
  await phone.click('[data-testid=sign]:not([disabled])');
  await phone.shows('[data-testid=signed-off]', 'Its setup is A now');

  await desk.shows('[data-testid=job-headline]', /works/i);
  await desk.open('/gears');
  await desk.holds('setup', '48/32 x 11-34 12s');
  expect(await desk.complaints()).toEqual([]);
});

async function cadenceOn(app: AppInBrowser) {
  const { bikes, clashes } = await app.stored<{ bikes: { id: string; cadenceRpm: number }[]; clashes: unknown[] }>();
  return { rpm: bikes.find(({ id }) => id === 'estuary-tourer')?.cadenceRpm, clashes: clashes.length };
}

test('a field that both change while apart is named on the device whose value is gone', async () => {
  // Still paired by the test before.
  await Promise.all([desk.open('/gears'), phone.open('/gears')]);
  await phone.find('[data-gear]');
  await phone.cutNetwork(true);
  // The phone first: what is under way to it when the network is cut may still come.
  await phone.type('cadence', '82');
  await phone.leaveField();
  await phone.until(async () => (await cadenceOn(phone)).rpm === 82, 'stored on the phone');
  await desk.type('cadence', '81');
  await desk.leaveField();
  await phone.cutNetwork(false);
  await desk.until(async () => {
    const [one, other] = [await cadenceOn(desk), await cadenceOn(phone)];
    return one.rpm === other.rpm && one.clashes + other.clashes === 1;
  }, 'one value, and one device that says so');
  const { clashes } = await cadenceOn(desk);
  const loser = clashes === 1 ? desk : phone;
  await loser.open('/devices');
  await loser.shows(
    '[data-testid=clashes]',
    /Estuary tourer, cadence: 8[12] from (Desk|Phone) is kept; 8[12] was set here/,
  );
  // The value that was set here can be taken after all, on both.
  const { rpm } = await cadenceOn(loser);
  await loser.clickText('button', `Use ${rpm === 81 ? 82 : 81} instead`);
  await loser.gone('[data-testid=clashes]');
  await desk.until(async () => {
    const values = [(await cadenceOn(desk)).rpm, (await cadenceOn(phone)).rpm];
    return values.every((value) => value === (rpm === 81 ? 82 : 81));
  }, 'the other value on both');
  await loser.clickText('button', 'Stop pairing');
  await loser.clickText("div[contains(@class,'ant-popconfirm')]//button", 'Stop pairing');
  await loser.shows('[data-testid=paired]', 'Pair a device');
  expect((await loser.stored<{ bikes: unknown[] }>()).bikes).toHaveLength(4);
});

test('a bike is sent by a code, looked at before it is imported, and taken once', async () => {
  await beginBoth();
  await desk.open('/devices');
  await desk.clickText('button', 'Make a code');
  const link = await linkOf(desk);
  expect(await scanned(desk)).toBe(desk.url + link);
  expect(await desk.faults()).toEqual([]);

  await phone.open(link);
  await phone.clickText('button', 'Fetch it');
  await phone.shows('[data-testid=differences]', 'bikes');
  expect((await phone.stored<{ bikes: unknown[] }>()).bikes).toEqual([]);
  expect(await phone.faults()).toEqual([]);
  await phone.fits();
  await phone.clickText('button', 'Import');
  await phone.gone('[data-testid=take]');
  const { bikes, setups } = await phone.stored<{ bikes: { name: string }[]; setups: unknown[] }>();
  expect(bikes.map(({ name }) => name)).toEqual(['Estuary tourer']);
  expect(setups.length).toBeGreaterThan(1);

  // Who scans it a second time is told.
  await phone.open('/gears');
  await phone.open(link);
  await phone.clickText('button', 'Fetch it');
  await phone.shows('[data-testid=take]', 'it has been taken, or its ten minutes are over');
});

test('links that are cut off, of another key, or without a server say so and lose nothing', async () => {
  // The desk still shows the code of the test before.
  await desk.clickText('button', 'Make another code');
  const link = await linkOf(desk);
  await phone.open('/gears');
  await phone.open(link.slice(0, -5));
  await phone.clickText('button', 'Fetch it');
  await phone.shows('[data-testid=take]', 'cut off');
  await phone.open('/gears');
  // Without a connection the package stays where it is.
  await phone.open(link);
  await phone.cutNetwork(true);
  await phone.clickText('button', 'Fetch it');
  await phone.shows('[data-testid=take]', 'The server cannot be reached');
  await phone.cutNetwork(false);
  await phone.open('/gears');
  const wrongKey = link.slice(0, -3) + (link.endsWith('AAA') ? 'BBB' : 'AAA');
  await phone.open(wrongKey);
  await phone.clickText('button', 'Fetch it');
  await phone.shows('[data-testid=take]', 'cannot be opened');
  await phone.open('/gears');
  await phone.open('/devices#pair=half');
  await phone.shows('[aria-label="Pair this browser"]', 'cut off');
  await desk.cutNetwork(true);
  await desk.clickText('button', 'Make another code');
  await desk.shows('[aria-label="Send to another device"]', 'The server cannot be reached');
  await desk.cutNetwork(false);
});

test('over plain HTTP, where browsers have no encryption of their own, a device is paired as well', async () => {
  const stand = await AppInBrowser.beside(desk, 'shop.test');
  try {
    await desk.open('/devices');
    await desk.clickText('button', 'Pair a device');
    await stand.open(await linkOf(desk));
    expect(await stand.driver.executeScript('return [isSecureContext, !!crypto.subtle]')).toEqual([false, false]);
    await stand.clickText('button', 'Pair');
    await stand.shows('[data-testid=others]', 'Desk');
    await stand.open('/gears');
    await stand.type('cadence', '87');
    await stand.leaveField();
    await desk.until(async () => (await cadenceOn(desk)).rpm === 87, 'what was changed over plain HTTP');
    // The browser notes that a header needs HTTPS.
    const complaints = (await stand.complaints()).filter((text) => !text.includes('Cross-Origin-Opener-Policy'));
    expect(complaints).toEqual([]);
  } finally {
    await stand.stop();
  }
});

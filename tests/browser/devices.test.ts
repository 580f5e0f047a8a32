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
  String(await (await app.find('[data-testid=link]')).getAttribute('value')).replace(app.url, '');

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

const done = async (step: string) => {
  await phone.find(`[data-testid=step][data-step=${step}][data-kept=true]`);
  await phone.clickText('footer//button', 'Done');
};

test('a job planned at the desk is carried out on a phone, with the network cut in the middle', async () => {
  await pairBoth();
  await phone.open('/gears');
  await phone.find('[data-gear]');

  await desk.open('/gears');
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
  await desk.holds('setup-a', '48/32 x 11-34 12s');
  expect(await desk.complaints()).toEqual([]);
});

import { gzipSync } from 'fflate';
import { By, Key } from 'selenium-webdriver';
import { writeRideCsv } from '@/formats/ride/ride-csv';
import { writeTcx } from '@/formats/ride/tcx';
import { TOURER } from '../support/setups';
import { fitActivity } from '../support/fit-file';
import { fixtureRide, gpxOf } from '../support/ride-fixtures';
import { simulateRide } from '../support/rides';
import { AppInBrowser } from './harness';

const app = AppInBrowser.ofFile('demo');
const begin = async () => {
  await app.begin('/rides');
  await app.shows('[data-testid=use-sentence]', 'Most in');
};
afterEach(async () => expect(await app.complaints()).toEqual([]));

const START = Date.UTC(2026, 9, 3, 7);
const ridden = (seconds: number, seed: number, rolloutMm = 2192.8, setup = TOURER) =>
  simulateRide({ setup, rolloutMm, seconds, seed }).recording;

const bring = (files: Parameters<AppInBrowser['give']>[1]) => app.give('[data-testid=ride-files]', files);
const jobs = '[data-testid=import-jobs]';
/** Entries of the menu that is open; those that were open before are still there. */
const OPEN_MENU = "div[contains(@class,'ant-dropdown') and not(contains(@class,'ant-dropdown-hidden'))]//li";

describe('the rides of the demo workshop', () => {
  beforeAll(begin);

  test('the gears of the demo ride are identified, on the ladder and in a table that adds up', async () => {
    await app.shows('[data-testid=use-sentence]', 'Most in 32/36');
    await app.shows(
      '[data-testid=sure]',
      /identified with (over )?9\d% confidence[\s\S]*Measuring the rollout would improve this/,
    );
    const shares = await app.driver.executeScript<number[]>(
      `return [...document.querySelectorAll('[aria-label="Gear usage"] [data-setup=a] [data-share]')].map((g) => +g.dataset.share)`,
    );
    expect(shares).toHaveLength(24);
    expect(shares.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 2);
    await app.shows('[data-testid=replay]', /outside cadence range[\s\S]*in range on the ride, outside on this setup/);
    await app.press('c');
    expect(await app.download('.csv')).toContain(
      'chainring_t,cog_t,hub_stage,time_s,distance_m,share_percent,mean_cadence_rpm,confidence_percent\r\n',
    );
  });

  test('rides and routes go out as TCX, CSV and GPX; a removed ride comes back by undo', async () => {
    await app.click('[aria-label="Save Seven Barns loop"]');
    await app.clickText('li', 'Save as TCX');
    expect(await app.download('.tcx')).toMatch(/<Trackpoint><Time>\d{4}-\d\d-\d\dT08:30:00\.000Z<\/Time>/);
    await app.clickText('button', 'GPX');
    expect(await app.download('.gpx')).toContain('<name>Seven Barns loop, rolling</name>');
    await app.click('[aria-label="Delete Seven Barns loop"]');
    await app.gone('[aria-label="Delete Seven Barns loop"]');
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await app.find('[aria-label="Delete Seven Barns loop"]');
  });
});

describe('files, one beside the other', () => {
  beforeAll(begin);

  test('columns that cannot be guessed are chosen once, and remembered', async () => {
    const rows = (seed: number) =>
      [...ridden(400, seed).speedMs].map((speed, i) => `${i},${(speed * 3.6).toFixed(1)},${80 + (i % 3)}`).join('\n');
    await bring({ 'own.csv': `a,b,c\n${rows(4)}` });
    await app.shows('.ant-modal', 'Which column is what?');
    for (const [field, heading] of [
      ['time', 'a ('],
      ['speed', 'b ('],
      ['cadence', 'c ('],
    ] as const)
      await app.choose(`map-${field}`, heading);
    await app.clickText('button', 'Import');
    await app.shows(jobs, /own\.csv\s+saved as a ride/);
    await bring({ 'again.csv': `a,b,c\n${rows(5)}` });
    await app.shows(jobs, /again\.csv\s+saved as a ride/);
  });

  test('dates in which day or month may come first need a choice, with all else filled in', async () => {
    const rows = [...ridden(400, 9).speedMs].map((speed, i) => {
      const time = new Date(Date.UTC(2026, 3, 3, 8, 0, i)).toISOString().slice(11, 19);
      return `03/04/2026,${time},${(speed * 3.6).toFixed(1)},${80 + (i % 3)}`;
    });
    await bring({ 'club.csv': `# from a spreadsheet\nDate,Time,Speed km/h,Cadence\n${rows.join('\n')}\n` });
    await app.shows('.ant-modal', 'Day or month may come first in these dates');
    await app.choose('unit-time', 'month first');
    await app.clickText('button', 'Import');
    await app.shows(jobs, /club\.csv\s+saved as a ride/);
    await app.shows('[aria-label="Rides of this bike"], main', 'Mar 4, 2026');
  });

  test('positions are kept only where the rider asks, and go out only on request', async () => {
    const points = fixtureRide(START, 600, 40);
    await bring({ 'plain.gpx': gpxOf('Plain', [points]) });
    await app.shows(jobs, /plain\.gpx\s+saved as a ride/);
    await app.clickText('label', 'Keep positions');
    await app.shows('section[aria-label=Import]', 'stay in this browser and in its backups');
    await bring({ 'placed.gpx': gpxOf('Placed', [fixtureRide(START + 86_400_000, 600, 41)]) });
    await app.shows(jobs, /placed\.gpx\s+saved as a ride/);
    await app.click('[aria-label="Save Plain"]');
    await app.find('.ant-dropdown-menu-item');
    expect(await app.text('.ant-dropdown')).not.toContain('with positions');
    await app.press(Key.ESCAPE);
    await app.click('[aria-label="Save Placed"]');
    await app.clickText(OPEN_MENU, 'Save as TCX');
    expect(await app.download('.tcx')).not.toContain('<Position>');
    await app.click('[aria-label="Save Placed"]');
    await app.clickText(OPEN_MENU, 'Save as TCX with positions (private: they show where you live)');
    expect(await app.download('.tcx')).toContain('<LatitudeDegrees>52.');
  });

  test('a FIT file that is cut off is read as far as it goes, with the gears that the shifting system recorded', async () => {
    const whole = fitActivity(START, 900, { chainringT: 48, cogT: 21 });
    await bring({ 'loop.fit': whole.subarray(0, whole.length - 200) });
    await app.shows(jobs, /loop\.fit\s+saved as a ride[\s\S]*the file is cut off: the first \d+ records are read/);
    await app.shows('[data-testid=sure]', 'The shifting system recorded the gears; none had to be identified.');
    await app.shows('[data-testid=use-sentence]', 'Most in 48/21, 100% of the time');
  });
});

describe('what changes what others see', () => {
  beforeEach(begin);

  test('a heap of files can be cancelled: what came in stays, the rest says that it did not', async () => {
    const files = Array.from({ length: 12 }, (_, i) => [
      `${i}.tcx`,
      writeTcx(`${i}`, START + i * 1e8, ridden(3000, 50 + i)),
    ]);
    await bring(Object.fromEntries(files) as Record<string, string>);
    await app.shows('[data-testid=import-progress]', /[1-9]\d? of 12 files/);
    await app.clickText('button', 'Cancel');
    await app.shows(
      '[data-testid=import-progress]',
      /^12 files: \d+ saved, 0 already imported, 0 failed, \d+ not finished$/,
    );
    const [, saved, left] = /(\d+) saved.* (\d+) not finished/.exec(await app.text('[data-testid=import-progress]'))!;
    expect(Number(saved) + Number(left)).toBe(12);
    expect((await app.stored<{ rides: unknown[] }>()).rides).toHaveLength(2 + Number(saved));
  });

  test('many files at once: each kept or refused with its reason, the others go on', async () => {
    const csv = writeRideCsv(ridden(900, 3));
    await bring({
      'morning.tcx': writeTcx('Morning', START, ridden(900, 2)),
      'evening.csv': csv,
      'evening-again.csv.gz': gzipSync(new TextEncoder().encode(csv)),
      'cut.gpx': '<gpx><trk><trkseg><trkpt lat="1" lon="1"><time>2026',
      'empty.fit': '',
      'page.gpx': '<html></html>',
    });
    await app.shows(jobs, /morning\.tcx\s+saved as a ride/);
    // In the order of their names.
    await app.shows(jobs, /evening-again\.csv\.gz\s+saved as a ride/);
    await app.shows(jobs, /evening\.csv\s+already imported/);
    await app.shows(jobs, /cut\.gpx\s+the file ends in the middle/);
    await app.shows(jobs, /empty\.fit\s+the file is empty/);
    await app.shows(jobs, /page\.gpx\s+this is XML, but neither GPX, TCX nor KML/);
    expect(await app.driver.findElements(By.css('[aria-label=Rides] li'))).toHaveLength(4);
    // The oldest was ridden on another cassette and is not counted with them.
    await app.clickText('button', 'Select all');
    await app.shows('[aria-label="Gear usage"] h2', '3 rides on 48/32 x 11-36');
    const { rides } = await app.stored<{ rides: { name: string; gearSeconds?: number[] }[] }>();
    expect(rides.every(({ gearSeconds }) => gearSeconds !== undefined)).toBe(true);
  });

  test('a wrong rollout is noticed and taken over; a wrong cassette is named', async () => {
    await bring({ 'off.csv': writeRideCsv(ridden(3000, 6, 2192.8 * 0.97)) });
    await app.shows('[data-testid=likelier]', /match a rollout of 21[23]\d mm/);
    await app.clickText('button', 'use the value from this ride');
    await app.shows('[data-testid=rollout-used]', /21[23]\d\.0 mm/);
    await app.gone('[data-testid=likelier]');
    await app.shows('[data-testid=sure]', 'The rollout is measured');
  });

  test('the sensor is decoded live, and its ride is saved with its gears', async () => {
    await app.choose('sensor-faster', '240');
    await app.clickText('button', 'Start');
    await app.shows('[data-testid=live-gear]', /\d+\/\d+/);
    await app.shows('[data-testid=live-messages]', /^\d{3,}, [1-9]\d*$/);
    await app.clickText('button', 'Stop');
    await app.clickText('button', 'Save as a ride');
    await app.shows('[data-testid=sensor-kept]', 'saved as a ride: Seven Barns loop, rolling, from the sensor');
    await app.shows('[aria-label=Rides]', 'from the sensor');
    // By which the usual gears are known.
    const { rides } = await app.stored<{ rides: { name: string; gearSeconds?: number[] }[] }>();
    const heard = rides.find(({ name }) => name.includes('from the sensor'))!;
    expect(heard.gearSeconds).toHaveLength(24);
    expect(heard.gearSeconds!.some((seconds) => seconds > 0)).toBe(true);
  });
});

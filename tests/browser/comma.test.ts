import { AppInBrowser } from './harness';

const app = AppInBrowser.ofFile('demo');
beforeAll(async () => {
  await app.speakGerman();
  await app.begin('/settings');
});

test('who writes a comma reads it and types it; a point is as good to type', async () => {
  await app.open('/gears');
  await app.shows('[data-testid=range]', '490,9%');
  await app.type('tyre', '37,5');
  await app.shows('[data-testid=rollout-used]', (Math.PI * (622 + 75)).toFixed(1).replace('.', ','));
  await app.leaveField();
  await app.driver.navigate().refresh();
  await app.shows('[data-testid=rollout-used]', (Math.PI * (622 + 75)).toFixed(1).replace('.', ','));
  await app.holds('tyre', '37,5');
  await app.type('tyre', '38.0');
  await app.leaveField();
  await app.shows('[data-testid=rollout-used]', '2192,8');
});

test('saved files have decimal points in every language', async () => {
  await app.open('/compare');
  await app.find('[data-gear]');
  await app.press('c');
  const comparison = (await app.download('.csv')).split('\r\n').map((line) => line.split(','));
  expect(comparison[0]).toEqual([
    'figure',
    'unit',
    'A',
    'B',
    'B_change',
    'B_judgement',
    'C',
    'C_change',
    'C_judgement',
  ]);
  const easiest = comparison.find(([figure]) => figure === 'easiest')!;
  expect(easiest.slice(1, 3)).toEqual(['m', expect.stringMatching(/^1\.9\d+$/)]);
  expect(Number(easiest[4])).toBeCloseTo(0.125, 9);
  await app.click('section:has([data-need]) button:has(.anticon-download)');
  const needs = (await app.download('.csv')).split('\r\n').map((line) => line.split(','));
  expect(needs[0]!.slice(0, 5)).toEqual(['need', 'unit', 'A_met', 'A_value', 'A_limit']);
  expect(needs.find(([need]) => need === 'climb')!.slice(1, 4)).toEqual([
    'm',
    'yes',
    expect.stringMatching(/^1\.9\d+$/),
  ]);
});

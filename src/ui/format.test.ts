import { fileName } from './files';
import { dateText, durationText, fixed, isoDayText, percentText, short } from './format';

test('a minus sign is a minus sign', () => {
  expect([fixed(-2.55, 1), short(-172.5, 1), percentText(-0.026)]).toEqual(['\u22122.5', '\u2212172.5', '\u22122.6%']);
});

test('as short as it can be, and no shorter', () => {
  expect([short(170, 1), short(172.5, 1), short(0.1 + 0.2, 6)]).toEqual(['170', '172.5', '0.3']);
});

test('a file’s name is one that every file system takes', () => {
  expect(fileName('Übel & Söhne: 48/32', 'csv')).toBe('u-bel-so-hne-48-32.csv');
  expect(fileName('…', 'png')).toBe('rontel.png');
  expect(fileName('x'.repeat(200), 'svg')).toHaveLength(64);
});

test('a duration is said alike everywhere, without seconds where they say nothing', () => {
  expect([0, 45, 65, 270, 599.6, 3300, 3599.6, 3905, 7200].map(durationText)).toEqual([
    '0 s',
    '45 s',
    '1 min 05 s',
    '4 min 30 s',
    '10 min',
    '55 min',
    '1 h',
    '1 h 05 min',
    '2 h',
  ]);
});

test('a day has its month as a word, kept as a moment or as a day alike', () => {
  const moment = new Date(2026, 8, 16, 23, 59).getTime();
  expect(dateText(moment)).toMatch(/Sep/);
  expect(dateText(moment)).toMatch(/2026/);
  expect(isoDayText('2026-09-16')).toBe(dateText(moment));
  expect(isoDayText('2026-01-01')).toMatch(/Jan/);
});

import { backupText } from '../../features/backup/backup-words';

const DAY_MS = 86_400_000;
const NOW = 100 * DAY_MS;
const said = (savedAtMs: number | undefined, changes: number) =>
  backupText({ savedAtMs, changes }, NOW, (ms) => `day ${ms / DAY_MS}`);

test('a backup is asked for after a fortnight in which something changed, or in which much was done without one', () => {
  expect(said(undefined, 0)).toEqual({
    text: 'No backup saved from this browser yet; nothing has changed since.',
    isDue: false,
  });
  expect(said(undefined, 1)).toEqual({
    text: 'No backup saved from this browser yet; 1 change since.',
    isDue: false,
  });
  expect(said(undefined, 30).text).toBe('No backup saved from this browser yet; 30 changes since. Time to save one.');
  expect(said(NOW - 13 * DAY_MS, 40)).toEqual({ text: 'Last backup saved day 87; 40 changes since.', isDue: false });
  expect(said(NOW - 14 * DAY_MS, 2).isDue).toBe(true);
  expect(said(NOW - 90 * DAY_MS, 0).isDue).toBe(false);
});

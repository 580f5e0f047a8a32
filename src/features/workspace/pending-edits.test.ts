import { SETUP_DEFAULTS, type SetupRecord } from '../../records';
import { PendingEdits } from './pending-edits';

const setup = (cog: number, id = 'a'): SetupRecord => ({
  ...SETUP_DEFAULTS,
  id,
  bikeId: 'bike',
  rank: 0,
  chainrings: [40],
  cogs: [11, cog],
  hubStages: [1],
});
const cogOf = (typed: PendingEdits, id = 'a') => typed.now().get(id)?.cogs[1];

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('what was typed stands from the key stroke until the page shows it as the database told of it', () => {
  const typed = new PendingEdits();
  const heard: (number | undefined)[] = [];
  typed.subscribe(() => heard.push(cogOf(typed)));
  typed.shown([setup(32)]);
  typed.begin(setup(34));
  typed.shown([setup(32)]);
  expect(cogOf(typed)).toBe(34);
  typed.end('a', true);
  expect(cogOf(typed)).toBe(34);
  typed.shown([setup(34)]);
  expect(cogOf(typed)).toBeUndefined();
  expect(heard).toEqual([34, undefined]);
});

test('while keys come faster than the database tells of them, an answer of the one before shows nothing that is over', () => {
  const typed = new PendingEdits();
  typed.begin(setup(34));
  typed.begin(setup(36));
  typed.end('a', true);
  typed.shown([setup(34)]);
  typed.end('a', true);
  // Asked for before the second write was over, drawn after it.
  typed.shown([setup(34)]);
  expect(cogOf(typed)).toBe(36);
  typed.shown([setup(36)]);
  expect(cogOf(typed)).toBeUndefined();
});

test('what somebody else has changed since is shown a moment later, whatever was typed before it', () => {
  const typed = new PendingEdits();
  typed.begin(setup(34));
  typed.end('a', true);
  typed.shown([setup(28)]);
  expect(cogOf(typed)).toBe(34);
  jest.runAllTimers();
  expect(cogOf(typed)).toBeUndefined();
});

test('what is typed in that moment stays', () => {
  const typed = new PendingEdits();
  typed.begin(setup(34));
  typed.end('a', true);
  typed.shown([setup(28)]);
  typed.begin(setup(36));
  jest.runAllTimers();
  expect(cogOf(typed)).toBe(36);
});

test('a write that changed nothing, of which the database tells nothing, leaves nothing behind', () => {
  const typed = new PendingEdits();
  typed.shown([setup(34)]);
  typed.begin(setup(34));
  expect(cogOf(typed)).toBe(34);
  typed.end('a', true);
  expect(cogOf(typed)).toBeUndefined();
});

test('a setup that is in the workspace no longer is over, another stays', () => {
  const typed = new PendingEdits();
  typed.begin(setup(34, 'a'));
  typed.begin(setup(36, 'b'));
  typed.end('a', true);
  typed.shown([setup(32, 'b')]);
  expect(cogOf(typed, 'a')).toBeUndefined();
  expect(cogOf(typed, 'b')).toBe(36);
});

test('what was refused is gone at once, and who has left hears nothing', () => {
  const typed = new PendingEdits();
  let heard = 0;
  const leave = typed.subscribe(() => (heard += 1));
  typed.begin(setup(34));
  typed.end('a', false);
  expect(cogOf(typed)).toBeUndefined();
  leave();
  typed.begin(setup(36));
  expect(heard).toBe(2);
});

test('only a change is told', () => {
  const typed = new PendingEdits();
  let heard = 0;
  typed.subscribe(() => (heard += 1));
  typed.shown([setup(32)]);
  expect(heard).toBe(0);
  typed.begin(setup(34));
  typed.end('a', true);
  expect(heard).toBe(1);
  typed.shown([setup(34)]);
  typed.shown([setup(34)]);
  expect(heard).toBe(2);
});

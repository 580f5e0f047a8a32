import { SETUP_DEFAULTS, type SetupRecord } from '../../records';
import { TypedSetups } from './typed-setups';

const setup = (cog: number): SetupRecord => ({
  ...SETUP_DEFAULTS,
  id: 'a',
  bikeId: 'bike',
  rank: 0,
  chainrings: [40],
  cogs: [11, cog],
  hubStages: [1],
});
const cogOf = (typed: TypedSetups) => typed.now().setups.get('a')?.cogs[1];

test('what was typed stands from the key stroke until the database tells of it after the write', () => {
  const typed = new TypedSetups();
  const heard: (number | undefined)[] = [];
  typed.subscribe(() => heard.push(cogOf(typed)));
  typed.begin(setup(34));
  typed.told();
  expect(cogOf(typed)).toBe(34);
  typed.end('a', true);
  expect(cogOf(typed)).toBe(34);
  typed.told();
  expect(cogOf(typed)).toBeUndefined();
  expect(heard).toEqual([34, undefined]);
});

test('while keys come faster than writes, an answer in between does not show what is over', () => {
  const typed = new TypedSetups();
  typed.begin(setup(34));
  typed.begin(setup(36));
  typed.end('a', true);
  typed.told();
  expect(cogOf(typed)).toBe(36);
  typed.end('a', true);
  typed.told();
  expect(cogOf(typed)).toBeUndefined();
});

test('what was refused is gone at once, and who has left hears nothing', () => {
  const typed = new TypedSetups();
  let heard = 0;
  const leave = typed.subscribe(() => (heard += 1));
  typed.begin(setup(34));
  typed.end('a', false);
  expect(cogOf(typed)).toBeUndefined();
  leave();
  typed.begin(setup(36));
  expect(heard).toBe(2);
});

test('the version grows with every change, and only then', () => {
  const typed = new TypedSetups();
  const { version } = typed.now();
  typed.told();
  expect(typed.now().version).toBe(version);
  typed.begin(setup(34));
  typed.end('a', true);
  expect(typed.now().version).toBe(version + 1);
  typed.told();
  expect(typed.now().version).toBe(version + 2);
});

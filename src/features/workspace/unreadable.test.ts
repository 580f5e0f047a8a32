import { UnreadableSetups } from './unreadable';

test('tells of a setup that cannot be read, and of the end of it, once each', () => {
  const setups = new UnreadableSetups();
  const heard: [string, string][][] = [];
  const leave = setups.subscribe(() => heard.push([...setups.now()]));
  setups.tell('a', 'no cogs');
  setups.tell('a', 'no cogs');
  setups.tell('b', 'no rings');
  setups.tell('a', undefined);
  setups.tell('a', undefined);
  leave();
  setups.tell('b', undefined);
  expect(heard).toEqual([
    [['a', 'no cogs']],
    [
      ['a', 'no cogs'],
      ['b', 'no rings'],
    ],
    [['b', 'no rings']],
  ]);
  expect(setups.now().size).toBe(0);
});

import '../../tests/support/german-reader';
import { message } from '../core/message';
import { textOf } from './core';
import { allDigits, asTyped, fixed, short } from './number-text';

test('numbers have a comma for a reader of German', () => {
  const all = [fixed(-12.345, 1), short(172.5, 2), short(170, 2), allDigits(-0.75), asTyped(-0.75)];
  expect(all).toEqual(['−12,3', '172,5', '170', '−0,75', '-0,75']);
});

test('so have those in messages, in whichever style, and long ones are not grouped', () => {
  const figures = message('fit.indexing.measured', { move: 3.79, pitch: 3.6, perClick: -0.194, atEnds: 1.05 });
  expect(textOf(figures)).toBe(
    'A click moves 3,79 mm, cogs are 3,6 mm apart: −0,19 mm per click, 1,05 mm at both ends',
  );
  expect(
    textOf(message('gears.rolloutTry.outside', { distance: 21000.5, turns: 1, rollout: 21000.5, min: 800, max: 2600 })),
  ).toContain('21000,5 mm over 1 turns is 21001 mm a turn');
  expect(textOf(message('gears.setup.cogNotWhole', { teeth: 11.5, min: 9, max: 60 }))).toContain('cog 11,5:');
});

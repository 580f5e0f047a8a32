import { gearsOf } from '../../core/gears';
import { ladderScale, spanOf } from './scale';
import { standingLadder } from './standing';

const TWO = { chainrings: [48, 32], cogs: [12, 24, 36], hubStages: [1] };

test('a standing ladder has the small ring on the left and hard gears above easy ones', () => {
  const gears = gearsOf(TWO);
  const scale = ladderScale(spanOf(gears.map(({ ratio }) => ratio)), 300, 0);
  const { uprights, rungs } = standingLadder(TWO, gears, scale, 100);
  expect(uprights.map(({ chainring, side, x }) => [chainring, side, x])).toEqual([
    [32, 'left', 36],
    [48, 'right', 64],
  ]);
  expect(rungs.map(({ gear }) => gear)).toEqual(gears);
  const yOf = (ring: number, cog: number) => rungs.find(({ gear }) => gear.chainring === ring && gear.cog === cog)!.y;
  expect(yOf(48, 12)).toBeLessThan(yOf(32, 36));
  // The same gear on both rings is at the same height.
  expect(yOf(48, 36)).toBeCloseTo(yOf(32, 24), 9);
  expect([uprights[0]!.bottom, uprights[0]!.top]).toEqual([yOf(32, 36), yOf(32, 12)]);
});

import { standOrder, stepped } from './stand-order';

test('on the stand every gear is turned once, each one shift from the one before', () => {
  for (const [rings, cogs] of [
    [1, 12],
    [2, 11],
    [3, 9],
  ] as const) {
    const order = standOrder({ rings, cogs });
    expect(new Set(order.map(({ ring, cog }) => `${ring}/${cog}`)).size).toBe(rings * cogs);
    order.slice(1).forEach((place, i) => {
      const before = order[i]!;
      expect(Math.abs(place.ring - before.ring) + Math.abs(place.cog - before.cog)).toBe(1);
    });
  }
  expect(standOrder({ rings: 2, cogs: 3 }).map(({ ring, cog }) => `${ring}${cog}`)).toEqual(
    ['00', '01', '02', '12', '11', '10'], // big ring up, small ring down
  );
});

test('a step leads to the next gear, and nowhere past the end of rings or cogs', () => {
  const counts = { rings: 2, cogs: 12 };
  expect(stepped({ ring: 0, cog: 5 }, { ring: 0, cog: 1 }, counts)).toEqual({ ring: 0, cog: 6 });
  expect(stepped({ ring: 0, cog: 5 }, { ring: -1, cog: 0 }, counts)).toEqual({ ring: 1, cog: 5 });
  expect(stepped({ ring: 0, cog: 11 }, { ring: 0, cog: 1 }, counts)).toEqual({ ring: 0, cog: 11 });
  expect(stepped({ ring: 0, cog: 3 }, { ring: 1, cog: 0 }, counts)).toEqual({ ring: 0, cog: 3 });
});

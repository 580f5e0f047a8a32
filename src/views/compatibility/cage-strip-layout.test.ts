import { STRIP, stripLayout } from './cage-strip-layout';

test('equal angles are equally wide, and both limits stand inside the strip with room beyond', () => {
  for (const limitDeg of [-60, -72, -110]) {
    const { x } = stripLayout(12, limitDeg);
    expect(x(20) - x(10)).toBeCloseTo(x(-30) - x(-40), 9);
    expect(x(limitDeg)).toBeGreaterThan(STRIP.label + STRIP.edge);
    expect(x(90)).toBeLessThan(STRIP.width - STRIP.edge);
  }
});

test('each cog has a row, in the middle of that of the table beside it', () => {
  const { y, bottom } = stripLayout(3, -72);
  expect([y(0), y(1), y(2)]).toEqual([43, 69, 95]);
  expect(bottom).toBe(108);
});

import { chartRows } from './chart-rows';

test('the points of all lines, without those that only break one', () => {
  const rows = chartRows({
    datasets: [
      { label: 'A', data: [{ x: 1, y: 2 }, { x: NaN, y: 3 }, null, { x: 4, y: null as never }] },
      { data: [{ x: 5, y: 6 }] },
    ],
  });
  expect(rows).toEqual([
    { line: 'A', x: 1, y: 2 },
    { line: '', x: 5, y: 6 },
  ]);
});

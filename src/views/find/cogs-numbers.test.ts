import { cogsNumbers } from './cogs-numbers';

test('cog by cog with the step to each; the shorter cassette ends earlier', () => {
  expect(cogsNumbers([11, 13, 15], [11, 14]).rows).toEqual([
    ['1', '11', '', '11', ''],
    ['2', '13', '18.2%', '14', '27.3%'],
    ['3', '15', '15.4%', '', ''],
  ]);
  expect(cogsNumbers([11, 13], undefined).columns).toEqual(['cog', 'custom', 'step to this cog']);
});

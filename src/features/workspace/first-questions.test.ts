import { TOURER } from '../../../tests/support/setups';
import { FIRST_QUESTIONS, firstBike, type FirstDetails, type FirstQuestion } from './first-questions';

const NOTHING: FirstDetails = { cassette: '' };
const first = (question: FirstQuestion | undefined, details: Partial<FirstDetails> = {}) => {
  const result = firstBike(TOURER, question, { ...NOTHING, ...details });
  if (!result.ok) throw new Error(result.message);
  return result.first;
};

test('without a question the gears are shown as they were typed', () => {
  expect(first(undefined)).toEqual({ bike: {}, setup: TOURER, candidates: [], path: '/gears' });
});

test('each question leads to the page that answers it', () => {
  const paths = FIRST_QUESTIONS.map((question) => first(question, { cassette: '11-34' }).path);
  expect(paths).toEqual(['/needs', '/compare', '/compatibility', '/compatibility', '/rides', '/find']);
});

test('what is asked is kept with the bike or the setup that it is about', () => {
  expect(first('oneOrTwo', { use: 'road' }).bike).toEqual({ brief: { use: 'road' } });
  expect(first('mountains', { use: 'touring', steepestGradePercent: 14 }).bike).toEqual({
    brief: { use: 'touring', steepestGradePercent: 14 },
  });
  expect(first('derailleur', { totalCapacityT: 39, largestCogMaxT: 36 }).setup.rearDerailleur).toMatchObject({
    totalCapacityT: 39,
    largestCogMaxT: 36,
  });
  expect(first('chain', { chainstayMm: 430 }).bike).toEqual({ chainstayMm: 430 });
});

test('what is left out stays unknown', () => {
  expect(first('oneOrTwo').bike).toEqual({ brief: {} });
  expect(first('chain').bike).toEqual({});
  expect(first('derailleur').setup.rearDerailleur).not.toHaveProperty('totalCapacityT');
});

test('the other cassette stands beside the present gears, on the same rings', () => {
  const [other, ...more] = first('cassette', { cassette: '11-34' }).candidates;
  expect(more).toEqual([]);
  expect(other!.chainrings).toEqual(TOURER.chainrings);
  expect([other!.cogs[0], other!.cogs.at(-1)]).toEqual([11, 34]);
});

test('a cassette that cannot be read is refused with its reason', () => {
  expect(firstBike(TOURER, 'cassette', { cassette: '11-99' })).toEqual({
    ok: false,
    message: expect.stringContaining('cog 99') as string,
    unfinished: expect.anything() as boolean,
  });
  expect(firstBike(TOURER, 'cassette', NOTHING)).toMatchObject({ ok: false });
});

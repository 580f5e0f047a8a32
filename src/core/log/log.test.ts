import { TOURER } from '../../../tests/support/setups';
import { TOURER_FITTED } from '../../../tests/support/find';
import { fitAnswer, fitReport, tallyOf } from '../fit';
import { experienceOf, outcomeRows } from './outcomes';

const LOG = experienceOf([
  { outcome: 'works', passed: [{ id: 'totalCapacity', overT: 4 }] },
  {
    outcome: 'worksWithNotes',
    passed: [
      { id: 'totalCapacity', overT: 4 },
      { id: 'ringDifference', overT: 2 },
    ],
  },
  { outcome: 'works', passed: [{ id: 'totalCapacity', overT: 6 }] },
  { outcome: 'reverted', passed: [{ id: 'totalCapacity', overT: 4 }] },
  { outcome: 'reverted', passed: [] },
]);

test('outcomes by limit and how far it was passed', () => {
  expect(outcomeRows(LOG)).toEqual([
    { id: 'ringDifference', overT: 2, worked: 1, reverted: 0 },
    { id: 'totalCapacity', overT: 4, worked: 2, reverted: 1 },
    { id: 'totalCapacity', overT: 6, worked: 1, reverted: 0 },
  ]);
});

test('what worked farther out speaks for, what failed nearer speaks against', () => {
  expect(tallyOf('totalCapacity', 4, LOG)).toEqual({ worked: 3, reverted: 1 });
  expect(tallyOf('totalCapacity', 3, LOG)).toEqual({ worked: 3, reverted: 0 });
  expect(tallyOf('totalCapacity', 7, LOG)).toEqual({ worked: 0, reverted: 1 });
  expect(tallyOf('largestCog', 4, LOG)).toEqual({ worked: 0, reverted: 0 });
});

const wide = { ...TOURER_FITTED, setup: { ...TOURER, chainrings: [50, 32] } };
const trial = (id: 'totalCapacity' | 'ringDifference', experience = LOG, input = wide) =>
  fitReport({ ...input, experience }).trials[id]!;

test('the workshop-tested school learns from the log where the drawing cannot tell', () => {
  expect(fitReport(wide).trials.ringDifference!.decision).toBe('undecided');
  expect(trial('ringDifference')).toMatchObject({
    decision: 'try',
    reason: expect.stringContaining('1 worked, 0 reverted') as string,
  });
  const failed = experienceOf([{ outcome: 'reverted', passed: [{ id: 'ringDifference', overT: 2 }] }]);
  expect(trial('ringDifference', failed).decision).toBe('doNot');
  expect(fitAnswer(fitReport({ ...wide, experience: failed }), 'workshopTested').kind).toBe('doesNot');
  expect(fitAnswer(fitReport({ ...wide, experience: LOG }), 'sheet').kind).toBe('doesNot');
});

test('what the drawing forbids no log allows', () => {
  const short = { ...wide, rearDerailleur: { ...wide.rearDerailleur, cageLengthMm: 56 } };
  expect(fitReport(short).trials.totalCapacity!.decision).toBe('doNot');
  expect(trial('totalCapacity', LOG, short).decision).toBe('doNot');
  expect(trial('totalCapacity').reason).toMatch(/cage holds the chain.*worked/);
  const failed = experienceOf([{ outcome: 'reverted', passed: [{ id: 'totalCapacity', overT: 1 }] }]);
  expect(trial('totalCapacity', failed).decision).toBe('undecided');
});

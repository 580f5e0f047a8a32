import { TOURER } from '../../../tests/support/setups';
import { TOURER_FITTED } from '../../../tests/support/find';
import { tallyText } from '../../messages/tally';
import { derailleurMark, fitAnswer, fitReport, isSameDerailleur, tallyOf } from '../fit';
import { experienceOf, outcomeRows } from './outcomes';

/** The derailleur of the worked examples, and another body with the same cage. */
const OWN = derailleurMark(TOURER_FITTED.rearDerailleur, {});
const OTHER = derailleurMark({ ...TOURER_FITTED.rearDerailleur, largestCogMaxT: 42, ringDifferenceMaxT: 14 }, {});

const LOG = experienceOf([
  { outcome: 'works', derailleur: OWN, passed: [{ id: 'totalCapacity', overT: 4 }] },
  {
    outcome: 'worksWithNotes',
    derailleur: OWN,
    passed: [
      { id: 'totalCapacity', overT: 4 },
      { id: 'ringDifference', overT: 2 },
    ],
  },
  { outcome: 'works', derailleur: OWN, passed: [{ id: 'totalCapacity', overT: 6 }] },
  { outcome: 'reverted', derailleur: OTHER, passed: [{ id: 'totalCapacity', overT: 4 }] },
  { outcome: 'reverted', derailleur: OWN, passed: [] },
]);

test('outcomes by limit and how far it was passed, with this derailleur and with others', () => {
  const none = { worked: 0, reverted: 0 };
  expect(outcomeRows(LOG, OWN)).toEqual([
    { id: 'ringDifference', overT: 2, own: { worked: 1, reverted: 0 }, others: none },
    { id: 'totalCapacity', overT: 4, own: { worked: 2, reverted: 0 }, others: { worked: 0, reverted: 1 } },
    { id: 'totalCapacity', overT: 6, own: { worked: 1, reverted: 0 }, others: none },
  ]);
  expect(outcomeRows(LOG, undefined).every(({ own }) => own.worked + own.reverted === 0)).toBe(true);
});

test('outcomes stand in the order of the limits’ names, the least passed first, whatever order they came in', () => {
  const passed = (id: 'totalCapacity' | 'ringDifference' | 'largestCog', overT: number) =>
    ({ outcome: 'works', derailleur: undefined, passed: [{ id, overT }] }) as const;
  const mixed = experienceOf([
    passed('totalCapacity', 12),
    passed('ringDifference', 3),
    passed('totalCapacity', 2),
    passed('largestCog', 9),
    passed('largestCog', 4),
    passed('ringDifference', 1),
  ]);
  expect(outcomeRows(mixed, OWN).map(({ id, overT }) => `${id} ${overT}`)).toEqual([
    'largestCog 4',
    'largestCog 9',
    'ringDifference 1',
    'ringDifference 3',
    'totalCapacity 2',
    'totalCapacity 12',
  ]);
  // Of an unknown derailleur: not of this one.
  expect(outcomeRows(mixed, OWN).every(({ own, others }) => own.worked === 0 && others.worked === 1)).toBe(true);
});

test('what worked further out speaks for, what failed nearer speaks against, each derailleur for itself', () => {
  const tally = (id: 'totalCapacity' | 'largestCog', overT: number) => tallyOf(id, overT, LOG, OWN);
  expect(tally('totalCapacity', 4)).toEqual({
    own: { worked: 3, reverted: 0 },
    others: { worked: 0, reverted: 1 },
  });
  expect(tally('totalCapacity', 7).others).toEqual({ worked: 0, reverted: 1 });
  expect(tally('largestCog', 4)).toEqual({ own: { worked: 0, reverted: 0 }, others: { worked: 0, reverted: 0 } });
  expect(tallyText(tally('totalCapacity', 4))).toBe(
    'In your log, past the limit by as much: this derailleur: 3 of 3 worked; others: 0 of 1 worked.',
  );
});

test('a derailleur is known again by its part in stock, or by body and cage; an extender makes it another', () => {
  expect(isSameDerailleur('totalCapacity', OWN, OWN)).toBe(true);
  expect(isSameDerailleur('totalCapacity', OWN, OTHER)).toBe(false);
  expect(isSameDerailleur('ringDifference', OWN, OTHER)).toBe(false);
  expect(isSameDerailleur('largestCog', OWN, { ...OWN, hasExtender: true })).toBe(false);
  const byId = { hasExtender: false, rearPartId: 'long cage' };
  expect(isSameDerailleur('largestCog', byId, { ...OTHER, rearPartId: 'long cage' })).toBe(true);
  // Outcomes of an unknown derailleur teach nothing.
  expect(isSameDerailleur('largestCog', { hasExtender: false }, { hasExtender: false })).toBe(false);
});

const wide = { ...TOURER_FITTED, setup: { ...TOURER, chainrings: [50, 32] } };
const trial = (id: 'totalCapacity' | 'ringDifference', experience = LOG, input = wide) =>
  fitReport({ ...input, experience }).trials[id]!;

test('the workshop-tested approach learns from the log where the drawing cannot tell', () => {
  expect(fitReport(wide).trials.ringDifference!.decision).toBe('undecided');
  expect(trial('ringDifference')).toMatchObject({ decision: 'try', tally: { own: { worked: 1, reverted: 0 } } });
  const failed = experienceOf([{ outcome: 'reverted', derailleur: OWN, passed: [{ id: 'ringDifference', overT: 2 }] }]);
  expect(trial('ringDifference', failed).decision).toBe('doNot');
  expect(fitAnswer(fitReport({ ...wide, experience: failed }), 'workshopTested').kind).toBe('doesNot');
  expect(fitAnswer(fitReport({ ...wide, experience: LOG }), 'sheet').kind).toBe('doesNot');
});

test('what another derailleur did is shown and decides nothing', () => {
  const elsewhere = experienceOf([
    { outcome: 'reverted', derailleur: OTHER, passed: [{ id: 'ringDifference', overT: 2 }] },
  ]);
  expect(trial('ringDifference', elsewhere)).toMatchObject({
    decision: 'undecided',
    tally: { own: { worked: 0, reverted: 0 }, others: { worked: 0, reverted: 1 } },
  });
});

test('what the drawing forbids no log allows', () => {
  const short = { ...wide, rearDerailleur: { ...wide.rearDerailleur, cageLengthMm: 56 } };
  const own = derailleurMark(short.rearDerailleur, {});
  const worked = experienceOf([{ outcome: 'works', derailleur: own, passed: [{ id: 'totalCapacity', overT: 9 }] }]);
  expect(fitReport(short).trials.totalCapacity!.decision).toBe('doNot');
  expect(trial('totalCapacity', worked, short).decision).toBe('doNot');
  const failed = experienceOf([{ outcome: 'reverted', derailleur: OWN, passed: [{ id: 'totalCapacity', overT: 1 }] }]);
  expect(trial('totalCapacity', failed).decision).toBe('undecided');
});

test('the room that an extender makes counts in the verdict of the trial', () => {
  const over = { ...TOURER_FITTED, setup: { ...TOURER, cogs: [11, 13, 15, 17, 19, 21, 24, 28, 32, 36, 38, 42] } };
  const largestCog = (hangerExtenderMm?: number) =>
    fitReport({ ...over, parts: { ...over.parts, hangerExtenderMm } }).trials.largestCog!;
  expect(largestCog().decision).toBe('undecided');
  expect(largestCog(15)).toMatchObject({
    decision: 'try',
    reason: { code: 'fit.trial.largestCogExtender', values: { room: 7, over: 6 } },
  });
  expect(largestCog(6)).toMatchObject({
    decision: 'undecided',
    reason: { code: 'fit.trial.largestCogBesideExtender', values: { room: 2 } },
  });
});

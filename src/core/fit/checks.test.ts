import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { ONE_RING, TOURER, TOURER_FRAME, TOURER_SHEET } from '../../../tests/support/setups';
import {
  CHECKLIST,
  CHECK_GROUPS,
  LIMITS_SCHOOLS,
  MM_PER_TOOTH,
  chainEnds,
  checklistOf,
  checkDriveParts,
  extenderForMm,
  extenderGainT,
  fitAnswer,
  kindOfCheck,
  fitReport,
  frontHeightChangeMm,
  goesTogether,
  indexingDoubtMm,
  indexingError,
  lossWatts,
  smallestRingOfBoltCircleT,
  spacerNeededMm,
  type CheckId,
  type FitInput,
} from './index';
import { cases } from '../../../tests/support/fuzz';

const INPUT: FitInput = {
  ...TOURER_FRAME,
  rearDerailleur: TOURER_SHEET,
};
const check = (id: CheckId, more: Partial<FitInput>) =>
  fitReport({ ...INPUT, ...more }).checks.find((one) => one.id === id)!;
const parts = (id: CheckId, values: FitInput['parts'], more: Partial<FitInput> = {}) =>
  check(id, { parts: values, ...more });

test('every check stands in one group, and every group has a check of its setup', () => {
  const ids = Object.values(CHECK_GROUPS).flat();
  expect(Object.keys(CHECK_GROUPS)).toHaveLength(9);
  expect(new Set(ids).size).toBe(ids.length);
  const hub = fitReport({ ...INPUT, setup: { ...TOURER, hubStages: [1, 0.7] } });
  expect(hub.checks.map(({ id }) => id)).toEqual(ids);
});

describe('front derailleur', () => {
  test('the height moves 2.02 mm a tooth', () => {
    expect(MM_PER_TOOTH).toBeCloseTo(2.02, 2);
    expect(frontHeightChangeMm(48, 46)).toBeCloseTo(-4.04, 2);
  });

  test('up to 4T beside its curve it is a nuisance, farther it does not go together', () => {
    const kind = (frontBigRingMinT: number) =>
      kindOfCheck(parts('frontCage', { frontBigRingMinT, frontBigRingMaxT: 56 }), undefined, 'sheet');
    expect([48, 50, 52, 53, 55].map(kind)).toEqual(['goes', 'goes', 'goes', 'doesNot', 'doesNot']);
  });
});

describe('indexing', () => {
  test('the error of a click adds up from the middle to both ends', () => {
    const error = indexingError(2.5, 1.5, 3.6, 12);
    expect(error.perClickMm).toBeCloseTo(0.15, 12);
    expect(error.atCogMm).toHaveLength(12);
    expect(error.atCogMm[0]).toBeCloseTo(-0.825, 12);
    expect(error.atCogMm[11]).toBeCloseTo(0.825, 12);
    expect(error.atEndsMm).toBeCloseTo(0.825, 12);
    expect(error.atCogMm.reduce((sum, one) => sum + one, 0)).toBeCloseTo(0, 9);
  });

  test('figures that are rounded to a tenth decide only what rounding cannot turn', () => {
    // 0.05 mm of 2.5 and 0.05 of 1.5 come to 0.15 mm a click, 0.8 mm at the ends of twelve cogs.
    expect(indexingDoubtMm(2.5, 1.5, 12)).toBeCloseTo((Math.hypot(0.05 * 1.5, 0.05 * 2.5) * 11) / 2, 12);
    const over = parts('indexing', { cablePullMm: 2.51 }, { rearDerailleur: { pullRatio: 1.51 } });
    expect(over).toMatchObject({ verdict: 'outside', unit: 'mm', limit: 0.6 });
  });
});

test('the spacer is the difference of the lengths', () => {
  expect(spacerNeededMm(36.75, 34.9)).toBeCloseTo(1.85, 12);
  expect(spacerNeededMm(35, 34.9)).toBe(0);
  expect(spacerNeededMm(34.9, 36.75)).toBeCloseTo(-1.85, 12);
});

describe('chain', () => {
  test('below eight speeds all chains are of one width', () => {
    const setup = { ...ONE_RING, cogs: [14, 17, 20, 24, 28] };
    expect(parts('chainSpeeds', { chainSpeeds: 8 }, { setup }).verdict).toBe('inside');
    expect(parts('chainSpeeds', { chainSpeeds: 6 }, { setup }).verdict).toBe('inside');
  });

  test('ends: the quick link is the last outer link; an odd count does not meet', () => {
    expect(chainEnds(112)).toEqual({ withQuickLink: 111, withPin: 112 });
    expect(chainEnds(113)).toBeUndefined();
  });

  test('slack only in gears that are left out is no fault, and said', () => {
    const rearDerailleur = { ...TOURER_SHEET, cageLengthMm: 76 };
    expect(check('chainLength', { rearDerailleur }).verdict).toBe('outside');
    const avoided = [0, 1, 2, 3, 4].map((cog) => ({ ring: 1, cog }));
    const left = check('chainLength', { rearDerailleur, avoided });
    expect(left.verdict).toBe('inside');
    expect(left.message).toMatchObject({ code: 'fit.chainLength.slackInExcluded', values: { gear: '32/11' } });
  });
});

test.each([
  [64, 22],
  [74, 24],
  [94, 29],
  [104, 32],
  [110, 33],
  [130, 38],
])('a bolt circle of %i mm leaves room for a ring of %iT', (boltCircleMm, teeth) => {
  expect(smallestRingOfBoltCircleT(boltCircleMm)).toBe(teeth);
});

describe('hanger extender', () => {
  test('a tooth asks for 2.02 mm', () => {
    expect(extenderGainT(20)).toBe(9);
    expect(extenderForMm(4)).toBeCloseTo(8.085, 3);
    expect(extenderGainT(extenderForMm(4) + 0.001)).toBe(4);
  });
});

describe('both schools on limits', () => {
  const answer = (more: Partial<FitInput>, school: (typeof LIMITS_SCHOOLS)[number]) =>
    fitAnswer(fitReport({ ...INPUT, ...more }), school);

  test('2T over the published limit: no by the sheet; worth a trial where the cage holds the chain', () => {
    const over = { rearDerailleur: { ...TOURER_SHEET, totalCapacityT: 39 } };
    expect(answer(over, 'sheet')).toMatchObject({ kind: 'doesNot', deciding: [{ id: 'totalCapacity' }] });
    expect(answer(over, 'workshopTested')).toMatchObject({
      kind: 'goesWithChecks',
      deciding: [{ verdict: 'outside' }],
    });
  });

  test('a cage that does not hold it is no in both', () => {
    const short = { rearDerailleur: { ...TOURER_SHEET, totalCapacityT: 39, cageLengthMm: 56 } };
    for (const school of LIMITS_SCHOOLS) expect(answer(short, school).kind).toBe('doesNot');
  });

  test('what cannot work, cannot in both; what is not known stays open', () => {
    for (const school of LIMITS_SCHOOLS) {
      expect(answer({ chainLinks: 106 }, school).kind).toBe('cannotWork');
      expect(answer({}, school)).toMatchObject({ kind: 'open', deciding: [] });
    }
    expect(answer({}, 'sheet').unknown.length).toBeGreaterThan(3);
    const kinds = ['open', 'goes', 'goesWithChecks', 'doesNot', 'cannotWork'] as const;
    expect(kinds.filter(goesTogether)).toEqual(['open', 'goes', 'goesWithChecks']);
  });

  test('every limit passed has its extra check; nothing else has', () => {
    fc.assert(
      fc.property(
        setupArbitrary(),
        fc.integer({ min: 8, max: 70 }),
        fc.integer({ min: 20, max: 60 }),
        (setup, totalCapacityT, largestCogMaxT) => {
          const { checks, trials } = fitReport({ ...INPUT, setup, rearDerailleur: { totalCapacityT, largestCogMaxT } });
          for (const { id, verdict } of checks) {
            if (id === 'totalCapacity' || id === 'largestCog') {
              expect(trials[id] === undefined).toBe(verdict !== 'outside');
            }
            if (trials[id])
              expect([verdict, trials[id].extraCheck.code]).toEqual(['outside', expect.stringMatching(/Check$/)]);
          }
        },
      ),
      { ...SEEDED, numRuns: cases(37) },
    );
  });
});

describe('losses', () => {
  test('48/11 loses 1.09% and 44/10 1.20%; an angle only what it is set to', () => {
    const at = (chainring: number, cog: number, angleDeg: number, share: number) =>
      lossWatts({ chainring, cog, angleDeg }, 200, share);
    expect(at(48, 11, 0, 0).watts / 2).toBeCloseTo(1.09, 2);
    expect(at(44, 10, 0, 0).watts / 2).toBeCloseTo(1.2, 2);
    expect(at(48, 11, -3, 0).watts).toBe(at(48, 11, 0, 0).watts);
    expect(at(48, 11, -3, 0.2).watts - at(48, 11, 0, 0.2).watts).toBeCloseTo(0.006 * 200, 12);
    const one = at(48, 11, 2, 0.1);
    expect(one.lowWatts).toBeLessThan(one.watts);
    expect(one.highWatts).toBeGreaterThan(one.watts);
  });
});

test('numbers of parts that cannot be, and limits that contradict each other', () => {
  expect(checkDriveParts({ cablePullMm: 2.7, boltCircleMm: 110 })).toEqual([]);
  expect(checkDriveParts({ cablePullMm: 20 })[0]?.message).toEqual({
    code: 'datum.problem.any',
    values: { term: { code: 'datum.term.cablePullMm' }, value: 20, unit: 'mm', min: 1, max: 6 },
  });
  expect(checkDriveParts({ chainSpeeds: 11.5 })[0]?.message.code).toBe('datum.problem.whole');
  expect(checkDriveParts({ frontBigRingMinT: 50, frontBigRingMaxT: 46 })[0]?.path).toEqual(['frontBigRingMinT']);
});

test('the checklist asks what no figure decides; of a front derailleur only where there are two rings', () => {
  const two = checklistOf(TOURER, { spokes: 'fits' });
  expect(two.map(({ id }) => id)).toEqual([...CHECKLIST]);
  expect(two.find(({ id }) => id === 'spokes')!.answer).toBe('fits');
  const one = checklistOf(ONE_RING, {}).map(({ id }) => id);
  expect(CHECKLIST.filter((id) => !one.includes(id))).toEqual(['frontMount', 'frontPull']);
});

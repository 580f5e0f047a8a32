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
    const lower = parts('frontCage', {}, { fittedBigRing: 50 }).message;
    expect(lower.values?.height).toMatchObject({ code: 'fit.frontCage.lower', values: { ring: 50 } });
    expect(parts('frontCage', {}, { fittedBigRing: 48 }).message.code).not.toBe('fit.frontCage.withHeight');
  });

  test.each([
    [46, 52, 'inside', 2],
    [48, 52, 'at', 0],
    [50, 53, 'outside', -2],
    [40, 46, 'outside', -2],
    [undefined, 50, 'inside', 2],
  ] as const)('curved for %p to %pT: %s', (frontBigRingMinT, frontBigRingMaxT, verdict, margin) => {
    expect(parts('frontCage', { frontBigRingMinT, frontBigRingMaxT })).toMatchObject({ verdict, margin });
  });

  test('up to 4T beside its curve it is a nuisance, farther it does not go together', () => {
    const kind = (frontBigRingMinT: number) =>
      kindOfCheck(parts('frontCage', { frontBigRingMinT, frontBigRingMaxT: 56 }), undefined, 'sheet');
    expect([48, 50, 52, 53, 55].map(kind)).toEqual(['goes', 'goes', 'goes', 'doesNot', 'doesNot']);
  });

  test('not known, and nothing to ask on one ring', () => {
    expect(parts('frontCage', {}).verdict).toBe('notKnown');
    expect(parts('frontCage', {}, { setup: ONE_RING }).verdict).toBe('inside');
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

  const indexing = (cablePullMm: number | undefined, pullRatio: number | undefined) =>
    parts('indexing', { cablePullMm }, { rearDerailleur: { ...TOURER_SHEET, pullRatio } });

  test('inside, outside, and nearer to the next cog than to its own', () => {
    expect(indexing(2.41, 1.49)).toMatchObject({ verdict: 'inside' });
    const outside = indexing(2.51, 1.51);
    expect(outside).toMatchObject({ verdict: 'outside', unit: 'mm', limit: 0.6 });
    expect(outside.message.code).toBe('fit.indexing.over');
    expect(outside.message.values!.over).toBeCloseTo(0.45, 2);
    expect(outside.message.values!.figures).toMatchObject({ code: 'fit.indexing.measured', values: { pitch: 3.6 } });
    const [ratio, pull] = outside.fixes.map(({ text }) => text.values!);
    expect(ratio!.ratio).toBeCloseTo(3.6 / 2.51, 12);
    expect(pull!.pull).toBeCloseTo(3.6 / 1.51, 12);
    expect(indexing(2.71, 1.71)).toMatchObject({ verdict: 'cannotWork' });
    expect(parts('indexing', {}, { setup: { ...ONE_RING, cogs: [17] } }).verdict).toBe('inside');
  });

  test('figures that are rounded to a tenth decide only what rounding cannot turn', () => {
    // 0.05 mm of 2.5 and 0.05 of 1.5 come to 0.15 mm a click, 0.8 mm at the ends of twelve cogs.
    expect(indexingDoubtMm(2.5, 1.5, 12)).toBeCloseTo((Math.hypot(0.05 * 1.5, 0.05 * 2.5) * 11) / 2, 12);
    expect(indexing(2.4, 1.5)).toMatchObject({ verdict: 'notKnown', limit: 0.6 });
    expect(indexing(2.5, 1.5)).toMatchObject({ verdict: 'notKnown' });
    expect(indexing(2.9, 1.7)).toMatchObject({ verdict: 'cannotWork' });
    const road = 'road, 11-speed, about 2.7 mm per click';
    const family = (shifterFamily: string, derailleurFamily: string) =>
      parts('indexing', { shifterFamily, derailleurFamily }, { setup: { ...TOURER, cogs: TOURER.cogs.slice(1) } });
    expect(family(road, road)).toMatchObject({ verdict: 'inside' });
    const mixed = family(road, 'mountain, 11-speed, about 3.6 mm per click');
    expect(mixed).toMatchObject({ verdict: 'cannotWork' });
    expect(mixed.message.values!.figures).toMatchObject({ code: 'fit.indexing.typical' });
  });

  test('says which datum is missing', () => {
    expect(indexing(undefined, 1.5).missing).toEqual({ code: 'fit.indexing.missing', values: { which: 'pull' } });
    expect(indexing(2.4, undefined).missing?.values).toEqual({ which: 'ratio' });
    expect(indexing(undefined, undefined).missing?.values).toEqual({ which: 'both' });
  });

  test('electronic parts are of one family, but for case and spaces', () => {
    const families = (shifterFamily?: string, derailleurFamily?: string) =>
      parts('indexing', { shifting: 'electronic', shifterFamily, derailleurFamily });
    expect(families('Wired, 2nd', ' wired,  2ND ').verdict).toBe('inside');
    // Two typed names may be one family; two of the list are not.
    expect(families('Wired', 'Radio')).toMatchObject({ verdict: 'notKnown' });
    expect(families('electronic, wired, road', 'electronic, wireless, road')).toMatchObject({ verdict: 'cannotWork' });
    expect(families('Wired').missing?.values).toEqual({ which: 'derailleur' });
    expect(families(undefined, 'Wired').missing?.values).toEqual({ which: 'shifter' });
    expect(families().missing?.values).toEqual({ which: 'both' });
  });

  test.each([
    [12, 'inside', 0],
    [13, 'at', 1],
    [11, 'outside', -1],
  ] as const)('a shifter for %i speeds on 12 cogs is %s', (shifterSpeeds, verdict, margin) => {
    expect(parts('shifterSpeeds', { shifterSpeeds })).toMatchObject({ verdict, margin });
  });

  test('an electronic derailleur moves by its own pitch', () => {
    const electronic = (speeds: number | undefined) =>
      parts(
        'shifterSpeeds',
        { shifting: 'electronic', shifterSpeeds: 12 },
        { rearDerailleur: { ...TOURER_SHEET, speeds } },
      );
    expect(electronic(12).verdict).toBe('inside');
    expect(electronic(11).verdict).toBe('cannotWork');
    expect(electronic(undefined).missing).toEqual({ code: 'fit.shifterSpeeds.missingDerailleur' });
  });
});

describe('freehub', () => {
  const spline = 'nine wide splines';

  test('splines by name, and the smallest cog that fits over the body', () => {
    expect(check('freehub', { freehub: { spline }, parts: { cassetteSpline: 'Nine wide splines' } }).verdict).toBe(
      'inside',
    );
    expect(check('freehub', { freehub: { spline }, parts: { cassetteSpline: 'fine splines' } }).verdict).toBe(
      'cannotWork',
    );
    expect(check('freehub', { freehub: { spline } }).missing?.values).toEqual({ which: 'cassette' });
    expect(parts('freehub', { cassetteSpline: spline }).missing?.values).toEqual({ which: 'wheel' });
    const small = check('freehub', {
      setup: ONE_RING,
      freehub: { spline, smallestCogT: 11 },
      parts: { cassetteSpline: spline },
    });
    expect(small).toMatchObject({ verdict: 'cannotWork', margin: -1 });
  });

  test('the spacer is the difference of the lengths', () => {
    expect(spacerNeededMm(36.75, 34.9)).toBeCloseTo(1.85, 12);
    expect(spacerNeededMm(35, 34.9)).toBe(0);
    expect(spacerNeededMm(34.9, 36.75)).toBeCloseTo(-1.85, 12);
  });

  test.each([
    [undefined, 'inside', 'needed', 'needed', 1.85],
    [1.85, 'inside', 'neededFitted', 'needed', 1.85],
    [0, 'outside', 'tooLittle', 'by', 1.85],
    [3, 'outside', 'tooMuch', 'by', 1.15],
  ] as const)('with spacers of %p mm: %s', (spacerMm, verdict, code, name, lengthMm) => {
    const one = parts('freehubLength', { cassetteLengthMm: 34.9, spacerMm }, { freehub: { bodyLengthMm: 36.75 } });
    expect(one.verdict).toBe(verdict);
    expect(one.message.code).toBe(`fit.freehubLength.${code}`);
    expect(one.message.values![name]).toBeCloseTo(lengthMm, 12);
  });

  test('a fix by spacer repairs it; a cassette too long cannot work', () => {
    const freehub = { bodyLengthMm: 36.75 };
    const rocks = parts('freehubLength', { cassetteLengthMm: 34.9, spacerMm: 0 }, { freehub });
    expect(parts('freehubLength', rocks.fixes[0]!.change!.parts, { freehub }).verdict).toBe('inside');
    const long = parts('freehubLength', { cassetteLengthMm: 38 }, { freehub });
    expect(long).toMatchObject({ verdict: 'cannotWork', unit: 'mm' });
    expect(long.margin).toBeCloseTo(-1.25, 12);
    expect(parts('freehubLength', {}).missing?.values).toEqual({ which: 'both' });
    expect(parts('freehubLength', {}, { freehub }).missing?.values).toEqual({ which: 'cassette' });
  });

  test('a two-speed hub has a least ring ÷ cog; its stages need no capacity', () => {
    const setup = { ...ONE_RING, hubStages: [1, 0.7] };
    expect(parts('hubRatio', {}, { setup }).verdict).toBe('notKnown');
    expect(parts('hubRatio', { hubRatioMin: 0.9 }, { setup }).verdict).toBe('inside');
    expect(parts('hubRatio', { hubRatioMin: 1 }, { setup }).verdict).toBe('at');
    const over = parts('hubRatio', { hubRatioMin: 1.1 }, { setup });
    expect(over).toMatchObject({ verdict: 'outside' });
    expect(over.fixes.map(({ text }) => text)).toEqual([
      { code: 'fit.hubRatio.fixCog', values: { teeth: 40 } },
      { code: 'fit.hubRatio.fixRing', values: { teeth: 49 } },
    ]);
    expect(check('totalCapacity', { setup }).required).toBe(34);
  });
});

describe('chain', () => {
  test.each([
    [12, 'inside'],
    [13, 'at'],
    [14, 'outside'],
    [11, 'outside'],
    [10, 'cannotWork'],
    [undefined, 'notKnown'],
  ] as const)('a chain for %p speeds on 12 cogs: %s', (chainSpeeds, verdict) => {
    expect(parts('chainSpeeds', { chainSpeeds }).verdict).toBe(verdict);
  });

  test('below eight speeds all chains are of one width', () => {
    const setup = { ...ONE_RING, cogs: [14, 17, 20, 24, 28] };
    expect(parts('chainSpeeds', { chainSpeeds: 8 }, { setup }).verdict).toBe('inside');
    expect(parts('chainSpeeds', { chainSpeeds: 6 }, { setup }).verdict).toBe('inside');
  });

  test('ends: the quick link is the last outer link; an odd count does not meet', () => {
    expect(chainEnds(112)).toEqual({ withQuickLink: 111, withPin: 112 });
    expect(chainEnds(113)).toBeUndefined();
  });

  test('a chain of just the right length is inside, not at a limit', () => {
    expect(check('chainLength', { chainLinks: 112 })).toMatchObject({ verdict: 'inside', margin: 0 });
    expect(check('chainLength', { chainLinks: 112 }).message).toEqual({
      code: 'fit.chainLength.right',
      values: { fitted: 112, wanted: 112 },
    });
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

describe('rings', () => {
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

  test('the sheet wins over the bolt circle', () => {
    expect(parts('smallestRing', { boltCircleMm: 110 })).toMatchObject({ verdict: 'outside', margin: -1 });
    expect(parts('smallestRing', { boltCircleMm: 110, smallestRingT: 32 })).toMatchObject({ verdict: 'at' });
    expect(parts('smallestRing', {}).missing).toEqual({ code: 'fit.smallestRing.missing' });
  });

  test('room to the chainstay is another for one ring than for two', () => {
    const ringRoom = { oneRingMaxT: 42, twoRingsMaxT: 50 };
    expect(check('ringRoom', { ringRoom })).toMatchObject({ verdict: 'inside', margin: 2 });
    const one = check('ringRoom', { ringRoom, setup: ONE_RING });
    expect(one).toMatchObject({ verdict: 'outside', margin: -2 });
    expect(one.fixes[0]).toEqual({
      text: { code: 'fit.ringRoom.fixOneRing', values: { teeth: 42 } },
      change: { chainrings: [42] },
    });
    expect(check('ringRoom', {}).verdict).toBe('notKnown');
  });

  test('one ring asks for one thing that keeps its chain on, with the trade-off said', () => {
    const retention = (kinds: NonNullable<FitInput['parts']>['retention']) =>
      parts('retention', { retention: kinds }, { setup: ONE_RING });
    expect(retention(undefined).verdict).toBe('notKnown');
    expect(retention([])).toMatchObject({ verdict: 'outside' });
    expect(retention([]).fixes).toHaveLength(3);
    expect(retention(['clutch']).message.values).toEqual({ kinds: [{ code: 'fit.retention.clutch' }] });
    expect(parts('retention', {}).message).toEqual({ code: 'fit.retention.twoRings' });
  });
});

describe('chainline', () => {
  test('of the gears that are ridden, not of the crossed ones', () => {
    const ridden = check('chainline', { steepDeg: 3 });
    expect(ridden).toMatchObject({ verdict: 'inside', unit: '°' });
    const all = check('chainline', { steepDeg: 3, crossedCogs: 0 });
    expect(all).toMatchObject({ verdict: 'outside' });
    expect(all.required).toBeCloseTo(3.27, 2);
    expect(all.message.code).toBe('fit.chainline.outsideMayDrop');
    expect(all.message.values!.gears).toContain('48/36');
    expect(all.fixes[0]?.text.code).toBe('fit.chainline.fixInboard');
  });

  test('gears left out are not ridden', () => {
    const avoided = [0, 1, 2].map((cog) => ({ ring: 1, cog }));
    const [some, all] = [check('chainline', { crossedCogs: 0, avoided }), check('chainline', { crossedCogs: 0 })];
    expect(some.required).toBeLessThanOrEqual(all.required!);
  });
});

describe('hanger extender', () => {
  test('a tooth asks for 2.02 mm', () => {
    expect(extenderGainT(20)).toBe(9);
    expect(extenderForMm(4)).toBeCloseTo(8.085, 3);
    expect(extenderGainT(extenderForMm(4) + 0.001)).toBe(4);
  });

  const extender = (hangerExtenderMm: number | undefined, largestCogMaxT: number | undefined) =>
    parts('hangerExtender', { hangerExtenderMm }, { rearDerailleur: { ...TOURER_SHEET, largestCogMaxT } });

  test('is a caution at best, never a plain yes', () => {
    expect(extender(undefined, 36)).toMatchObject({ verdict: 'inside', message: { code: 'fit.extender.notNeeded' } });
    expect(extender(undefined, 32).message.values!.drop).toBeCloseTo(8.085, 3);
    expect(extender(10, 32)).toMatchObject({ verdict: 'at', margin: 0 });
    expect(extender(30, 32).verdict).toBe('at');
    expect(extender(30, 36).message.code).toBe('fit.extender.needless');
    expect(extender(5, 32)).toMatchObject({ verdict: 'outside', margin: -2 });
    expect(extender(30, undefined).verdict).toBe('notKnown');
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 60 }), fc.integer({ min: 20, max: 60 }), (mm, limit) => {
        expect(extender(mm, limit).verdict).not.toBe('inside');
      }),
      { ...SEEDED, numRuns: cases(15) },
    );
  });

  test('leaves the published limit as it is', () => {
    const over = parts(
      'largestCog',
      { hangerExtenderMm: 30 },
      { rearDerailleur: { ...TOURER_SHEET, largestCogMaxT: 32 } },
    );
    expect(over).toMatchObject({ verdict: 'outside', margin: -4 });
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
    const { trials } = fitReport({ ...INPUT, ...over });
    const { decision, reason, extraCheck } = trials.totalCapacity!;
    expect(decision).toBe('try');
    expect(reason.code).toBe('fit.trial.capacityHolds');
    expect(reason.values!.from).toBeCloseTo(-57, 0);
    expect(reason.values!.to).toBeCloseTo(67, 0);
    expect(extraCheck).toEqual({ code: 'fit.trial.capacityCheck' });
  });

  test('a cage that does not hold it is no in both', () => {
    const short = { rearDerailleur: { ...TOURER_SHEET, totalCapacityT: 39, cageLengthMm: 56 } };
    expect(fitReport({ ...INPUT, ...short }).trials.totalCapacity).toMatchObject({ decision: 'doNot' });
    for (const school of LIMITS_SCHOOLS) expect(answer(short, school).kind).toBe('doesNot');
  });

  test('without a cage length the workshop school cannot say, and asks for the check', () => {
    const blind = { rearDerailleur: { ...TOURER_SHEET, totalCapacityT: 39, cageLengthMm: undefined } };
    expect(fitReport({ ...INPUT, ...blind }).trials.totalCapacity).toMatchObject({ decision: 'undecided' });
  });

  test('what cannot work, cannot in both; what is not known stays open', () => {
    for (const school of LIMITS_SCHOOLS) {
      expect(answer({ chainLinks: 106 }, school).kind).toBe('cannotWork');
      expect(answer({}, school)).toMatchObject({ kind: 'open', deciding: [] });
    }
    expect(answer({}, 'sheet').unknown.length).toBeGreaterThan(3);
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

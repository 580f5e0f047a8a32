import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { TOURER } from '../../../tests/support/setups';
import type { Message } from '../message';
import {
  RETENTIONS,
  counterpart,
  fitAnswer,
  fitReport,
  indexingError,
  smallestRingOfBoltCircleT,
  spacerNeededMm,
  type DriveParts,
  type FitInput,
} from './index';
import { cases } from '../../../tests/support/fuzz';

const RUNS = { ...SEEDED, numRuns: cases(30) };
const optional = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: undefined });
const mm = (min: number, max: number) => optional(fc.double({ min, max, noNaN: true }));
const whole = (min: number, max: number) => optional(fc.integer({ min, max }));

const parts: fc.Arbitrary<DriveParts> = fc.record({
  frontBigRingMinT: whole(20, 45),
  frontBigRingMaxT: whole(45, 70),
  cablePullMm: mm(1, 6),
  shifterSpeeds: whole(1, 14),
  cassetteLengthMm: mm(10, 60),
  spacerMm: mm(0, 20),
  chainSpeeds: whole(5, 14),
  boltCircleMm: mm(40, 160),
  hangerExtenderMm: mm(2, 60),
  hubRatioMin: mm(0.3, 4),
  shifting: optional(fc.constantFrom('cable', 'electronic')),
  shifterFamily: optional(fc.constantFrom('one', 'other')),
  derailleurFamily: optional(fc.constantFrom('one', 'other')),
  cassetteSpline: optional(fc.constantFrom('wide', 'fine')),
  retention: optional(fc.subarray([...RETENTIONS])),
});
const derailleurs = fc.record({
  totalCapacityT: whole(8, 70),
  largestCogMaxT: whole(20, 60),
  smallestCogMinT: whole(9, 20),
  ringDifferenceMaxT: whole(4, 30),
  pullRatio: mm(0.5, 4),
  speeds: whole(5, 14),
  cageLengthMm: mm(40, 140),
});
const inputs: fc.Arbitrary<FitInput> = fc.record({
  setup: setupArbitrary(),
  chainstayMm: fc.integer({ min: 350, max: 600 }),
  suspensionGrowthMm: fc.integer({ min: 0, max: 60 }),
  bbDropMm: fc.integer({ min: -30, max: 120 }),
  chainLinks: whole(60, 180),
  rearDerailleur: derailleurs,
  parts,
  freehub: fc.record({
    spline: optional(fc.constantFrom('wide', 'fine')),
    bodyLengthMm: mm(10, 60),
    smallestCogT: whole(9, 20),
  }),
  avoided: fc.array(fc.record({ ring: fc.nat(1), cog: fc.nat(13) }), { maxLength: 6 }),
});

/** Whether all numbers of a message, and of messages within it, are finite. */
const holdsOnlyFinite = ({ values = {} }: Message): boolean =>
  Object.values(values)
    .flat()
    .every((value) =>
      typeof value === 'object'
        ? holdsOnlyFinite(value as Message)
        : typeof value === 'string' || Number.isFinite(value),
    );

test('whatever is fitted, every check is answered or says what it misses, in finite numbers', () => {
  fc.assert(
    fc.property(inputs, (input) => {
      const report = fitReport(input);
      const ids = report.checks.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      for (const check of report.checks) {
        const { verdict, missing, margin, required, limit, message, fixes } = check;
        expect(missing !== undefined).toBe(verdict === 'notKnown');
        for (const number of [margin, required, limit])
          expect(number === undefined || Number.isFinite(number)).toBe(true);
        expect(holdsOnlyFinite(message)).toBe(true);
        if (verdict === 'inside' || verdict === 'notKnown') expect(fixes).toEqual([]);
        if (verdict === 'inside' && margin !== undefined) expect(margin).toBeGreaterThanOrEqual(0);
      }
      for (const { pose } of report.cage)
        expect(pose.angleDeg === undefined || Number.isFinite(pose.angleDeg)).toBe(true);
    }),
    RUNS,
  );
});

test('the workshop-tested school never says no where the sheet says yes, and neither hides what cannot work', () => {
  const strictness = { goes: 0, open: 0, goesWithChecks: 1, doesNot: 2, cannotWork: 3 } as const;
  fc.assert(
    fc.property(inputs, (input) => {
      const report = fitReport(input);
      const [sheet, tested] = [fitAnswer(report, 'sheet'), fitAnswer(report, 'workshopTested')];
      expect(strictness[tested.kind]).toBeLessThanOrEqual(strictness[sheet.kind]);
      expect(tested.kind === 'cannotWork').toBe(sheet.kind === 'cannotWork');
      const impossible = report.checks.filter(({ verdict }) => verdict === 'cannotWork');
      for (const check of impossible) expect(sheet.deciding).toContain(check);
      // Whatever is outside is named somewhere, in both.
      for (const { id, verdict, limit } of report.checks) {
        if (verdict !== 'outside' || (id === 'hangerExtender' && limit === 0)) continue;
        if (sheet.kind === 'cannotWork') continue;
        const named = [...sheet.deciding, ...sheet.cautions].map((one) => one.id);
        expect(named).toContain(id);
      }
    }),
    RUNS,
  );
});

test('indexing: errors are odd about the middle, and grow with the count of cogs', () => {
  const pull = fc.double({ min: 1, max: 6, noNaN: true });
  const ratio = fc.double({ min: 0.5, max: 4, noNaN: true });
  fc.assert(
    fc.property(pull, ratio, fc.integer({ min: 2, max: 13 }), (cablePullMm, pullRatio, cogs) => {
      const error = indexingError(cablePullMm, pullRatio, 3.6, cogs);
      error.atCogMm.forEach((mmAt, i) => expect(mmAt).toBeCloseTo(-error.atCogMm[cogs - 1 - i]!, 9));
      expect(Math.max(...error.atCogMm.map(Math.abs))).toBeCloseTo(error.atEndsMm, 9);
      expect(indexingError(cablePullMm, pullRatio, 3.6, cogs + 1).atEndsMm).toBeGreaterThanOrEqual(error.atEndsMm);
    }),
    RUNS,
  );
});

test('a spacer of the difference closes it, and a larger bolt circle never takes a smaller ring', () => {
  const length = fc.double({ min: 10, max: 60, noNaN: true });
  fc.assert(
    fc.property(length, length, (body, cassette) => {
      const spacer = spacerNeededMm(body, cassette);
      expect(Math.abs(body - cassette - spacer)).toBeLessThanOrEqual(0.15 + 1e-12);
    }),
    RUNS,
  );
  for (let circle = 41; circle <= 160; circle += 1) {
    expect(smallestRingOfBoltCircleT(circle)).toBeGreaterThanOrEqual(smallestRingOfBoltCircleT(circle - 1));
  }
});

test('the counterpart of a gear is a gear of the other setup, and on the same setup the gear itself', () => {
  fc.assert(
    fc.property(setupArbitrary(), fc.nat(1), fc.integer({ min: 9, max: 60 }), (setup, ring, cog) => {
      const { chainring, cog: other } = counterpart(setup, ring, cog);
      expect(setup.chainrings).toContain(chainring);
      expect(setup.cogs).toContain(other);
    }),
    RUNS,
  );
  for (const [ring, chainring] of TOURER.chainrings.entries()) {
    for (const cog of TOURER.cogs) expect(counterpart(TOURER, ring, cog)).toEqual({ chainring, cog });
  }
});

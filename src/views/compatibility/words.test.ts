import fc from 'fast-check';
import { textOf } from '../../messages/core';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { ONE_RING, TOURER, TOURER_FRAME, TOURER_SHEET } from '../../../tests/support/setups';
import { CHECK_GROUPS, counterpart, fitAnswer, fitReport, type FitInput, type LimitsPolicy } from '../../core/fit';
import { explainCheck } from '../../features/explanations/fit';
import { explainFrontDrag, explainLoss } from '../../features/explanations/losses';
import { FIELDS_OF, GROUP_TEXT, marginText } from '../../features/verdict/check-words';
import { answerText } from '../../features/verdict/answer-words';
import { changeText, endCheckText, endsText, roomText, schoolDifference } from './chain-words';
import { cases } from '../../../tests/support/fuzz';

const INPUT: FitInput = {
  ...TOURER_FRAME,
  rearDerailleur: { totalCapacityT: 41, cageLengthMm: 93 },
};
const report = (more: Partial<FitInput> = {}) => fitReport({ ...INPUT, ...more });
const answer = (more: Partial<FitInput>, school: LimitsPolicy = 'sheet') =>
  answerText(fitAnswer(report(more), school), school);

describe('the verdict in a sentence', () => {
  test('open, over the sheet, to be tried, impossible', () => {
    expect(answer({})).toMatch(
      /^Not decided yet: \d+ of \d+ checks have data, and none of them fails\. Most useful next: the largest cog it takes; /,
    );
    const over = { rearDerailleur: { totalCapacityT: 39, cageLengthMm: 93 } };
    expect(answer(over)).toMatch(/^Not compatible: capacity −2T\./);
    expect(answer(over, 'workshopTested')).toMatch(/^Over a published limit, to be tested: capacity −2T\./);
    expect(answer({ chainLinks: 106 })).toMatch(/^Cannot work: chain −6 links\./);
  });

  test('a chain that is long enough and hangs slack is called so', () => {
    expect(answer({ chainLinks: 114 })).toContain('Not compatible: chain slack.');
  });

  test('nuisances are named apart', () => {
    expect(answer({ setup: ONE_RING, chainLinks: 114, parts: { retention: [] } })).toContain('Check: rings.');
  });

  test('everything known and inside', () => {
    const whole = answer({
      rearDerailleur: { ...TOURER_SHEET, pullRatio: 1.49 },
      parts: {
        cablePullMm: 2.41,
        shifterSpeeds: 12,
        chainSpeeds: 12,
        cassetteSpline: 'wide',
        cassetteLengthMm: 35,
        frontBigRingMinT: 46,
        smallestRingT: 30,
      },
      freehub: { spline: 'wide', bodyLengthMm: 35 },
      ringRoom: { twoRingsMaxT: 50 },
    });
    expect(whole).toBe('Compatible, within published limits.');
  });
});

describe('rows', () => {
  test('margins carry sign and unit', () => {
    const margin = (more: Partial<FitInput>, id: string) =>
      marginText(report(more).checks.find((one) => one.id === id)!);
    expect(margin({}, 'totalCapacity')).toBe('0T');
    expect(margin({ rearDerailleur: { totalCapacityT: 39 } }, 'totalCapacity')).toBe('−2T');
    expect(margin({ chainLinks: 110 }, 'chainLength')).toBe('−2 links');
    expect(margin({}, 'retention')).toBe('');
    expect(margin({}, 'chainline')).toMatch(/^\+0\.\d°$/);
  });

  test('every group has a name; whatever can be unknown has a field', () => {
    expect(Object.keys(GROUP_TEXT)).toEqual(Object.keys(CHECK_GROUPS));
    const blind = report({ setup: { ...TOURER, hubStages: [1, 0.7] }, chainLinks: undefined, rearDerailleur: {} });
    for (const { id, verdict } of blind.checks) if (verdict === 'notKnown') expect(FIELDS_OF[id]).not.toEqual([]);
  });

  test('no working of any check has a gap in it', () => {
    const parts = fc.record(
      {
        cablePullMm: fc.double({ min: 1, max: 6, noNaN: true }),
        shifterSpeeds: fc.integer({ min: 1, max: 14 }),
        spacerMm: fc.double({ min: 0, max: 10, noNaN: true }),
        cassetteLengthMm: fc.double({ min: 20, max: 50, noNaN: true }),
        hangerExtenderMm: fc.integer({ min: 2, max: 60 }),
        boltCircleMm: fc.integer({ min: 40, max: 160 }),
      },
      { requiredKeys: [] },
    );
    fc.assert(
      fc.property(setupArbitrary(), parts, fc.boolean(), (setup, some, hub) => {
        const { checks } = report({
          setup: hub ? { ...setup, hubStages: [1, 0.7] } : setup,
          parts: some,
          freehub: { bodyLengthMm: 36 },
        });
        for (const check of checks) {
          const { title, formula, worked, source, note } = explainCheck(check, setup);
          const text = [
            title,
            formula,
            ...worked,
            source,
            note ?? '',
            ...check.fixes.map((fix) => textOf(fix.text)),
          ].join(' ');
          expect(worked.length).toBeGreaterThan(0);
          expect(text).not.toMatch(/NaN|undefined|Infinity|null/);
        }
      }),
      { ...SEEDED, numRuns: cases(20) },
    );
  });
});

describe('the chain', () => {
  const { links, cage } = report();

  test('where schools differ and why; what both ends allow', () => {
    expect(schoolDifference('bigBigPlusTwo', links)).toBe('');
    expect(schoolDifference('equation', { ...links, equation: 114 })).toMatch(/^2 more: it rounds up/);
    expect(schoolDifference('smallSmall', { ...links, smallSmall: 108 })).toMatch(
      /^4 fewer: it works from the other limit/,
    );
    expect(roomText(links)).toBe('Only 112 links work for both big-big and small-small.');
    expect(roomText({ ...links, smallSmall: 116 })).toContain('112 to 116 links work');
    expect(roomText({ ...links, smallSmall: 108 })).toContain('No chain length works');
    expect(roomText({ ...links, smallSmall: undefined })).toBe('');
  });

  test('where it is cut', () => {
    expect(endsText(112)).toContain('112 links including the quick link: cut to 111, with inner links at both ends');
    expect(endsText(113)).toContain('113 is an odd number');
  });

  test('what to do to the one that is there', () => {
    expect(changeText(undefined, undefined, false)).toContain('Count the links');
    expect(changeText(0, 112, true)).toContain('correct length');
    expect(changeText(-2, 114, true)).toBe(
      '114 links: remove 2, or leave the chain as it is if small-small stays taut.',
    );
    expect(changeText(2, 112, false)).toContain('The 112 links now on the bike: 2 links too short. Fit a new chain');
  });

  test('what the end checks must look like, and how they fail', () => {
    expect(endCheckText('bigBig', cage[11]!)).toContain('here 67°');
    expect(endCheckText('smallSmall', cage[12]!)).toContain('here −57°');
    const short = report({ chainLinks: 106 }).cage[11]!;
    expect(endCheckText('bigBig', short)).toContain('Fails:');
    const squeezed = report({ rearDerailleur: { cageLengthMm: 40 } }).cage[11]!;
    expect(endCheckText('bigBig', squeezed)).toContain('tension pulley (radius 22.54 mm) and guide pulley');
  });
});

test('another setup is met at the same ring and the nearest cog', () => {
  expect(counterpart(ONE_RING, 1, 36)).toEqual({ chainring: 44, cog: 38 });
  expect(counterpart(TOURER, 1, 10)).toEqual({ chainring: 32, cog: 11 });
});

test('losses carry their spread in the working', () => {
  const loss = { chainring: 48, cog: 11, watts: 1.97, lowWatts: 1.43, highWatts: 2.5 };
  expect(explainLoss(loss, 180, 0).worked.join(' ')).toContain('1.43 to 2.50 W');
  expect(explainFrontDrag(20, 45, 2.34).worked.join(' ')).toContain('(45 km/h)³ = 2.34 W');
});

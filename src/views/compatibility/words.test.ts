import fc from 'fast-check';
import { textOf } from '../../messages/core';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { TOURER, TOURER_FRAME } from '../../../tests/support/setups';
import { CHECK_GROUPS, fitAnswer, fitReport, type FitInput, type LimitsPolicy } from '../../core/fit';
import { explainCheck } from '../../features/explanations/fit';
import { FIELDS_OF, GROUP_TEXT } from '../../features/verdict/check-words';
import { answerText } from '../../features/verdict/answer-words';
import { changeText, endCheckText, roomText, schoolDifference } from './chain-words';
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
});

describe('rows', () => {
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

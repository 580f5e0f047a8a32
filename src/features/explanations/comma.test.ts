import '../../../tests/support/german-reader';
import { ONE_RING, TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { candidate } from '../../../tests/support/compared';
import { contradictions, fillBrief, needsOf } from '../../core/needs';
import { difference, setupFigures } from '../../core/compare';
import { directPitches, fitReport } from '../../core/fit';
import { checkWheel, gearReport } from '../../core/gears';
import { DRILL_KINDS, newDrill } from '../../core/lesson';
import { drillText } from '../../messages/drills';
import { problemText, textOf } from '../../messages/core';
import type { Explanation } from './explanation';
import { METRIC } from '../units/measures';

/** A date has two points, and so have versions. */
const POINTED = /(?<![\d.])\d+\.\d+(?![\d.])/;
const textsOf = ({ title, formula, worked, source, note }: Explanation) => [title, formula, ...worked, source, note];

// Some sentences are made once, when their module is loaded, as the page does after it knows its reader.

const none = (texts: readonly (string | undefined)[]) =>
  expect(texts.filter((text) => text !== undefined && POINTED.test(text))).toEqual([]);

test('no working has a point in a number for who writes a comma', async () => {
  const [gears, fit, brief, compare, losses] = await Promise.all([
    import('./gears'),
    import('./fit'),
    import('./brief'),
    import('./compare'),
    import('./losses'),
  ]);
  const riding = { rolloutMm: TOURER_ROLLOUT_MM, cadenceRpm: 90.5, crankLengthMm: 172.5, closenessPercent: 5 };
  const report = gearReport(TOURER, riding);
  const context = { riding, wheel: { rimDiameterMm: 622, tyreWidthMm: 37.5 }, speedUnit: 'mph' } as const;
  const gear = report.gears[0]!;
  const filled = fillBrief({ preferredRpm: 88.5, riderMassKg: 72.5, frontDragCm2: 10.5 });
  const needs = needsOf(filled);
  const said = [TOURER, ONE_RING].map((setup) =>
    setupFigures(candidate(setup), filled, { closenessPercent: 5, crossedCogs: 2 }),
  );
  const { checks } = fitReport({
    setup: TOURER,
    chainstayMm: 430.5,
    suspensionGrowthMm: 0,
    bbDropMm: 70,
    chainLinks: 112,
    rearDerailleur: { totalCapacityT: 39, cageLengthMm: 93.5, pullRatio: 1.1 },
    freehub: { bodyLengthMm: 36.75, smallestCogT: 11 },
    parts: { cablePullMm: 3.1, cassetteLengthMm: 34.9, spacerMm: 1.85, boltCircleMm: 110.5, hangerExtenderMm: 12.5 },
  });
  const explanations = [
    gears.explainRollout(context),
    gears.explainGearInches(gear, 'ownWheel', context),
    gears.explainDevelopment(gear, context),
    gears.explainGainRatio(gear, context),
    gears.explainSpeed(gear, context),
    gears.explainRange(report),
    gears.explainOverlap(report),
    fit.explainChain('bigBigPlusTwo', 112, TOURER, 430.5, directPitches(48, 36, 430.5)),
    fit.explainChain('equation', 112, TOURER, 430.5, directPitches(48, 36, 430.5)),
    ...checks.map((check) => fit.explainCheck(check, TOURER)),
    brief.explainPower(filled, needs, false),
    brief.explainClimbSpeed(filled, needs, METRIC),
    losses.explainFrontDrag(10.5, 27.5, 1.2),
    losses.explainLoss({ chainring: 48, cog: 36, watts: 2.5, lowWatts: 1.5, highWatts: 3.5 }, 180, 0.5),
    ...difference(said[1]!, said[0]!, filled).map(({ id }) => compare.explainFigure(id, said[0]!, filled, 'kmh')),
  ];
  none(explanations.flatMap((one) => (one ? textsOf(one) : [])));
  none(checks.flatMap(({ message, fixes }) => [message, ...fixes.map(({ text }) => text)].map(textOf)));
});

test('nor has a question, its working, or what is said of an impossible number', () => {
  for (const kind of DRILL_KINDS) {
    for (let seed = 1; seed <= 40; seed += 1) {
      const { text, working } = newDrill(kind, seed, { level: ((seed % 3) + 1) as 1 | 2 | 3 }, []);
      none([text, ...working].map(drillText));
    }
  }
  none(
    contradictions(
      fillBrief({ preferredRpm: 88, lowRpm: 95.5, highRpm: 90.5, topSpeedKmh: 20.5, cruisingSpeedKmh: 25.5 }),
    ).map(problemText),
  );
  none(checkWheel({ rimDiameterMm: 622, tyreWidthMm: 12.5 }).map(problemText));
});

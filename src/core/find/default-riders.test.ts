import { contextOfGears } from '../../../tests/support/find';
import { rolloutMm, type Setup } from '../gears';
import { USES, fillBrief, type Use } from '../needs';
import { findQuestion } from './question';
import { findSetups } from './search';
import { fillFind } from './settings';

const setupOf = (chainrings: number[], cogs: number[]): Setup => ({ chainrings, cogs, hubStages: [1] });
const ROAD_11 = [11, 12, 13, 14, 15, 17, 19, 21, 24, 27, 30];
const WIDE_11 = [11, 13, 15, 17, 19, 21, 24, 28, 32, 37, 42];

/** A typical wheel and setup for each kind of riding. */
const PRESENT: Readonly<Record<Use, readonly [rimMm: number, tyreMm: number, setup: Setup]>> = {
  road: [622, 28, setupOf([50, 34], ROAD_11)],
  allRoad: [622, 42, setupOf([48, 32], ROAD_11)],
  touring: [622, 38, setupOf([48, 32], ROAD_11)],
  timeTrial: [622, 25, setupOf([54, 42], ROAD_11)],
  trail: [622, 58, setupOf([32], WIDE_11)],
  loads: [406, 55, setupOf([42], WIDE_11)],
  town: [622, 42, setupOf([44], [11, 13, 15, 18, 21, 24, 28, 32])],
  folding: [406, 40, setupOf([52], [11, 13, 15, 18, 21, 24, 28, 32])],
  child: [507, 47, setupOf([32], [11, 13, 15, 18, 21, 24, 28, 32])],
};

test.each(USES)('%s: a rider who has typed nothing but the present gears gets at least a hundred answers', (use) => {
  const [rimDiameterMm, tyreWidthMm, setup] = PRESENT[use];
  const brief = fillBrief({ use });
  const question = findQuestion(
    fillFind({}, { aims: [] }, setup.cogs.length),
    contextOfGears(setup, brief, rolloutMm({ rimDiameterMm, tyreWidthMm })),
  );
  if (!question.ok) throw new Error(question.problems[0]!.message.code);
  const { met, layouts } = findSetups(question.input);
  expect(met).toBeGreaterThanOrEqual(100);
  expect(layouts['1x'].met).toBeGreaterThan(0);
  // Trail frames take no front derailleur.
  expect(layouts['2x'].met > 0).toBe(use !== 'trail');
});

import { contextOfGears } from '../../../tests/support/find';
import { rowsOf } from '../../../tests/support/table';
import { USES, fillBrief, needsOf, type Brief, type Use } from '../needs';
import { rolloutMm, type Setup } from '../gears';
import { layoutAdvice } from './layout-advice';
import { findQuestion } from './question';
import { findSetups, type FindResult } from './search';
import { fillFind } from './settings';

const setupOf = (chainrings: number[], cogs: number[]): Setup => ({ chainrings, cogs, hubStages: [1] });
const ROAD_11 = [11, 12, 13, 14, 15, 17, 19, 21, 24, 27, 30];
const WIDE_11 = [11, 13, 15, 17, 19, 21, 24, 28, 32, 37, 42];
const WIDE_8 = [11, 13, 15, 18, 21, 24, 28, 32];

/** An ordinary bike of each kind of riding: wheel, and what it has with one ring and with two. */
const BIKES: Readonly<Record<Use, readonly [rimMm: number, tyreMm: number, one: Setup, two: Setup]>> = {
  road: [622, 28, setupOf([42], WIDE_11), setupOf([50, 34], ROAD_11)],
  allRoad: [622, 42, setupOf([40], WIDE_11), setupOf([46, 30], ROAD_11)],
  touring: [622, 38, setupOf([40], WIDE_11), setupOf([48, 32], ROAD_11)],
  timeTrial: [622, 25, setupOf([54], ROAD_11), setupOf([54, 40], ROAD_11)],
  trail: [622, 58, setupOf([32], WIDE_11), setupOf([36, 26], WIDE_11)],
  loads: [406, 55, setupOf([42], WIDE_11), setupOf([44, 28], WIDE_8)],
  town: [622, 42, setupOf([42], WIDE_8), setupOf([46, 30], WIDE_8)],
  folding: [406, 40, setupOf([52], WIDE_8), setupOf([53, 39], WIDE_8)],
  child: [507, 47, setupOf([32], WIDE_8), setupOf([36, 22], WIDE_8)],
};

/** W per kg of rider; ordinary is the default. */
const STRENGTH: Readonly<Record<string, number | undefined>> = { weak: 1.4, ordinary: undefined, strong: 3.2 };
const RIDER_KG = 75;
const CHILD_KG = 32;
/** A motor that gives twice what the rider gives. */
const MOTOR: Brief = { assistFactor: 2 };
const OTHERS: Readonly<Record<string, readonly [use: Use, brief: Brief, wheel?: readonly [number, number]]>> = {
  'loads motor': ['loads', MOTOR],
  'trail motor': ['trail', MOTOR],
  'town motor': ['town', MOTOR],
  'touring motor': ['touring', MOTOR],
  'child small': ['child', { riderMassKg: 22 }, [406, 47]],
  'child big': ['child', { riderMassKg: 42, steepestGradePercent: 10 }, [559, 50]],
};

/**
 * Riders by kind of riding, strength and what is on the bike: the easiest gear that they need and the hardest, m per turn of
 * the crank; which layout the headline leads with; the best that can be bought with one ring and with two; and why an
 * expert agrees. Reviewed by hand, line by line.
 */
const TABLE = rowsOf(`
touring weak 1x       | 1.36 | 7.66 | only 2x     |                | 36/22 x 10-36 12s | 105 W with 105 kg all-up crawls up 8%: no cassette on one ring has both ends, a small double has
touring weak 2x       | 1.36 | 7.66 | only 2x     |                | 36/22 x 10-36 12s | 105 W with 105 kg all-up crawls up 8%: no cassette on one ring has both ends, a small double has
touring ordinary 1x   | 2.12 | 7.66 | both 2x     | 40 x 11-42 11s | 40/26 x 11-28 11s | one ring does it with the wide cassette that is on it, but steps of 18% bother a tourer
touring ordinary 2x   | 2.12 | 7.66 | both 2x     | 40 x 11-42 11s | 40/26 x 11-30 11s | 48/32 with 11-30 is a little hard on 8% with bags: smaller rings, same cassette
touring strong 1x     | 3.07 | 7.66 | both 1x     | 40 x 11-30 11s | 40/26 x 11-25 11s | 240 W needs no wide cassette: the ring stays and a closer one takes out the steps
touring strong 2x     | 3.07 | 7.66 | both 2x     | 40 x 11-30 11s | 48/32 x 11-30 11s | what is on the bike climbs and reaches 40 km/h: nothing to buy
allRoad weak 1x       | 1.54 | 7.49 | both 2x     | 34 x 10-51 12s | 38/24 x 11-36 11s | steep gravel at 105 W: one ring gets there only with 20% steps, two rings with 16%
allRoad weak 2x       | 1.54 | 7.49 | both 2x     | 34 x 10-51 12s | 38/24 x 11-36 11s | the ring pair gets smaller and the cassette wider; one ring would be 20% apart
allRoad ordinary 1x   | 2.43 | 7.49 | both 1x     | 38 x 11-36 11s | 38/24 x 11-25 11s | 38 with 11-36 is what such bikes are sold with
allRoad ordinary 2x   | 2.43 | 7.49 | both 2x     | 38 x 11-36 11s | 46/30 x 11-30 11s | 46/30 with 11-30 meets it all: keep it
allRoad strong 1x     | 3.5  | 7.49 | both 1x     | 40 x 11-28 11s | 38/24 x 11-25 11s | a strong rider trades the wide cassette for a close one
allRoad strong 2x     | 3.5  | 7.49 | both 2x     | 38 x 11-30 11s | 46/30 x 11-30 11s | 46/30 with 11-30 meets it all: keep it
road weak 1x          | 1.84 | 8.51 | both 2x     | 44 x 11-51 12s | 44/28 x 11-34 12s | 8% at 105 W asks for a 1 to 1.1 gear or lower: a small double with 11-34, or one ring with 18% steps
road weak 2x          | 1.84 | 8.51 | both 2x     | 44 x 11-51 12s | 44/28 x 11-34 12s | 8% at 105 W asks for a 1 to 1.1 gear or lower: a small double with 11-34, or one ring with 18% steps
road ordinary 1x      | 2.87 | 8.51 | both 2x     | 44 x 11-34 12s | 44/28 x 11-25 11s | one ring with 11-34 does it, with gaps at 82 to 94 rpm that two rings have not
road ordinary 2x      | 2.87 | 8.51 | both 2x     | 44 x 11-34 12s | 50/34 x 11-30 11s | 50/34 with 11-30 is the ordinary road bike: keep it
road strong 1x        | 4.06 | 8.51 | both 1x     | 44 x 11-25 11s | 44/28 x 11-25 11s | with 240 W a 44 and the closest cassette are enough: no front derailleur is worth its price
road strong 2x        | 4.06 | 8.51 | both 2x     | 44 x 11-30 11s | 50/34 x 11-30 11s | 50/34 with 11-30 has all that is needed: keep it
timeTrial weak 1x     | 3.11 | 9.28 | both 2x     | 50 x 11-34 12s | 50/34 x 11-25 11s | 54 km/h and 4% at 105 W span more than a close cassette on one ring
timeTrial weak 2x     | 3.11 | 9.28 | both 2x     | 50 x 11-34 12s | 50/34 x 11-25 11s | 54 km/h and 4% at 105 W span more than a close cassette on one ring
timeTrial ordinary 1x | 4.66 | 9.28 | both 1x     | 54 x 11-25 11s | 50/34 x 11-25 11s | one large ring with the closest cassette is what time trial bikes have
timeTrial ordinary 2x | 4.66 | 9.28 | both 2x     | 50 x 11-25 11s | 54/40 x 11-25 11s | the rings stay, the closest cassette takes out the steps
timeTrial strong 1x   | 6.28 | 9.28 | both 1x     | 54 x 11-25 11s | 50/34 x 11-25 11s | one large ring with the closest cassette is what time trial bikes have
timeTrial strong 2x   | 6.28 | 9.28 | both 2x     | 50 x 11-25 11s | 54/40 x 11-25 11s | the rings stay, the closest cassette takes out the steps
trail weak 1x         | 1.36 | 5.75 | notSearched | 28 x 11-50 11s |                   | 15% of dirt at 105 W is walked: the smallest ring and the widest cassette leave least to walk
trail weak 2x         | 1.36 | 5.75 | both 2x     | 28 x 11-50 11s | 36/22 x 11-42 11s | a frame that has a front derailleur keeps it: 36/22 gets up what one ring walks
trail ordinary 1x     | 1.7  | 5.75 | notSearched | 28 x 11-42 11s |                   | the cassette stays, a 28T ring makes it easy enough; 30 km/h is still reached
trail ordinary 2x     | 1.7  | 5.75 | both 2x     | 28 x 11-42 11s | 36/26 x 11-42 11s | 36/26 with 11-42 is easy enough as it is
trail strong 1x       | 2.47 | 5.75 | notSearched | 32 x 11-42 11s |                   | 32 with 11-42 is easy enough for 240 W: keep it
trail strong 2x       | 2.47 | 5.75 | both 2x     | 28 x 11-42 11s | 36/26 x 11-42 11s | 36/26 with 11-42 is easy enough as it is
loads weak 1x         | 2.11 | 5.91 | both 1x     | 42 x 11-42 11s | 42/28 x 11-42 11s | small wheels make 42 with 11-42 easy enough for 150 kg on 6%: keep it
loads weak 2x         | 2.11 | 5.91 | both 2x     | 38 x 10-42 11s | 44/28 x 11-32 8s  | 44/28 with the cassette that is there is easy enough: keep it
loads ordinary 1x     | 2.4  | 5.91 | both 1x     | 42 x 11-42 11s | 42/28 x 11-42 11s | small wheels make 42 with 11-42 easy enough for 150 kg on 6%: keep it
loads ordinary 2x     | 2.4  | 5.91 | both 2x     | 42 x 11-32 8s  | 44/28 x 11-32 8s  | 44/28 with the cassette that is there is easy enough: keep it
loads strong 1x       | 3.75 | 5.91 | both 1x     | 42 x 11-42 11s | 42/28 x 11-42 11s | nothing is too hard: keep it
loads strong 2x       | 3.75 | 5.91 | both 2x     | 42 x 11-32 8s  | 44/28 x 11-32 8s  | nothing is too hard: keep it
town weak 1x          | 3.16 | 6.33 | both 1x     | 42 x 11-32 8s  | 34/24 x 11-32 8s  | 42 with 11-32 climbs every ramp of a town and reaches 30 km/h: keep it
town weak 2x          | 3.16 | 6.33 | both 2x     | 32 x 11-32 8s  | 46/30 x 11-32 8s  | 46/30 with 11-32 meets it all; one ring would do as well, and is no gain that pays for it
town ordinary 1x      | 3.35 | 6.33 | both 1x     | 42 x 11-32 8s  | 34/24 x 11-32 8s  | 42 with 11-32 climbs every ramp of a town and reaches 30 km/h: keep it
town ordinary 2x      | 3.35 | 6.33 | both 2x     | 32 x 11-32 8s  | 46/30 x 11-32 8s  | 46/30 with 11-32 meets it all; one ring would do as well, and is no gain that pays for it
town strong 1x        | 4.81 | 6.33 | both 1x     | 42 x 11-32 8s  | 34/24 x 11-32 8s  | 42 with 11-32 climbs every ramp of a town and reaches 30 km/h: keep it
town strong 2x        | 4.81 | 6.33 | both 2x     | 32 x 11-32 8s  | 46/30 x 11-32 8s  | 46/30 with 11-32 meets it all; one ring would do as well, and is no gain that pays for it
folding weak 1x       | 3.28 | 5.91 | both 1x     | 52 x 11-32 8s  | 43/30 x 11-32 8s  | 52 on small wheels is a middling gear: keep it
folding weak 2x       | 3.28 | 5.91 | both 2x     | 44 x 11-32 8s  | 53/39 x 11-32 8s  | 53/39 on small wheels meets it all: keep it
folding ordinary 1x   | 3.48 | 5.91 | both 1x     | 52 x 11-32 8s  | 43/30 x 11-32 8s  | 52 on small wheels is a middling gear: keep it
folding ordinary 2x   | 3.48 | 5.91 | both 2x     | 44 x 11-32 8s  | 53/39 x 11-32 8s  | 53/39 on small wheels meets it all: keep it
folding strong 1x     | 4.97 | 5.91 | both 1x     | 52 x 11-32 8s  | 43/30 x 11-32 8s  | 52 on small wheels is a middling gear: keep it
folding strong 2x     | 4.97 | 5.91 | both 2x     | 44 x 11-32 8s  | 53/39 x 11-32 8s  | 53/39 on small wheels meets it all: keep it
child weak 1x         | 2.55 | 4.22 | both 1x     | 32 x 11-32 8s  | 34/24 x 11-32 8s  | 32 with 11-32 on a small wheel is easy enough for a child of 32 kg: keep it
child weak 2x         | 2.55 | 4.22 | both 2x     | 26 x 11-32 8s  | 36/22 x 11-32 8s  | 36/22 meets it all, though one ring would be simpler to use
child ordinary 1x     | 2.7  | 4.22 | both 1x     | 32 x 11-32 8s  | 34/24 x 11-32 8s  | 32 with 11-32 on a small wheel is easy enough for a child of 32 kg: keep it
child ordinary 2x     | 2.7  | 4.22 | both 2x     | 26 x 11-32 8s  | 36/22 x 11-32 8s  | 36/22 meets it all, though one ring would be simpler to use
child strong 1x       | 3.85 | 4.22 | both 1x     | 32 x 11-32 8s  | 34/24 x 11-32 8s  | 32 with 11-32 on a small wheel is easy enough for a child of 32 kg: keep it
child strong 2x       | 3.85 | 4.22 | both 2x     | 26 x 11-32 8s  | 36/22 x 11-32 8s  | 36/22 meets it all, though one ring would be simpler to use
loads motor           | 4.96 | 5.91 | both 1x     | 42 x 11-42 11s | 42/28 x 11-42 11s | twice the power in help makes any gear easy enough: what is there stays
trail motor           | 3.73 | 5.75 | notSearched | 32 x 11-42 11s |                   | a motor makes 32 with 11-42 more than easy enough: keep it
town motor            | 6.21 | 6.33 | both 1x     | 42 x 11-32 8s  | 34/24 x 11-32 8s  | a motor makes 42 with 11-32 more than easy enough: keep it
touring motor         | 5.12 | 7.66 | both 1x     | 40 x 11-25 11s | 40/26 x 11-25 11s | with a motor the climb asks for nothing wide: a close cassette takes out the steps
child small           | 2.39 | 4.22 | both 1x     | 32 x 11-32 8s  | 34/24 x 11-32 8s  | 22 kg on 20 inch wheels: what is there is easy enough
child big             | 2.41 | 4.22 | both 1x     | 32 x 11-32 8s  | 34/24 x 11-32 8s  | 10% for a child of 42 kg: 32 with 11-32 is still easy enough
`);

function scenarioOf(name: string): {
  readonly brief: Brief;
  readonly present: Setup;
  readonly wheel: readonly [number, number];
} {
  const other = OTHERS[name];
  if (other) {
    const [use, more, wheel] = other;
    const [rimMm, tyreMm, one] = BIKES[use];
    return { brief: { use, ...more }, present: one, wheel: wheel ?? [rimMm, tyreMm] };
  }
  const [use, strength, layout] = name.split(' ') as [Use, string, '1x' | '2x'];
  const [rimMm, tyreMm, one, two] = BIKES[use];
  const perKg = STRENGTH[strength];
  const powerW = perKg && perKg * (use === 'child' ? CHILD_KG : RIDER_KG);
  return { brief: { use, powerW }, present: layout === '1x' ? one : two, wheel: [rimMm, tyreMm] };
}

const nameOf = (found: FindResult['layouts']['1x']['best']) =>
  found
    ? `${found.chainrings.join('/')} x ${found.cassette.cogs[0]}-${found.cassette.cogs.at(-1)} ${found.cassette.cogs.length}s`
    : '';

test.each(TABLE)('%s', (name, easiestMaxM, hardestMinM, headline, best1x, best2x) => {
  const { brief: said, present, wheel } = scenarioOf(name);
  const [rimDiameterMm, tyreWidthMm] = wheel;
  const brief = fillBrief(said);
  const needs = needsOf(brief);
  expect(needs.easiestMaxM).toBeCloseTo(Number(easiestMaxM), 2);
  expect(needs.hardestMinM).toBeCloseTo(Number(hardestMinM), 2);
  const question = findQuestion(
    fillFind({}, { aims: [] }, present.cogs.length),
    contextOfGears(present, brief, rolloutMm({ rimDiameterMm, tyreWidthMm })),
  );
  if (!question.ok) throw new Error(question.problems[0]!.message.code);
  const result = findSetups(question.input);
  // A rider who has typed nothing but the present gears gets many answers.
  if (name.includes('ordinary')) expect(result.met).toBeGreaterThanOrEqual(100);
  const { kind, layout } = layoutAdvice(result, question.input.aims, question.layouts);
  expect([kind, layout].filter(Boolean).join(' ')).toBe(headline);
  expect([nameOf(result.layouts['1x'].best), nameOf(result.layouts['2x'].best)]).toEqual([best1x, best2x]);
});

test('the table has all uses, strengths and layouts, motors and children, each with its reason', () => {
  const names = TABLE.map(([name]) => name);
  expect(new Set(names).size).toBe(names.length);
  expect(names.length).toBeGreaterThanOrEqual(60);
  for (const use of USES) {
    for (const strength of Object.keys(STRENGTH)) {
      for (const layout of ['1x', '2x']) expect(names).toContain(`${use} ${strength} ${layout}`);
    }
  }
  for (const other of Object.keys(OTHERS)) expect(names).toContain(other);
  for (const [, , , , , , why] of TABLE) expect(why!.length).toBeGreaterThan(20);
});

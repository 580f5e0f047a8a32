import { gearsOf, type Setup } from '../gears';
import { fitModel } from './fit-model';
import { RATIO, REST, UNREAD, type Readings } from './readings';

/** Cogs so far apart that no reading fits two of them. */
const FAR_APART: Setup = { chainrings: [40], cogs: [11, 17, 28], hubStages: [1] };
const TWO_RINGS: Setup = { chainrings: [50, 30], cogs: [11, 17, 28], hubStages: [1] };

const silence = (samples: number): Readings => ({
  kind: new Uint8Array(samples).fill(UNREAD),
  logRatio: new Float64Array(samples),
  rounding: new Float64Array(samples),
});

test('where nothing is read, what is assumed of a second holds, by the time between samples', () => {
  const of = (stepS: number) => fitModel(gearsOf(TWO_RINGS), TWO_RINGS, silence(1), stepS).model;
  const close = (value: number) => expect.closeTo(value, 9) as number;
  expect(of(1)).toEqual({
    ...{ scatter: close(0.02), outliers: close(0.03), dropped: close(0.02), atRest: close(0.65) },
    ...{ stops: close(0.04), starts: close(0.12), oneClick: close(0.012), rowChange: close(0.0003) },
  });
  expect(of(2)).toMatchObject({
    ...{ scatter: close(0.02), atRest: close(0.65) },
    ...{ stops: close(0.08), starts: close(0.24), oneClick: close(0.024), rowChange: close(0.0006) },
  });
  // No chance leaves its bounds.
  expect(of(20)).toMatchObject({ stops: 0.4, starts: 0.6, oneClick: 0.1, rowChange: 0.001 });
});

test('of a ride that leaves no doubt the model is what was counted, with a minute of what is assumed', () => {
  // Ten seconds in one gear, ten in the next, ten freewheeling with cranks at rest; and the same back.
  const blocks = 80;
  const kind: number[] = [];
  const gearAt: number[] = [];
  for (let block = 0; block < blocks; block += 1) {
    for (let s = 0; s < 30; s += 1) {
      kind.push(s < 20 ? RATIO : REST);
      gearAt.push(s < 10 === (block % 2 === 0) ? 0 : 1);
    }
  }
  const logs = gearsOf(FAR_APART).map(({ ratio }) => Math.log(ratio));
  const rounding = 0.0001;
  // Errors of 3% up and down in turn.
  const logRatio = kind.map((one, i) => (one === RATIO ? logs[gearAt[i]!]! + (i % 2 ? 0.03 : -0.03) : 0));
  const readings: Readings = {
    kind: Uint8Array.from(kind),
    logRatio: Float64Array.from(logRatio),
    rounding: Float64Array.from(kind, (one) => (one === RATIO ? rounding : 0)),
  };
  const { model } = fitModel(gearsOf(FAR_APART), FAR_APART, readings, 1);
  const driven = 20 * blocks;
  expect(model.scatter).toBeCloseTo(Math.sqrt((driven * (0.03 ** 2 - rounding) + 60 * 0.02 ** 2) / (driven + 60)), 4);
  expect(model.stops).toBeCloseTo((blocks + 60 * 0.04) / (driven + 60), 3);
  expect(model.starts).toBeCloseTo((blocks - 1 + 60 * 0.12) / (10 * blocks + 60), 3);
  // A click in each block, and none between them; of a chance of one click there are 2 ÷ (1 − 0.35) clicks.
  expect(model.oneClick).toBeCloseTo((blocks / (2 / 0.65) + 60 * 0.012) / (30 * blocks + 60), 3);
  // Hardly a reading was missed or fits no gear: the least that is assumed of any ride.
  expect(model.dropped).toBe(0.002);
  expect(model.outliers).toBe(0.003);
  // The cranks rested all the while, more than is believed of any ride.
  expect(model.atRest).toBe(0.85);
  // One ring has no other.
  expect(model.rowChange).toBe(0.0003);
});

test('changes of ring are counted beside an hour of what is assumed', () => {
  const blocks = 60;
  const kind = new Uint8Array(40 * blocks).fill(RATIO);
  const gears = gearsOf(TWO_RINGS);
  const placeOf = (ring: number) => gears.findIndex(({ chainring, cog }) => chainring === ring && cog === 17);
  const logOf = (ring: number) => Math.log(gears[placeOf(ring)]!.ratio);
  const logRatio = Float64Array.from(kind, (_, i) => logOf(Math.floor(i / 40) % 2 ? 30 : 50));
  // The ring is recorded, for 50/28 and 30/17 are all but alike.
  const recorded = Int16Array.from(kind, (_, i) => placeOf(Math.floor(i / 40) % 2 ? 30 : 50));
  const readings = { kind, logRatio, rounding: new Float64Array(kind.length).fill(0.0001) };
  const { model } = fitModel(gears, TWO_RINGS, readings, 0.5, recorded);
  const ofRow = 1 + (2 * 0.35) / 0.65;
  const counted = ((blocks - 1) / ofRow + 3600 * 0.00015) / (40 * blocks + 3600);
  expect(counted).toBeGreaterThan(0.001);
  expect(model.rowChange).toBe(0.001);
  const few = fitModel(
    gears,
    TWO_RINGS,
    { kind: kind.subarray(0, 120), logRatio, rounding: readings.rounding },
    0.5,
    recorded,
  ).model;
  expect(few.rowChange).toBeCloseTo((2 / ofRow + 3600 * 0.00015) / (119 + 3600), 5);
});

import { chanceMatrix } from '../../../tests/support/gear-chances';
import { gearsOf, type Setup } from '../gears';
import { GearModel, UNKNOWN_GEAR, type ModelSums, type RideModel } from './gear-model';
import { GearWindow } from './gear-window';
import { RATIO, REST, UNREAD, type Readings } from './readings';

// Of a few samples every way through the gears can be gone through: what comes out is the definition of what the model sums.
const MODEL: RideModel = {
  ...{ scatter: 0.03, outliers: 0.05, dropped: 0.1, atRest: 0.6, stops: 0.2, starts: 0.3 },
  ...{ oneClick: 0.1, rowChange: 0.05 },
};
const TWO_RINGS: Setup = { chainrings: [48, 32], cogs: [15, 19], hubStages: [1] };
const HUB: Setup = { chainrings: [40], cogs: [13, 17], hubStages: [1, 0.7] };
const ONE_RING: Setup = { chainrings: [40], cogs: [13, 15, 17, 20], hubStages: [1] };

/** A reading: a ratio beside a gear by a share of it, cranks at rest, or nothing. */
type Reading = readonly [gear: number, aside: number] | 'rest' | 'unread';
const ROUNDING = 0.0004;

function readingsOf(setup: Setup, readings: readonly Reading[]): Readings {
  const gears = gearsOf(setup);
  const isRatio = (one: Reading): one is readonly [number, number] => typeof one !== 'string';
  return {
    kind: Uint8Array.from(readings, (one) => (isRatio(one) ? RATIO : one === 'rest' ? REST : UNREAD)),
    logRatio: Float64Array.from(readings, (one) => (isRatio(one) ? Math.log(gears[one[0]]!.ratio) + one[1] : 0)),
    rounding: Float64Array.from(readings, (one) => (isRatio(one) ? ROUNDING : 0)),
  };
}

/** One state of the rider: a gear by its position in the model, driving or freewheeling. */
interface State {
  readonly p: number;
  /** Its place in the list of gears. */
  readonly gear: number;
  readonly logRatio: number;
  readonly drives: boolean;
}

/** Chance of an error of the sensors by the bell curve alone. */
function bell(error: number): number {
  const variance = MODEL.scatter ** 2 + ROUNDING;
  return Math.exp((-error * error) / 2 / variance) / Math.sqrt(2 * Math.PI * variance);
}

const NO_SUMS: ModelSums = {
  ...{ samples: 0, driven: 0, fitting: 0, squares: 0, droppedWhileDriving: 0, restWhileFree: 0 },
  ...{ turningWhileFree: 0, stops: 0, staysDriving: 0, starts: 0, staysFree: 0, clicks: 0, rowChanges: 0 },
  logLikelihood: 0,
};

/** Goes every way through the states of a few samples, each with its chance. */
function everyWay(
  setup: Setup,
  readings: Readings,
  recorded: Int16Array | undefined,
  visit: (way: readonly State[], chance: number) => void,
): void {
  const gears = gearsOf(setup);
  const { changes } = new GearModel(gears, setup, readings, MODEL, recorded);
  const chances = chanceMatrix(gears, setup, changes, MODEL);
  const states = gears.flatMap(({ ratio }, gear): State[] => {
    const of = { p: changes.positions[gear]!, gear, logRatio: Math.log(ratio) };
    return [
      { ...of, drives: true },
      { ...of, drives: false },
    ];
  });
  const emission = (i: number, { gear, logRatio, drives }: State): number => {
    const known = recorded?.[i] ?? UNKNOWN_GEAR;
    const wrong = known !== UNKNOWN_GEAR && known !== gear ? 1e-6 : 1;
    if (readings.kind[i] === UNREAD) return wrong;
    if (readings.kind[i] === REST) return wrong * (drives ? MODEL.dropped : MODEL.atRest);
    const error = readings.logRatio[i]! - logRatio;
    if (drives) return wrong * (1 - MODEL.dropped) * (MODEL.outliers / 3 + (1 - MODEL.outliers) * bell(error));
    return wrong * (1 - MODEL.atRest) * (error > 0 && error < 1.2 ? 0.85 / 1.2 : 0.15 / 3);
  };
  const modeChance = (from: State, to: State) =>
    from.drives ? (to.drives ? 1 - MODEL.stops : MODEL.stops) : to.drives ? MODEL.starts : 1 - MODEL.starts;
  const goOn = (way: readonly State[], chance: number): void => {
    if (way.length === readings.kind.length) {
      visit(way, chance);
      return;
    }
    const from = way.at(-1);
    for (const to of states) {
      const step = from ? modeChance(from, to) * chances[from.p]![to.p]! : 1 / states.length;
      goOn([...way, to], chance * step * emission(way.length, to));
    }
  };
  goOn([], 1);
}

/** All that the model sums, by every way through the gears. */
function bySums(setup: Setup, readings: Readings, recorded: Int16Array | undefined): ModelSums {
  const rowOf = ({ p }: State) => Math.floor(p / setup.cogs.length);
  const sums = { ...NO_SUMS };
  let all = 0;
  everyWay(setup, readings, recorded, (way, chance) => {
    all += chance;
    way.forEach((state, i) => {
      if (readings.kind[i] === REST) sums[state.drives ? 'droppedWhileDriving' : 'restWhileFree'] += chance;
      if (readings.kind[i] === RATIO && !state.drives) sums.turningWhileFree += chance;
      if (readings.kind[i] === RATIO && state.drives) {
        const error = readings.logRatio[i]! - state.logRatio;
        const fits = (1 - MODEL.outliers) * bell(error);
        const fitting = (chance * fits) / (fits + MODEL.outliers / 3);
        sums.driven += chance;
        sums.fitting += fitting;
        sums.squares += fitting * (error * error - ROUNDING);
      }
      const before = way[i - 1];
      if (!before) return;
      if (before.drives) sums[state.drives ? 'staysDriving' : 'stops'] += chance;
      else sums[state.drives ? 'starts' : 'staysFree'] += chance;
      if (rowOf(before) !== rowOf(state)) sums.rowChanges += chance;
      else if (before.p !== state.p) sums.clicks += chance;
    });
  });
  const shares = Object.entries(sums).map(([key, sum]) => [key, sum / all]);
  return {
    ...(Object.fromEntries(shares) as unknown as ModelSums),
    samples: readings.kind.length - 1,
    logLikelihood: Math.log(all),
  };
}

/** The chance of each state at each sample, by every way through the gears: driving by position, then freewheeling. */
function byStates(setup: Setup, readings: Readings, recorded: Int16Array | undefined): number[][] {
  const size = gearsOf(setup).length;
  const chances = Array.from(readings.kind, () => new Array<number>(2 * size).fill(0));
  everyWay(setup, readings, recorded, (way, chance) => {
    way.forEach(({ p, drives }, i) => {
      chances[i]![drives ? p : size + p]! += chance;
    });
  });
  return chances.map((row) => {
    const all = row.reduce((sum, chance) => sum + chance, 0);
    return row.map((chance) => chance / all);
  });
}

/** Readings as text: a gear, and how far the reading is off it. */
const read = (text: string): readonly Reading[] =>
  text.split(', ').map((one) => {
    if (one === 'rest' || one === 'unread') return one;
    const [gear, aside] = one.split(' ').map(Number);
    return [gear!, aside!];
  });
const CASES: readonly [string, Setup, readonly Reading[], readonly number[] | undefined][] = [
  ['a change of ring', TWO_RINGS, read('0 0.01, 2 -0.02, 2 0.4, 3 0'), undefined],
  ['cranks at rest, and a silence', TWO_RINGS, read('1 0, rest, unread, 1 0.03'), undefined],
  ['the stages of a hub', HUB, read('0 -0.05, 1 0.02, rest, 3 0.01'), undefined],
  ['clicks on one ring', ONE_RING, read('0 0, 1 0.02, 3 -0.01, 2 1.3'), undefined],
  ['gears that the bicycle recorded', TWO_RINGS, read('0 0.05, unread, 1 -0.05, rest'), [1, UNKNOWN_GEAR, 3, 2]],
];

test.each(CASES)('sums of the model are those over every way through the gears: %s', (_, setup, given, recorded) => {
  const readings = readingsOf(setup, given);
  const places = recorded && Int16Array.from(recorded);
  const sums = { ...NO_SUMS };
  new GearModel(gearsOf(setup), setup, readings, MODEL, places).addTo(sums, 0, given.length);
  const expected = bySums(setup, readings, places);
  for (const key of Object.keys(NO_SUMS) as (keyof ModelSums)[])
    expect([key, sums[key]]).toEqual([key, expect.closeTo(expected[key], 8)]);
});

test('a stretch is summed from its first sample, and added to what there is', () => {
  const given: readonly Reading[] = [
    [0, 0.3],
    [1, 0.02],
    [3, 0.01],
    [2, 0],
  ];
  const model = new GearModel(gearsOf(ONE_RING), ONE_RING, readingsOf(ONE_RING, given), MODEL, undefined);
  const sums = { ...NO_SUMS, driven: 100, samples: 7 };
  model.addTo(sums, 1, 3);
  const expected = bySums(ONE_RING, readingsOf(ONE_RING, given.slice(1, 3)), undefined);
  expect(sums.driven).toBeCloseTo(100 + expected.driven, 8);
  expect(sums.clicks).toBeCloseTo(expected.clicks, 8);
  expect(sums.samples).toBe(8);
});

test.each(CASES)(
  'the gear of each sample, and how certain it is, is that over every way: %s',
  (_, setup, given, recorded) => {
    const readings = readingsOf(setup, given);
    const places = recorded && Int16Array.from(recorded);
    const window = new GearWindow(new GearModel(gearsOf(setup), setup, readings, MODEL, places), given.length);
    const { length: size } = gearsOf(setup);
    const expected = byStates(setup, readings, places);
    let seen = 0;
    window.decode(0, given.length, given.length, (i, position, drives, confidence, rowChance) => {
      seen += 1;
      const [driven, free] = [expected[i]!.slice(0, size), expected[i]!.slice(size)];
      const sum = (chances: readonly number[]) => chances.reduce((all, chance) => all + chance, 0);
      expect([i, drives]).toEqual([i, sum(driven) >= sum(free)]);
      const mode = drives ? driven : free;
      expect([i, mode[position]]).toEqual([i, Math.max(...mode)]);
      expect(confidence).toBeCloseTo(mode[position]!, 5);
      const { length: cogs } = setup.cogs;
      const first = position - (position % cogs);
      expect(rowChance).toBeCloseTo(sum([...driven.slice(first, first + cogs), ...free.slice(first, first + cogs)]), 5);
    });
    expect(seen).toBe(given.length);
  },
);

// npm run bench: how long the heavy parts of core take on this machine. Measured, never asserted.
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { setupFigures, type Candidate } from '../src/core/compare';
import { fillBrief } from '../src/core/needs';
import { cagePose, DRIVE_DEFAULTS, fitReport } from '../src/core/fit';
import { jobCard, type CardOptions, type StockedBuild } from '../src/core/job';
import { gearReport, gearsOf, rolloutMm, shiftPath, type Setup } from '../src/core/gears';
import { findSetups, gearMetrics, ringChoices, type FindInput } from '../src/core/find';
import { GENERIC_CASSETTES } from '../src/core/catalog/cassettes';
import { gearUse } from '../src/core/recording';
import { speedForPower } from '../src/core/ride';
import { FitBaseType, FitEncoder } from 'fit-file-parser';
import { readFit } from '../src/formats/ride/fit';
import { readGpx } from '../src/formats/ride/gpx';
import { guessMapping, readCsvHead, readRideCsv, writeRideCsv } from '../src/formats/ride/ride-csv';
import { readTcx, writeTcx } from '../src/formats/ride/tcx';
import { simulateRide } from '../tests/support/rides';

const TOURER: Setup = {
  chainrings: [48, 32],
  cogs: [11, 12, 13, 14, 15, 17, 19, 21, 24, 28, 32, 36],
  hubStages: [1],
};
const wheelMm = rolloutMm({ rimDiameterMm: 622, tyreWidthMm: 38 });
const geometry = { ...DRIVE_DEFAULTS, cageLengthMm: 93 };
const brief = fillBrief({ preferredRpm: 90 });
const riding = { rolloutMm: wheelMm, cadenceRpm: 90, crankLengthMm: 170, closenessPercent: 5 };
const candidate: Candidate = {
  id: '',
  setup: TOURER,
  rolloutMm: wheelMm,
  crankLengthMm: 170,
  rearDerailleur: {},
  clicksPerPush: { easier: 3, harder: 2 },
  massG: undefined,
  cost: undefined,
};
const resistance = {
  massKg: 105,
  crr: 0.006,
  cdaM2: 0.36,
  airDensityKgM3: 1.2,
  efficiency: 0.96,
  headwindMs: 0,
};

const fitted: StockedBuild = {
  setup: TOURER,
  rearDerailleur: { totalCapacityT: 41, largestCogMaxT: 36, cageLengthMm: 93 },
  parts: { chainSpeeds: 12, shifterSpeeds: 12 },
  freehub: {},
  chainLinks: 112,
  stock: {},
};
const closer: StockedBuild = {
  ...fitted,
  setup: { ...TOURER, cogs: [11, 12, 13, 14, 15, 16, 17, 19, 21, 24, 27, 30] },
  chainLinks: undefined,
};
const cardOptions: CardOptions = {
  fit: { ...closer, chainstayMm: 430, suspensionGrowthMm: 0, bbDropMm: 70 },
  school: 'sheet',
  chain: 'leave',
  alternates: true,
  newChain: false,
  weighs: true,
  usesQuickLink: true,
  isReturn: false,
};

/** What is timed: a name, the work, and for how many things one call does it. */
const BENCHES: readonly (readonly [name: string, work: () => unknown, per: number])[] = [
  [
    'cage sweep, a gear',
    () => TOURER.chainrings.map((ring) => TOURER.cogs.map((cog) => cagePose(ring, cog, 112, geometry))),
    24,
  ],
  ['job card, a cassette swap', () => jobCard(fitted, closer, cardOptions), 1],
  [
    'fit report, a setup',
    () =>
      fitReport({
        setup: TOURER,
        chainstayMm: 430,
        suspensionGrowthMm: 0,
        bbDropMm: 70,
        chainLinks: 112,
        rearDerailleur: { cageLengthMm: 93 },
      }),
    1,
  ],
  ['shift path, a 2x12', () => shiftPath(TOURER), 1],
  ['shift path, a 2x12 with a two-speed hub', () => shiftPath({ ...TOURER, hubStages: [1, 0.7] }), 1],
  ['gear report, a 2x12', () => gearReport(TOURER, riding), 1],
  ['comparison figures, a setup', () => setupFigures(candidate, brief, { closenessPercent: 5, crossedCogs: 2 }), 1],
  ['speed from power, a point', () => speedForPower(180, 0.08, resistance), 1],
];

const MEASURE_MS = 400;
const ROUNDS = 5;

/** Best of several rounds, each long enough for the clock: what else the machine does only ever adds. */
function bestMs(work: () => unknown): number {
  let best = Infinity;
  for (let round = 0; round < ROUNDS; round += 1) {
    const began = performance.now();
    let count = 0;
    while (performance.now() - began < MEASURE_MS / ROUNDS) {
      work();
      count += 1;
    }
    best = Math.min(best, (performance.now() - began) / count);
  }
  return best;
}

for (const [name, work, per] of BENCHES) {
  bestMs(work);
  console.log(`${name.padEnd(42)} ${(bestMs(work) / per).toFixed(4).padStart(9)} ms`);
}

// Rides, against a bare pass over the same bytes or samples in the same run: the ratio is what counts.
const SAMPLES = 100_000;
const { recording } = simulateRide({ setup: TOURER, rolloutMm: wheelMm, seconds: SAMPLES, seed: 1 });
const csv = writeRideCsv(recording);
const mapping = guessMapping((readCsvHead(csv) as { head: Parameters<typeof guessMapping>[0] }).head)!.mapping;
const tcx = new TextEncoder().encode(writeTcx('ride', 0, recording));
const gpx = new TextEncoder().encode(
  `<gpx><trk><trkseg>${[...recording.speedMs]
    .map(
      (_, i) =>
        `<trkpt lat="${(i / 20_000).toFixed(6)}" lon="0"><ele>5</ele><time>${new Date(i * 1000).toISOString()}</time><extensions><cad>80</cad></extensions></trkpt>`,
    )
    .join('')}</trkseg></trk></gpx>`,
);

const barePass = (bytes: Uint8Array) => {
  let sum = 0;
  for (let i = 0; i < bytes.length; i += 1) sum += bytes[i]!;
  return sum;
};
/** Viterbi over all pairs of the states of a 2x12: 24 gears, driving and freewheeling. */
const STATES = 2 * gearsOf(TOURER).length;
const barePairs = () => {
  const cost = Float64Array.from({ length: STATES ** 2 }, (_, i) => -(i % 7));
  const [best, next] = [new Float64Array(STATES), new Float64Array(STATES)];
  const cameFrom = new Int16Array(SAMPLES * STATES);
  for (let i = 0; i < SAMPLES; i += 1) {
    for (let to = 0; to < STATES; to += 1) {
      let most = -Infinity;
      let from = 0;
      for (let state = 0; state < STATES; state += 1) {
        const sum = best[state]! + cost[state * STATES + to]!;
        if (sum > most) {
          most = sum;
          from = state;
        }
      }
      next[to] = most - ((i + to) % 13);
      cameFrom[i * STATES + to] = from;
    }
    best.set(next);
  }
  return cameFrom[SAMPLES]!;
};

const rate = (name: string, work: () => unknown, bare: () => unknown, per: number) => {
  bestMs(work);
  const [own, floor] = [bestMs(work), bestMs(bare)];
  console.log(
    `${name.padEnd(42)} ${(own / per).toFixed(1).padStart(9)} ms, ${(own / floor).toFixed(own < 9 * floor ? 2 : 0)} × a bare pass`,
  );
};
const megabytes = (bytes: number) => bytes / 1_000_000;
const csvBytes = new TextEncoder().encode(csv);
rate(
  'parse CSV, a MB',
  () => readRideCsv(csv, mapping),
  () => barePass(csvBytes),
  megabytes(csvBytes.length),
);
rate(
  'parse TCX, a MB',
  () => readTcx(tcx),
  () => barePass(tcx),
  megabytes(tcx.length),
);
rate(
  'parse GPX, a MB',
  () => readGpx(gpx),
  () => barePass(gpx),
  megabytes(gpx.length),
);
const useRules = { setup: TOURER, gears: gearsOf(TOURER), rolloutMm: wheelMm, crossedCogs: 2, lowRpm: 80, highRpm: 95 };
rate('tell gears, 100,000 samples of a 2x12', () => gearUse(recording, useRules), barePairs, 1);

// The search of the whole space, against a bare loop that works out the same metrics and keeps nothing.
const space = {
  ringChoices: ringChoices({ layouts: ['1x', '2x'], minT: 24, maxT: 54, ringDifferenceMaxT: 16, anyTeeth: true }),
  cassettes: GENERIC_CASSETTES,
  riding: {
    rolloutMm: wheelMm,
    hubStages: [1],
    crossedCogs: 2,
    lowRpm: 80,
    highRpm: 96,
    preferredRpm: 90,
    zones: { climbingBelowKmh: 15, fastAboveKmh: 28 },
  },
  needs: { easiestDevelopmentMaxM: 2.2, topSpeedMinKmh: 45, zoneStepMax: { climbing: 0.17, between: 0.15 } },
  aims: ['largestStep', 'gaps', 'newParts', 'frontShifts'],
} as const satisfies FindInput;
const ofBike = {
  ...space,
  bike: {
    present: {
      setup: TOURER,
      chainstayMm: 430,
      suspensionGrowthMm: 0,
      bbDropMm: 70,
      chainLinks: 112,
      rearDerailleur: { totalCapacityT: 41, largestCogMaxT: 36, cageLengthMm: 93 },
    },
    school: 'sheet',
    keep: [],
  },
} as const satisfies FindInput;
const setups = space.ringChoices.length * space.cassettes.length;
const bareLoop = () => {
  let steps = 0;
  for (const chainrings of space.ringChoices) {
    for (const { cogs } of space.cassettes) steps += gearMetrics(chainrings, cogs, space.riding).largestStep;
  }
  return steps;
};
const search = (name: string, input: FindInput) => {
  bestMs(() => findSetups(input));
  const [own, floor] = [bestMs(() => findSetups(input)), bestMs(bareLoop)];
  console.log(
    `${name.padEnd(42)} ${own.toFixed(0).padStart(9)} ms, ${((setups / own) * 1000).toFixed(0)} setups/s, ${(own / floor).toFixed(2)} × a bare loop over the same metrics`,
  );
};
search(`search of ${setups} setups by the gears`, space);
search(`the same with every check of a bike`, ofBike);

/** How long a search on a thread takes to be gone once it is cancelled; it is at work when it is. */
async function benchCancel(): Promise<void> {
  const core = JSON.stringify(join(process.cwd(), 'src/core/find/index.ts'));
  const times: number[] = [];
  for (let round = 0; round < 5; round += 1) {
    const thread = new Worker(
      `require('tsx/cjs');
       const { findSetups } = require(${core});
       const { parentPort } = require('node:worker_threads');
       parentPort.on('message', (input) => {
         findSetups(input);
         parentPort.postMessage('warm');
         for (;;) findSetups(input);
       });`,
      { eval: true },
    );
    const warm = new Promise<void>((resolve) => thread.once('message', () => resolve()));
    thread.postMessage(ofBike);
    await warm;
    const began = performance.now();
    await thread.terminate();
    times.push(performance.now() - began);
  }
  const name = 'search cancelled, its thread gone after';
  console.log(
    `${name.padEnd(42)} ${Math.max(...times)
      .toFixed(1)
      .padStart(9)} ms at most of ${times.length}`,
  );
}

/** Measures FIT against a bare pass over its bytes: records as short as can be, and as devices write them. */
function benchFit(): void {
  const field = (number: number, size: number, baseType: FitBaseType, value: number) => ({
    number,
    size,
    baseType,
    value,
  });
  const fitOf = (more: (i: number) => ReturnType<typeof field>[]) => {
    const encoder = new FitEncoder();
    encoder.writeMessage(0, [field(0, 1, FitBaseType.Enum, 4)]);
    recording.speedMs.forEach((speed, i) =>
      encoder.writeMessage(20, [
        field(253, 4, FitBaseType.Uint32, 1_000_000_000 + i),
        field(6, 2, FitBaseType.Uint16, Math.round(speed * 1000)),
        field(4, 1, FitBaseType.Uint8, recording.cadenceRpm[i]!),
        ...more(i),
      ]),
    );
    return encoder.close();
  };
  const short = fitOf(() => []);
  const usual = fitOf((i) => [
    field(0, 4, FitBaseType.Sint32, 500_000_000 + i),
    field(1, 4, FitBaseType.Sint32, 100_000_000 + i),
    field(5, 4, FitBaseType.Uint32, 800 * i),
    field(2, 2, FitBaseType.Uint16, 3000 + (i % 100)),
    field(3, 1, FitBaseType.Uint8, 130),
    field(7, 2, FitBaseType.Uint16, 150 + (i % 100)),
    field(13, 1, FitBaseType.Sint8, 20),
  ]);
  for (const [name, fit] of [
    ['parse FIT of 8-byte records, a MB', short],
    ['parse FIT of 26-byte records, a MB', usual],
  ] as const) {
    rate(
      name,
      () => readFit(fit),
      () => barePass(fit),
      megabytes(fit.length),
    );
  }
}

benchFit();
void benchCancel();

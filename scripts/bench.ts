// npm run bench: how long the heavy parts of core take on this machine. Measured, never asserted.
import { setupFigures, type Candidate } from '../src/core/compare';
import { fillBrief } from '../src/core/brief';
import { cagePose, DRIVE_DEFAULTS, fitReport } from '../src/core/fit';
import { gearReport, rolloutMm, shiftPath, type Setup } from '../src/core/gears';
import { speedForPower } from '../src/core/ride';

const TOURER: Setup = {
  chainrings: [48, 32],
  cogs: [11, 12, 13, 14, 15, 17, 19, 21, 24, 28, 32, 36],
  hubStages: [1],
};
const wheelMm = rolloutMm({ rimDiameterMm: 622, tyreWidthMm: 38 });
const geometry = { ...DRIVE_DEFAULTS, cageLengthMm: 93 };
const brief = fillBrief({}, 90);
const riding = { rolloutMm: wheelMm, cadenceRpm: 90, crankLengthMm: 170, closenessPercent: 5 };
const candidate: Candidate = {
  id: '',
  setup: TOURER,
  rolloutMm: wheelMm,
  crankLengthMm: 170,
  rearDerailleur: {},
  clicksPerPush: 3,
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

/** What is timed: a name, the work, and for how many things one call does it. */
const BENCHES: readonly (readonly [name: string, work: () => unknown, per: number])[] = [
  [
    'cage sweep, a gear',
    () => TOURER.chainrings.map((ring) => TOURER.cogs.map((cog) => cagePose(ring, cog, 112, geometry))),
    24,
  ],
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

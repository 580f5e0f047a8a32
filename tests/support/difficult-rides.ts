import { gearsOf, type Setup } from '@/core/gears';
import type { Recording } from '@/core/recording';
import { seededRandom } from './rides';

interface Difficulties {
  readonly setup: Setup;
  readonly rolloutMm: number;
  readonly seconds: number;
  readonly seed: number;
  /** Scatter of the speed as a share, 0.04 for 4%. */
  readonly speedNoise: number;
  /** Scatter of the cadence, rpm. */
  readonly cadenceNoiseRpm?: number;
  /** Share of samples without a right cadence: missing, 0, or the one before. */
  readonly dropouts: number;
  /** Share of the time in which the rider freewheels. */
  readonly coasting: number;
}

/** A number of mean 0 and deviation 1 (Box–Muller). */
const bell = (random: () => number) => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

const DROPOUTS = ['missing', 'zero', 'stale'] as const;
const COAST_MEAN_S = 7;

/**
 * A ride whose gears are known, by sensors that scatter, drop out for one to three seconds, and say an old value after the
 * cranks have stopped; now and then the cranks turn without driving.
 */
export function difficultRide(options: Difficulties) {
  const { setup, rolloutMm, seconds, seed, speedNoise, cadenceNoiseRpm = 2, dropouts, coasting } = options;
  const random = seededRandom(seed);
  const all = gearsOf(setup);
  const chanceToCoast = coasting > 0 ? coasting / (COAST_MEAN_S * (1 - coasting)) : 0;
  const wish = (one: (typeof all)[number], from: (typeof all)[number], speed: number, wanted: number) =>
    Math.abs(Math.log(((speed / (one.ratio * (rolloutMm / 1000))) * 60) / wanted)) +
    (one.chainring === from.chainring ? 0 : 0.15);
  let current = all[all.length >> 1]!;
  let [speed, aim, coastFor, softly, dropFor] = [5, 5, 0, false, 0];
  let drop: (typeof DROPOUTS)[number] = 'zero';
  let told = 80;
  const rows: { speed: number; cadence: number; gear: number; drives: boolean }[] = [];
  for (let s = 0; s < seconds; s += 1) {
    if (random() < 0.02) aim = 2.5 + 9 * random();
    speed = Math.max(1, speed + (aim - speed) * 0.05 + (random() - 0.5) * 0.1);
    const developmentM = current.ratio * (rolloutMm / 1000);
    const rpm = (speed / developmentM) * 60;
    if ((rpm > 97 || rpm < 73) && random() < (coastFor > 0 ? 0.3 : 0.8)) {
      const wanted = 80 + 10 * random();
      current = all.reduce((best, one) =>
        wish(one, current, speed, wanted) < wish(best, current, speed, wanted) ? one : best,
      );
    }
    if (coastFor > 0) coastFor -= 1;
    else if (random() < chanceToCoast) {
      coastFor = 3 + Math.floor(2 * (COAST_MEAN_S - 3) * random());
      softly = random() < 0.2;
    }
    const drives = coastFor === 0;
    const driven = (speed / (current.ratio * (rolloutMm / 1000))) * 60;
    let cadence = drives ? driven + cadenceNoiseRpm * bell(random) : softly ? driven * (0.4 + 0.3 * random()) : 0;
    cadence = Math.max(0, Math.round(cadence));
    if (dropFor > 0) dropFor -= 1;
    else if (random() < dropouts / (2 * (1 - dropouts))) {
      dropFor = 1 + Math.floor(3 * random());
      drop = DROPOUTS[Math.floor(3 * random())]!;
    }
    if (dropFor > 0) cadence = drop === 'missing' ? NaN : drop === 'zero' ? 0 : told;
    else told = cadence;
    const measured = Math.round(Math.max(0, speed * (1 + speedNoise * bell(random))) * 36) / 36;
    rows.push({ speed: measured, cadence, gear: all.indexOf(current), drives });
  }
  const recording: Recording = {
    timeS: Float64Array.from(rows, (_, i) => i),
    speedMs: Float32Array.from(rows, (row) => row.speed),
    cadenceRpm: Float32Array.from(rows, (row) => row.cadence),
    distanceM: Float64Array.from(rows, (_, i) => 5 * i),
    elevationM: new Float32Array(seconds).fill(NaN),
  };
  return { recording, gears: rows.map(({ gear }) => gear), drives: rows.map(({ drives }) => drives) };
}

/**
 * Plain Viterbi over all pairs of gears: no freewheeling, a bell of the true scatter for the error of ln(ratio), and nothing
 * where wheel or cranks do not turn. What gear detection is measured against.
 */
export function plainViterbi(
  { speedMs, cadenceRpm }: Recording,
  setup: Setup,
  rolloutMm: number,
  speedNoise: number,
): Int16Array {
  const gears = gearsOf(setup);
  const [count, n] = [gears.length, speedMs.length];
  const cost = gears.map((a) =>
    gears.map((b) => {
      if (a === b) return 0.05;
      const clicks = Math.abs(setup.cogs.indexOf(a.cog) - setup.cogs.indexOf(b.cog));
      return a.chainring === b.chainring && a.hubStage === b.hubStage ? 4.4 + 1.05 * (clicks - 1) : 6.2 + 1.05 * clicks;
    }),
  );
  const cameFrom = new Int16Array(n * count);
  let best = new Float64Array(count);
  let next = new Float64Array(count);
  for (let i = 0; i < n; i += 1) {
    const [speed, rpm] = [speedMs[i]!, cadenceRpm[i]!];
    const turns = speed > 0.5 && rpm > 20;
    const width = Math.hypot(Math.max(0.012, speedNoise), 2 / rpm);
    for (let b = 0; b < count; b += 1) {
      let [least, from] = [Infinity, 0];
      for (let a = 0; a < count; a += 1) {
        const value = best[a]! + cost[a]![b]!;
        if (value < least) [least, from] = [value, a];
      }
      cameFrom[i * count + b] = from;
      const error = turns ? Math.log((speed * 60) / (rpm * gears[b]!.ratio * (rolloutMm / 1000))) / width : 0;
      next[b] = least + 0.5 * Math.min(error * error, 12);
    }
    [best, next] = [next, best];
  }
  const sequence = new Int16Array(n);
  let state = best.indexOf(Math.min(...best));
  for (let i = n - 1; i >= 0; i -= 1) {
    sequence[i] = state;
    state = cameFrom[i * count + state]!;
  }
  return sequence;
}

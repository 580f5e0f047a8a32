import { gearsOf, type Setup } from '@/core/gears';
import type { Recording } from '@/core/recording';

/** A small generator with a seed (mulberry32), so that a ride is the same on every machine. */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

interface RideOptions {
  readonly setup: Setup;
  readonly rolloutMm: number;
  readonly seconds: number;
  readonly seed: number;
  /** Rides on this ring alone. */
  readonly ring?: number;
  /** Goes back and forth between two gears by their places, five seconds each. */
  readonly hold?: readonly [number, number];
}

/** A ride whose gears are known: a wandering speed, a shift when the cadence leaves a band, cadence in whole rpm. */
export function simulateRide({ setup, rolloutMm, seconds, seed, ring, hold }: RideOptions) {
  const random = seededRandom(seed);
  const all = gearsOf(setup);
  const may = all
    .map((gear, place) => ({ gear, place }))
    .filter(({ gear }) => ring === undefined || gear.chainring === ring);
  let current = may[Math.floor(may.length / 2)]!;
  let speed = 5;
  let coastFor = 0;
  let wanted = 5;
  const columns = { speed: [] as number[], cadence: [] as number[], gears: [] as number[], drives: [] as boolean[] };
  let rearShifts = 0;
  let frontShifts = 0;
  for (let s = 0; s < seconds; s += 1) {
    if (random() < 0.02) wanted = 2.5 + 9 * random();
    speed += (wanted - speed) * 0.05 + (random() - 0.5) * 0.1;
    const rpm = (at: { gear: { ratio: number } }) => (speed / (at.gear.ratio * (rolloutMm / 1000))) * 60;
    if (hold) current = { gear: all[hold[Math.floor(s / 5) % 2]!]!, place: hold[Math.floor(s / 5) % 2]! };
    else if (coastFor === 0 && (rpm(current) > 96 || rpm(current) < 74)) {
      // A click on the same ring where that helps, else the other ring.
      const wish = (one: (typeof may)[number]) =>
        Math.abs(Math.log(rpm(one) / 85)) + (one.gear.chainring === current.gear.chainring ? 0 : 0.12);
      const to = may.reduce((best, one) => (wish(one) < wish(best) ? one : best));
      if (to !== current) {
        if (to.gear.chainring === current.gear.chainring) rearShifts += 1;
        else frontShifts += 1;
      }
      current = to;
    }
    if (coastFor > 0) coastFor -= 1;
    else if (!hold && random() < 0.01) coastFor = 3 + Math.floor(8 * random());
    const drives = coastFor === 0;
    columns.speed.push(Math.round(speed * (1 + (random() - 0.5) * 0.01) * 36) / 36);
    columns.cadence.push(drives ? Math.round(rpm(current)) : 0);
    columns.gears.push(current.place);
    columns.drives.push(drives);
  }
  const recording: Recording = {
    timeS: Float64Array.from(columns.speed, (_, i) => i),
    speedMs: Float32Array.from(columns.speed),
    cadenceRpm: Float32Array.from(columns.cadence),
    distanceM: Float64Array.from(columns.speed, (_, i) => 5 * i),
    elevationM: new Float32Array(seconds).fill(NaN),
  };
  return { recording, gears: columns.gears, drives: columns.drives, rearShifts, frontShifts };
}

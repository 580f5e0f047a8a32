import { GRAVITY_MS2 } from '../ride';
import { TURNING_RPM, pauseFromS, type Recording } from '../recording';
import type { RiddenRoad } from './road';
import { itemAt } from '../items';

/** Rider, bike and air that a recording is weighed with. */
export interface RiddenMass {
  /** Rider, bike and load, kg. */
  readonly massKg: number;
  /** kg/m³ */
  readonly airDensityKgM3: number;
  /** Share of the rider's power that reaches the road. */
  readonly efficiency: number;
}

/**
 * Energy from the start of a recording to each sample, J. What is gained in motion and height, and what a coefficient of
 * rolling resistance of 1 and a drag area of 1 m² would have taken; each between samples that follow one another.
 */
export interface RiddenEnergy {
  readonly gainedJ: Float64Array;
  readonly rollingJ: Float64Array;
  readonly airJ: Float64Array;
  /** At the road, by a power meter; absent where none was recorded. */
  readonly givenJ: Float64Array | undefined;
  /** Whether the cranks drive from this sample to the next. */
  readonly drives: Uint8Array;
  /** Whether this sample and the next follow one another, with a speed each. */
  readonly follows: Uint8Array;
}

export function energyOf(recording: Recording, { heightM, grade }: RiddenRoad, mass: RiddenMass): RiddenEnergy {
  const { timeS, speedMs, cadenceRpm, powerW } = recording;
  const { massKg, airDensityKgM3, efficiency } = mass;
  const n = timeS.length;
  const columns = {
    gainedJ: new Float64Array(n),
    rollingJ: new Float64Array(n),
    airJ: new Float64Array(n),
    givenJ: powerW && new Float64Array(n),
    drives: new Uint8Array(n),
    follows: new Uint8Array(n),
  };
  const pauseS = pauseFromS(timeS);
  for (let i = 0; i + 1 < n; i += 1) {
    const [from, to] = [itemAt(speedMs, i), itemAt(speedMs, i + 1)];
    const seconds = itemAt(timeS, i + 1) - itemAt(timeS, i);
    const follows = seconds <= pauseS && !Number.isNaN(from) && !Number.isNaN(to);
    columns.follows[i] = follows ? 1 : 0;
    columns.drives[i] = follows && itemAt(cadenceRpm, i) > TURNING_RPM ? 1 : 0;
    const cosine = 1 / Math.hypot(1, itemAt(grade, i));
    const metres = ((from + to) / 2) * seconds;
    const add = (column: Float64Array, joules: number) => {
      column[i + 1] = itemAt(column, i) + (follows ? joules : 0);
    };
    const rises = itemAt(heightM, i + 1) - itemAt(heightM, i);
    add(columns.gainedJ, (massKg * (to ** 2 - from ** 2)) / 2 + massKg * GRAVITY_MS2 * rises);
    add(columns.rollingJ, massKg * GRAVITY_MS2 * cosine * metres);
    // The mean of v³ between two speeds that change evenly.
    add(columns.airJ, 0.5 * airDensityKgM3 * ((from + to) / 4) * (from ** 2 + to ** 2) * seconds);
    const watts = powerW?.[i] ?? 0;
    // A meter that is silent for a moment gave nothing that is known; stretches with such moments are left out.
    if (columns.givenJ) add(columns.givenJ, Number.isNaN(watts) ? 0 : watts * efficiency * seconds);
  }
  return columns;
}

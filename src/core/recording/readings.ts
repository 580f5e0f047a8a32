import { itemAt } from '../items';
import { STANDING_MS, type Recording } from './recording';

/** Slower cranks do not drive, rpm. */
export const TURNING_RPM = 20;

/** Wheel and cranks both turn: the sample has a ratio. */
export const RATIO = 0;
/** The cranks are said to rest: the rider freewheels, or the reading is missing. */
export const REST = 1;
/** A sensor said nothing, or nothing that can be, for a moment: the gear is what it is by the samples around it. */
export const UNREAD = 2;

/** Sensors are silent for so long at most while the rider goes on driving, s; longer, nothing is known of the gear. */
const SILENT_MAX_S = 10;
/** Cranks that are said to rest for so long at most between two driven samples, s, were not read: riders freewheel longer. */
const LOST_MAX_S = 3;
/** A wheel that stands between two moving samples so near to each other, s, was not read. */
const WHEEL_SILENT_MAX_S = 4;

/** Scatter of what is given in whole rpm, and in steps of 0.1 km/h: a step ÷ √12. */
const CADENCE_ROUNDING_RPM = 1 / Math.sqrt(12);
const SPEED_ROUNDING_MS = 0.1 / 3.6 / Math.sqrt(12);

/** What the sensors say of the gear at each sample. */
export interface Readings {
  /** {@link RATIO}, {@link REST} or {@link UNREAD}. */
  readonly kind: Uint8Array;
  /** ln(speed ÷ (cadence ÷ 60 × rollout)); 0 where the sample has no ratio. */
  readonly logRatio: Float64Array;
  /** Variance of `logRatio` by rounding alone. */
  readonly rounding: Float64Array;
}

/** Reads ratios off the samples of a recording. */
export function readingsOf({ timeS, speedMs, cadenceRpm }: Recording, rolloutMm: number): Readings {
  const n = timeS.length;
  const kind = new Uint8Array(n);
  const logRatio = new Float64Array(n);
  const rounding = new Float64Array(n);
  const rolls = (i: number) => itemAt(speedMs, i) > STANDING_MS;
  let rolledAtS = -Infinity;
  for (let i = 0; i < n; i += 1) {
    const [speed, cadence, time] = [itemAt(speedMs, i), itemAt(cadenceRpm, i), itemAt(timeS, i)];
    if (rolls(i)) {
      rolledAtS = time;
      if (cadence > TURNING_RPM) {
        logRatio[i] = Math.log(speed / ((cadence / 60) * (rolloutMm / 1000)));
        rounding[i] = (CADENCE_ROUNDING_RPM / cadence) ** 2 + (SPEED_ROUNDING_MS / speed) ** 2;
      } else kind[i] = Number.isNaN(cadence) ? UNREAD : REST;
    } else kind[i] = cadence > TURNING_RPM && time - rolledAtS < WHEEL_SILENT_MAX_S ? UNREAD : REST;
  }
  dropShortRests(timeS, kind, rolls);
  endSilences(timeS, kind, rolls);
  return { kind, logRatio, rounding };
}

/** Takes silences for rest that last too long, or after which the wheel does not turn. */
function endSilences(timeS: Float64Array, kind: Uint8Array, rolls: (i: number) => boolean): void {
  for (let i = 0; i < kind.length; i += 1) {
    if (kind[i] !== UNREAD) continue;
    let end = i;
    while (end + 1 < kind.length && kind[end + 1] === UNREAD) end += 1;
    const lastsS = itemAt(timeS, end) - itemAt(timeS, i);
    const stands = !rolls(i) && !(end + 1 < kind.length && rolls(end + 1));
    if (lastsS >= SILENT_MAX_S || stands) kind.fill(REST, i, end + 1);
    i = end;
  }
}

/** Takes rests for lost readings that are shorter than any freewheeling, while the wheel turns. */
function dropShortRests(timeS: Float64Array, kind: Uint8Array, rolls: (i: number) => boolean): void {
  for (let i = 0; i < kind.length; i += 1) {
    if (kind[i] !== REST || !rolls(i)) continue;
    let end = i;
    while (end + 1 < kind.length && kind[end + 1] === REST && rolls(end + 1)) end += 1;
    const isBetween = i > 0 && kind[i - 1] !== REST && end + 1 < kind.length && kind[end + 1] !== REST;
    if (isBetween && itemAt(timeS, end + 1) - itemAt(timeS, i) <= LOST_MAX_S) kind.fill(UNREAD, i, end + 1);
    i = end;
  }
}

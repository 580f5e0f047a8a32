import { within, type Bounds } from '../numbers';
import { message, type Message } from '../message';
import { ELEVATION_M, POWER_W, RIDE_DISTANCE_M, RIDE_SECONDS, TIME_MS } from '../world';
import { firstOf, itemAt, lastOf, definite } from '../items';

/**
 * A ride as it was recorded: columns of one length, a row a sample. NaN where a sample has no such
 * value.
 */
export interface Recording {
  /** Seconds since the first sample, rising. */
  readonly timeS: Float64Array;
  readonly speedMs: Float32Array;
  readonly cadenceRpm: Float32Array;
  /** Since the first sample. */
  readonly distanceM: Float64Array;
  readonly elevationM: Float32Array;
  /** At the cranks, W; absent where none was recorded. */
  readonly powerW?: Float32Array;
  /** Degrees north and east; absent where none were recorded, or they are not kept. */
  readonly positions?: { readonly latitudeDeg: Float64Array; readonly longitudeDeg: Float64Array };
  /** Teeth of the gear where the shifting system recorded it, 0 where it did not; absent where it never did. */
  readonly recordedGear?: { readonly chainringT: Uint8Array; readonly cogT: Uint8Array };
}

/** One sample as in a file; absent fields are unknown. */
export interface RawSample {
  /** Milliseconds since 1970; absent in a route, which was never ridden. */
  readonly timeMs?: number | undefined;
  readonly speedMs?: number | undefined;
  readonly cadenceRpm?: number | undefined;
  /** Since the start. */
  readonly distanceM?: number | undefined;
  readonly elevationM?: number | undefined;
  readonly latitudeDeg?: number | undefined;
  readonly longitudeDeg?: number | undefined;
  /** At the cranks. */
  readonly powerW?: number | undefined;
  /** Begins a stretch that does not go on from the point before: what lies between is no way that was ridden. */
  readonly beginsSegment?: boolean | undefined;
  /** Teeth of the gear that the shifting system recorded last. */
  readonly chainringT?: number | undefined;
  readonly cogT?: number | undefined;
}

/** Counts of what was left out or interpolated, for the report. */
export interface RecordingNotes {
  /** Samples without a time, which are left out. */
  readonly untimed: number;
  /** Samples at the same time as the one before. */
  readonly repeated: number;
  /** Speeds that no bicycle does. */
  readonly absurdSpeeds: number;
  readonly absurdCadences: number;
  /** Heights that no road has, such as the value of a device for "no data". */
  readonly absurdHeights: number;
  readonly absurdPowers: number;
  /** Pauses, and their seconds together. */
  readonly pauses: number;
  readonly pausedS: number;
  readonly speedFrom: 'file' | 'distance' | 'positions';
  /** Unit of the speeds of the file, where distance or positions show that it is not m/s. */
  readonly speedUnit: 'm/s' | 'km/h' | 'mph';
}

export interface RecordingFailure {
  readonly kind: 'empty' | 'noTime' | 'timeBackwards' | 'noSpeed' | 'noCadence' | 'absurd';
  readonly message: Message;
}

type RecordingResult =
  | {
      readonly ok: true;
      readonly recording: Recording;
      /** Of the first sample, milliseconds since 1970. */
      readonly startedAtMs: number;
      readonly notes: RecordingNotes;
    }
  | { readonly ok: false; readonly failure: RecordingFailure };

/** Faster than this is a fault of the recording, m/s (144 km/h). */
const ABSURD_SPEED_MS = 40;
/** Faster cranks are a fault, rpm. */
const ABSURD_CADENCE_RPM = 220;
/** Samples farther apart than this, seconds, and than so many usual steps: the ride was paused between them. */
const PAUSE_S = 15;
const PAUSE_STEPS = 4;
/** A ride of which more than this share has no time is a route. */
const UNTIMED_SHARE_MAX = 0.1;
/** A ride of which more than this share is faulty is no ride. */
const FAULTY_SHARE_MAX = 0.5;
/** Below this speed the bicycle counts as stopped, m/s. */
export const STANDING_MS = 0.5;

const refuse = (kind: RecordingFailure['kind'], text: Message): RecordingResult => ({
  ok: false,
  failure: { kind, message: text },
});

/** Builds a recording from samples in file order; all repairs are listed in the notes. */
export function recordingOf(samples: readonly RawSample[]): RecordingResult {
  if (samples.length === 0) return refuse('empty', message('recording.empty'));
  const timed = samples.filter(({ timeMs }) => timeMs !== undefined);
  // A point without a time is a fault of the file; a route has none.
  if (timed.length < (1 - UNTIMED_SHARE_MAX) * samples.length || timed.length === 0) {
    return refuse('noTime', message('recording.noTime'));
  }
  const first = definite(firstOf(timed).timeMs);
  const kept: RawSample[] = [];
  for (const [i, sample] of timed.entries()) {
    const before = kept.at(-1)?.timeMs ?? -Infinity;
    if (definite(sample.timeMs) < before) {
      const seconds = Math.round((before - definite(sample.timeMs)) / 1000);
      return refuse('timeBackwards', message('recording.timeBackwards', { seconds, sample: i + 1 }));
    }
    if (definite(sample.timeMs) > before) kept.push(sample);
  }
  const outside = [firstOf(kept), lastOf(kept)].find(({ timeMs }) => !within(definite(timeMs), TIME_MS));
  if (outside) {
    return refuse('absurd', message('recording.timeOutside', { ms: definite(outside.timeMs) }));
  }
  const n = kept.length;
  const lastsS = (definite(lastOf(kept).timeMs) - first) / 1000;
  if (!within(lastsS, RIDE_SECONDS)) {
    const values = { days: lastsS / 86_400, most: RIDE_SECONDS.max / 86_400 };
    return refuse('absurd', message('recording.tooLong', values));
  }
  const timeS = Float64Array.from(kept, ({ timeMs }) => (definite(timeMs) - first) / 1000);
  const distance = distances(kept);
  const fromFile = kept.some(({ speedMs }) => speedMs !== undefined);
  if (!fromFile && !distance) return refuse('noSpeed', message('recording.noSpeed'));
  const rawSpeed = fromFile
    ? Float32Array.from(kept, ({ speedMs }) => speedMs ?? NaN)
    : speedsOf(definite(distance).metres, timeS);
  if (!kept.some(({ cadenceRpm }) => cadenceRpm !== undefined)) {
    return refuse('noCadence', message('recording.noCadence'));
  }
  const unit = fromFile && distance ? unitOf(rawSpeed, speedsOf(distance.metres, timeS)) : 'm/s';
  const speed = cleaned(unit === 'm/s' ? rawSpeed : rawSpeed.map((value) => value * UNITS[unit]), {
    min: 0,
    max: ABSURD_SPEED_MS,
  });
  const cadence = cleaned(
    Float32Array.from(kept, ({ cadenceRpm }) => cadenceRpm ?? NaN),
    { min: 0, max: ABSURD_CADENCE_RPM },
  );
  const height = cleaned(
    Float32Array.from(kept, ({ elevationM }) => elevationM ?? NaN),
    ELEVATION_M,
  );
  const power = cleaned(
    Float32Array.from(kept, ({ powerW }) => powerW ?? NaN),
    POWER_W,
  );
  if (speed.absurd > FAULTY_SHARE_MAX * n) {
    const values = { faulty: speed.absurd, samples: n, most: ABSURD_SPEED_MS * 3.6 };
    return refuse('absurd', message('recording.speedsOutside', values));
  }
  const distanceM = distance?.metres ?? ridden(speed.values, timeS);
  if (!within(lastOf(distanceM), RIDE_DISTANCE_M)) {
    const values = { distance: lastOf(distanceM) / 1000, most: RIDE_DISTANCE_M.max / 1000 };
    return refuse('absurd', message('recording.tooFar', values));
  }
  if (!speed.values.some((value) => value > STANDING_MS)) {
    return refuse('absurd', message('recording.standsStill'));
  }
  const pauseS = pauseFromS(timeS);
  const gaps = [...timeS].map((time, i) => (timeS[i + 1] ?? time) - time).filter((gap) => gap > pauseS);
  return {
    ok: true,
    startedAtMs: first,
    recording: {
      timeS,
      speedMs: speed.values,
      cadenceRpm: cadence.values,
      distanceM,
      elevationM: height.values,
      ...(kept.some(({ powerW }) => powerW !== undefined) && { powerW: power.values }),
      ...(kept.some(({ latitudeDeg }) => latitudeDeg !== undefined) && { positions: positionsOf(kept) }),
      ...(kept.some(({ cogT }) => cogT !== undefined) && {
        recordedGear: {
          chainringT: Uint8Array.from(kept, ({ chainringT }) => chainringT ?? 0),
          cogT: Uint8Array.from(kept, ({ cogT }) => cogT ?? 0),
        },
      }),
    },
    notes: {
      untimed: samples.length - timed.length,
      repeated: timed.length - n,
      absurdSpeeds: speed.absurd,
      absurdCadences: cadence.absurd,
      absurdHeights: height.absurd,
      absurdPowers: power.absurd,
      pauses: gaps.length,
      pausedS: gaps.reduce((sum, gap) => sum + gap, 0),
      speedFrom: fromFile ? 'file' : definite(distance).from,
      speedUnit: unit,
    },
  };
}

/** Whether every figure of a recording that was kept is one that a ride can have. */
export function isPlausible(recording: Recording): boolean {
  const { timeS, speedMs, cadenceRpm, distanceM, elevationM, powerW, positions } = recording;
  const isRising = (values: Float64Array, most: number) =>
    values.every((value, i) => value >= (values[i - 1] ?? 0) && value <= most);
  const isWithin = (values: Float32Array | Float64Array, bounds: Bounds) =>
    values.every((value: number) => Number.isNaN(value) || within(value, bounds));
  return (
    isRising(timeS, RIDE_SECONDS.max) &&
    isRising(distanceM, RIDE_DISTANCE_M.max) &&
    isWithin(speedMs, { min: 0, max: ABSURD_SPEED_MS }) &&
    isWithin(cadenceRpm, { min: 0, max: ABSURD_CADENCE_RPM }) &&
    isWithin(elevationM, ELEVATION_M) &&
    (!powerW || isWithin(powerW, POWER_W)) &&
    (!positions || (isWithin(positions.latitudeDeg, LATITUDE_DEG) && isWithin(positions.longitudeDeg, LONGITUDE_DEG)))
  );
}

const LATITUDE_DEG: Bounds = { min: -90, max: 90 };
const LONGITUDE_DEG: Bounds = { min: -180, max: 180 };

/** Positions of the samples; NaN where a sample has none, or one that is no place on Earth. */
function positionsOf(samples: readonly RawSample[]): NonNullable<Recording['positions']> {
  const isPlace = ({ latitudeDeg = NaN, longitudeDeg = NaN }: RawSample) =>
    within(latitudeDeg, LATITUDE_DEG) && within(longitudeDeg, LONGITUDE_DEG);
  return {
    latitudeDeg: Float64Array.from(samples, (sample) => (isPlace(sample) ? definite(sample.latitudeDeg) : NaN)),
    longitudeDeg: Float64Array.from(samples, (sample) => (isPlace(sample) ? definite(sample.longitudeDeg) : NaN)),
  };
}

/** The same ride without where it went. */
export function withoutPositions({ positions: _, ...recording }: Recording): Recording {
  return recording;
}

/** Duration of each sample, s: until the next; one second before a pause and at the end. */
export function durationsS(timeS: Float64Array): Float64Array {
  const pauseS = pauseFromS(timeS);
  return timeS.map((time, i) => {
    const gap = (timeS[i + 1] ?? Infinity) - time;
    return gap > pauseS ? 1 : gap;
  });
}

/** Time between two samples from which on the ride was paused, s: devices record from once a second to once a minute. */
export function pauseFromS(timeS: Float64Array): number {
  return Math.max(PAUSE_S, PAUSE_STEPS * usualStepS(timeS));
}

/** Median time between two samples, s. */
export function usualStepS(timeS: Float64Array): number {
  const steps = timeS.subarray(1).map((time, i) => time - itemAt(timeS, i));
  return steps.sort()[steps.length >> 1] ?? 1;
}

/** Metres a second of one of each unit. */
const UNITS = { 'm/s': 1, 'km/h': 1 / 3.6, mph: 0.44704 } as const;
/** A unit is recognized where speeds are within this share of what the way says. */
const UNIT_TOLERANCE = 0.12;
/** Moving samples that are compared at least. */
const UNIT_SAMPLES_MIN = 20;

/** Unit of given speeds, by the median of their quotients with those that follow from the way; m/s where it is none of the others. */
function unitOf(given: Float32Array, ridden: Float32Array): keyof typeof UNITS {
  const quotients = given
    .map((speed, i) => speed / itemAt(ridden, i))
    .filter((one, i) => itemAt(ridden, i) > 1 && one > 0);
  if (quotients.length < UNIT_SAMPLES_MIN) return 'm/s';
  const median = itemAt(quotients.sort(), quotients.length >> 1);
  const is = (unit: keyof typeof UNITS) => Math.abs(median * UNITS[unit] - 1) < UNIT_TOLERANCE;
  return is('km/h') ? 'km/h' : is('mph') ? 'mph' : 'm/s';
}

function cleaned(values: Float32Array, bounds: Bounds): { readonly values: Float32Array; readonly absurd: number } {
  let absurd = 0;
  const kept = values.map((value) => {
    if (Number.isNaN(value) || within(value, bounds)) return value;
    absurd += 1;
    return NaN;
  });
  return { values: kept, absurd };
}

/** Metres since the start: as the file counts them, else along the positions. */
function distances(
  samples: readonly RawSample[],
): { readonly metres: Float64Array; readonly from: 'distance' | 'positions' } | undefined {
  const counted = samples.filter(({ distanceM }) => distanceM !== undefined).length;
  const placed = samples.filter(({ latitudeDeg }) => latitudeDeg !== undefined).length;
  if (counted > samples.length / 2) {
    let last = 0;
    let offset = -definite(definite(samples.find(({ distanceM }) => distanceM !== undefined)).distanceM);
    const metres = Float64Array.from(samples, ({ distanceM }, i) => {
      if (distanceM === undefined) return last;
      // A counter that begins anew, as some do with each lap, goes on from where it was; one low value is a fault.
      const isLow = (metres: number) => metres + offset < last - COUNTER_SCATTER_M;
      if (isLow(distanceM) && isLow(nextDistanceM(samples, i) ?? distanceM)) offset = last - distanceM;
      last = Math.max(last, distanceM + offset);
      return last;
    });
    return { metres, from: 'distance' };
  }
  if (placed < 2 || placed < samples.length / 2) return undefined;
  return { metres: alongPositionsM(samples), from: 'positions' };
}

/** The distance of the first of the next three samples that has one. */
const nextDistanceM = (samples: readonly RawSample[], i: number) =>
  samples.slice(i + 1, i + 4).find(({ distanceM }) => distanceM !== undefined)?.distanceM;

/** Metres by which a counter may fall without having begun anew. */
const COUNTER_SCATTER_M = 50;

/** Mean radius of the Earth (IUGG), m. */
const EARTH_RADIUS_M = 6_371_008.8;

/** Great-circle distance of two places (haversine), m. */
export function haversineM(
  a: { readonly latitudeDeg: number; readonly longitudeDeg: number },
  b: { readonly latitudeDeg: number; readonly longitudeDeg: number },
): number {
  const rad = (deg: number) => (deg * Math.PI) / 180;
  const half = (x: number) => Math.sin(x / 2) ** 2;
  const h =
    half(rad(b.latitudeDeg - a.latitudeDeg)) +
    Math.cos(rad(a.latitudeDeg)) * Math.cos(rad(b.latitudeDeg)) * half(rad(b.longitudeDeg - a.longitudeDeg));
  return 2 * EARTH_RADIUS_M * Math.asin(Math.min(1, Math.sqrt(h)));
}

/** Metres along the positions; a point without one adds nothing, nor does the way to a new segment. */
export function alongPositionsM(samples: readonly RawSample[]): Float64Array {
  let metres = 0;
  let last: { latitudeDeg: number; longitudeDeg: number } | undefined;
  return Float64Array.from(samples, ({ latitudeDeg, longitudeDeg, beginsSegment }) => {
    if (beginsSegment) last = undefined;
    if (latitudeDeg === undefined || longitudeDeg === undefined) return metres;
    const here = { latitudeDeg, longitudeDeg };
    if (last) metres += haversineM(last, here);
    last = here;
    return metres;
  });
}

/** Speed as the slope of distance over the samples on both sides. */
function speedsOf(distanceM: Float64Array, timeS: Float64Array): Float32Array {
  const most = 2 * pauseFromS(timeS);
  return Float32Array.from(distanceM, (_, i) => {
    const [a, b] = [Math.max(0, i - 1), Math.min(distanceM.length - 1, i + 1)];
    const seconds = itemAt(timeS, b) - itemAt(timeS, a);
    return seconds > 0 && seconds <= most ? (itemAt(distanceM, b) - itemAt(distanceM, a)) / seconds : NaN;
  });
}

function ridden(speedMs: Float32Array, timeS: Float64Array): Float64Array {
  const lasts = durationsS(timeS);
  let metres = 0;
  return Float64Array.from(speedMs, (speed, i) => {
    const here = metres;
    metres += (Number.isNaN(speed) ? 0 : speed) * itemAt(lasts, i);
    return here;
  });
}

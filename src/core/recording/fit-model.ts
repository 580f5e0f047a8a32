import type { Gear, Setup } from '../gears';
import { clamp } from '../numbers';
import { MORE_CLICKS } from './gear-changes';
import { GearModel, type ModelSums, type RideModel } from './gear-model';
import type { Readings } from './readings';

/** What is assumed of a ride before its readings are looked at, with chances from one second to the next. */
const FIRST: RideModel = {
  scatter: 0.02,
  outliers: 0.03,
  dropped: 0.02,
  atRest: 0.65,
  stops: 0.04,
  starts: 0.12,
  oneClick: 0.012,
  rowChange: 0.0003,
};

/** Bounds of each figure: outside them the readings tell no gears apart, or too little of the figure is seen. */
const BOUNDS: Readonly<Record<keyof RideModel, readonly [number, number]>> = {
  scatter: [0.006, 0.12],
  outliers: [0.003, 0.04],
  dropped: [0.002, 0.35],
  atRest: [0.4, 0.85],
  stops: [0.003, 0.4],
  starts: [0.02, 0.6],
  oneClick: [0.002, 0.1],
  rowChange: [0.0001, 0.001],
};

/** What is assumed counts as so many samples that were seen. */
const PRIOR_SAMPLES = 60;
/**
 * The same of changes of row: an hour at one sample a second. They are rare, and the same ratio on another ring explains
 * a jump of several cogs as well, so a few doubtful ones would call for more.
 */
const PRIOR_ROW_SAMPLES = 3600;
/** Samples of a stretch, and stretches over a ride: enough for figures of a whole ride, whatever its length. */
const STRETCH = 800;
const STRETCHES = 4;
const ROUNDS = 6;
/** A model is good enough where no figure changes by more than this share. */
const CHANGE_MIN = 0.08;

/** A model, and how well it explains the readings. */
interface FittedModel {
  readonly model: RideModel;
  /** Of the stretches of the ride that it was fitted to. */
  readonly logLikelihood: number;
}

/**
 * Fits the model of a ride to its readings by expectation–maximization (Baum and others, Ann. Math. Stat. 1970), on stretches
 * spread over the ride.
 * @param stepS usual time between two samples, seconds
 */
export function fitModel(
  gears: readonly Gear[],
  setup: Setup,
  readings: Readings,
  stepS: number,
  recorded?: Int16Array,
): FittedModel {
  const n = readings.kind.length;
  const starts =
    n <= STRETCH * STRETCHES
      ? [0]
      : Array.from({ length: STRETCHES }, (_, k) => Math.floor((k * (n - STRETCH)) / (STRETCHES - 1)));
  const length = n <= STRETCH * STRETCHES ? n : STRETCH;
  const first = within({
    ...FIRST,
    stops: FIRST.stops * stepS,
    starts: FIRST.starts * stepS,
    oneClick: FIRST.oneClick * stepS,
    rowChange: FIRST.rowChange * stepS,
  });
  let fit: FittedModel = { model: first, logLikelihood: -Infinity };
  for (let round = 0; round < ROUNDS; round += 1) {
    const sums = noSums();
    const fitted = new GearModel(gears, setup, readings, fit.model, recorded);
    for (const start of starts) fitted.addTo(sums, start, Math.min(n, start + length));
    const next = bestModel(sums, first, setup);
    const change = Math.max(...KEYS.map((key) => Math.abs(next[key] / fit.model[key] - 1)));
    fit = { model: next, logLikelihood: sums.logLikelihood };
    if (change < CHANGE_MIN) break;
  }
  return fit;
}

const KEYS = Object.keys(FIRST) as (keyof RideModel)[];

const within = (model: RideModel): RideModel =>
  Object.fromEntries(KEYS.map((key) => [key, clamp(model[key], ...BOUNDS[key])])) as unknown as RideModel;

const noSums = (): ModelSums => ({
  samples: 0,
  driven: 0,
  fitting: 0,
  squares: 0,
  droppedWhileDriving: 0,
  restWhileFree: 0,
  turningWhileFree: 0,
  stops: 0,
  staysDriving: 0,
  starts: 0,
  staysFree: 0,
  clicks: 0,
  rowChanges: 0,
  logLikelihood: 0,
});

/** The figures that explain the sums best, drawn a little towards those that were assumed first. */
function bestModel(sums: ModelSums, first: RideModel, { chainrings, hubStages }: Setup): RideModel {
  const share = (part: number, rest: number, assumed: number) =>
    (part + PRIOR_SAMPLES * assumed) / (part + rest + PRIOR_SAMPLES);
  const rate = (seen: number, assumed: number, priorSamples: number) =>
    (seen + priorSamples * assumed) / (sums.samples + priorSamples);
  const squares = sums.squares + PRIOR_SAMPLES * first.scatter ** 2;
  const rows = chainrings.length * hubStages.length;
  return within({
    scatter: Math.sqrt(Math.max(0, squares / (sums.fitting + PRIOR_SAMPLES))),
    outliers: share(sums.driven - sums.fitting, sums.fitting, first.outliers),
    dropped: share(sums.droppedWhileDriving, sums.driven, first.dropped),
    atRest: share(sums.restWhileFree, sums.turningWhileFree, first.atRest),
    stops: share(sums.stops, sums.staysDriving, first.stops),
    starts: share(sums.starts, sums.staysFree, first.starts),
    oneClick: rate(sums.clicks / NEIGHBOURS, first.oneClick, PRIOR_SAMPLES),
    rowChange: rows > 1 ? rate(sums.rowChanges / COGS_OF_ROW, first.rowChange, PRIOR_ROW_SAMPLES) : first.rowChange,
  });
}

/** Clicks a chance of one click: to both sides, and more than one (a geometric series). */
const NEIGHBOURS = 2 / (1 - MORE_CLICKS);
/** Changes of row a chance of one: to the same cog, and to those beside it on both sides. */
const COGS_OF_ROW = 1 + (2 * MORE_CLICKS) / (1 - MORE_CLICKS);

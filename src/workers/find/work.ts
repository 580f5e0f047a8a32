import type { Bytes } from '../../records/bytes';
import {
  joinEquals,
  layoutAdvice,
  leastChange,
  reasons,
  roadOfRecordings,
  roadOfRoute,
  searchSetups,
  valuesOf,
  wantedCogs,
  type FindInput,
  type FindRiding,
  type FindRoad,
  type Found,
} from '../../core/find';
import type { Recording } from '../../core/recording';
import { unpackRecording } from '../../formats/ride/pack';
import type { SearchRequest, SearchResponse, FindWork, OnStep, RoadRequest } from './protocol';
import { t } from '../words';
import { firstOf } from '../../core/items';

/** Interval between progress reports. */
const REPORT_MS = 250;
/** Maximum number of setups in a progress report, so that the page stays responsive to cancelling. */
const REPORTED = 40;

/** The work itself, independent of where it runs; tests call it directly. */
export const findWork: FindWork = {
  find: (asked, onStep) => new Promise((resolve) => resolve(find(asked, onStep))),
  wantedCogs: ({ packed, chainring, rolloutMm }) =>
    new Promise((resolve) => resolve(wantedCogs(packed.map(unpacked), chainring, rolloutMm))),
};

function find({ input: sent, road, layouts }: SearchRequest, onStep: OnStep): SearchResponse {
  const input: FindInput = { ...sent, road: road && roadOf(road, sent.riding) };
  const result = run(input, onStep);
  const least = leastChange(input);
  const rows = joinEquals(result.front);
  return {
    result,
    rows,
    reasons: reasons(
      rows.map(({ lead }) => lead),
      input.aims,
    ),
    advice: layoutAdvice(result, input.aims, layouts),
    least,
    present: presentOf(least.present, input),
  };
}

function run(input: FindInput, onStep: OnStep): SearchResponse['result'] {
  const search = searchSetups(input);
  let reportedAt = performance.now();
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
    const now = performance.now();
    if (now - reportedAt < REPORT_MS) continue;
    const front = [...step.value.front()].sort((a, b) => firstOf(a.values) - firstOf(b.values));
    onStep({ ...step.value, front: front.slice(0, REPORTED), frontCount: front.length });
    reportedAt = performance.now();
  }
}

function presentOf(facts: SearchResponse['least']['present'], { aims, road }: FindInput): Found {
  const outOfBandS =
    road && aims.includes('outOfBand') ? road.outOfBandS(facts.chainrings, facts.cassette.cogs) : undefined;
  return { ...facts, outOfBandS, values: valuesOf(facts, aims, outOfBandS ?? 0) };
}

function roadOf(road: RoadRequest, riding: FindRiding): FindRoad {
  if (road.kind === 'route') return roadOfRoute(road.profile, road.resistance, road.brief, riding);
  return roadOfRecordings([unpacked(road.packed)], riding);
}

function unpacked(packed: Bytes): Recording {
  const recording = unpackRecording(packed);
  if (!recording) throw new Error(t('samplesDamaged'));
  return recording;
}

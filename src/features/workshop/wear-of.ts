import { fittedOn, partKm, partKmAt, type Trip } from '../../core/parts';
import { kmPerDay, wearForecast, wearLimitPercent, whenAtKm, type WearAnswer, type WearReading } from '../../core/job';
import type { PartRecord } from '../../records';

/** What the readings of a chain come to. */
export interface ChainWear {
  readonly readings: readonly WearReading[];
  /** Kilometres of the chain now. */
  readonly nowKm: number;
  readonly speeds: number | undefined;
  readonly limitPercent: number;
  readonly answer: WearAnswer;
  /** When it comes to the limit, and the earliest and latest by the spread; undefined where nothing was ridden lately. */
  readonly limitAtMs: number | undefined;
  readonly spreadMs: readonly [number, number] | undefined;
}

export function chainWearOf(part: PartRecord, trips: readonly Trip[], nowMs: number): ChainWear {
  const readings = part.wear
    .map(({ atMs, wearPercent, km }) => ({ atMs, wearPercent, km: km ?? partKmAt(part, trips, atMs) }))
    .sort((a, b) => a.atMs - b.atMs);
  const last = readings.at(-1);
  const logged = partKm(part, trips);
  // A distance read off the bike takes precedence over the log and continues from there.
  const nowKm = last ? Math.max(last.km, last.km + logged - partKmAt(part, trips, last.atMs)) : logged;
  const speeds = part.data.chainSpeeds;
  const limitPercent = wearLimitPercent(speeds);
  const answer = wearForecast(readings, limitPercent);
  const bikes = fittedOn(part);
  const perDay = kmPerDay(
    trips.filter(({ bikeId }) => bikes.includes(bikeId)),
    nowMs,
    readings[0]?.atMs ?? nowMs,
  );
  const when = (km: number) => (perDay === undefined ? undefined : whenAtKm(nowKm, km, perDay, nowMs));
  const forecast = answer.kind === 'forecast' ? answer.forecast : undefined;
  const [from, to] = forecast?.spreadKm ? forecast.spreadKm.map(when) : [];
  return {
    readings,
    nowKm,
    speeds,
    limitPercent,
    answer,
    limitAtMs: forecast && when(forecast.limitKm),
    spreadMs: from === undefined || to === undefined ? undefined : [from, to],
  };
}

import type { RawSample } from '../../core/recording';
import { itemAt } from '../../core/items';
import { t } from '../text';
import { readFitMessages, isFit, type FitMessage } from './fit-messages';
import { POINTS_MAX, fileFailure, tooLong, type TrackResult } from './result';

/** Kinds of messages. */
const SESSION = 18;
const RECORD = 20;
const EVENT = 21;

/** Seconds from 1970 to the epoch of the format, the end of 1989. */
const EPOCH_S = 631_065_600;
const SEMICIRCLES_A_DEGREE = 2 ** 31 / 180;
/** Kinds of sport that are cycling, with a motor or without. */
const CYCLING = new Set([2, 21]);
/** Kinds of events that a shifting system records. */
const FRONT_GEAR_CHANGE = 42;
const REAR_GEAR_CHANGE = 43;

/** Part of a recording in one sport, milliseconds since 1970. */
interface Session {
  readonly sport: number;
  readonly fromMs: number;
  readonly toMs: number;
}

/** A change of gear that the bicycle recorded, in teeth. */
interface GearChange {
  readonly atMs: number;
  readonly chainringT: number;
  readonly cogT: number;
}

/** A FIT activity, or several one after the other in one file. */
export function readFit(bytes: Uint8Array): TrackResult {
  let samples: RawSample[] = [];
  const sessions: Session[] = [];
  const gearChanges: GearChange[] = [];
  const remarks: string[] = [];
  let files = 0;
  for (let at = 0; isFit(bytes, at);) {
    files += 1;
    const { end, checksumWrong, missingBytes, broken } = readFitMessages(bytes, at, (message) => {
      if (message.kind === RECORD) {
        if (samples.length <= POINTS_MAX) samples.push(sampleOf(message));
      } else if (message.kind === SESSION) addTo(sessions, sessionOf(message));
      else if (message.kind === EVENT) addTo(gearChanges, gearChangeOf(message));
    });
    if (checksumWrong) remarks.push(t('ride.fitChecksum'));
    else if (broken || missingBytes > 0) remarks.push(t('ride.fitCut', { records: samples.length }));
    at = end;
  }
  if (samples.length > POINTS_MAX) return tooLong();
  if (samples.length === 0)
    return remarks.length > 0
      ? fileFailure('damaged', t('ride.fitBroken'))
      : fileFailure('noPoints', t('ride.fitEmpty'));
  if (files > 1) remarks.push(t('ride.fitChained', { files }));
  const cycling = sessions.filter(({ sport }) => CYCLING.has(sport));
  if (cycling.length > 0 && cycling.length < sessions.length) {
    const all = samples.length;
    samples = samples.filter(({ timeMs = NaN }) =>
      cycling.some(({ fromMs, toMs }) => timeMs >= fromMs && timeMs <= toMs),
    );
    remarks.push(t('ride.otherSports', { left: all - samples.length, records: all }));
    if (samples.length === 0) return fileFailure('noPoints', t('ride.fitEmpty'));
  }
  return { ok: true, track: { name: undefined, samples: withGears(samples, gearChanges), remarks } };
}

function addTo<T>(list: T[], item: T | undefined): void {
  if (item !== undefined && list.length <= POINTS_MAX) list.push(item);
}

const msOf = (seconds: number | undefined) => (seconds === undefined ? undefined : (seconds + EPOCH_S) * 1000);

const scaled = (raw: number | undefined, scale: number, offset = 0) =>
  raw === undefined ? undefined : raw / scale - offset;

/** Scales and offsets are those of the public profile of the format. */
function sampleOf(message: FitMessage): RawSample {
  const wholeRpm = message.value(4);
  return {
    timeMs: msOf(message.value(253)),
    speedMs: scaled(message.value(73), 1000) ?? scaled(message.value(6), 1000),
    // A field of its own has fractions; else they stand beside whole turns.
    cadenceRpm:
      scaled(message.value(52), 256) ??
      (wholeRpm === undefined ? undefined : wholeRpm + (scaled(message.value(53), 128) ?? 0)),
    distanceM: scaled(message.value(5), 100),
    elevationM: scaled(message.value(78), 5, 500) ?? scaled(message.value(2), 5, 500),
    latitudeDeg: scaled(message.value(0), SEMICIRCLES_A_DEGREE),
    longitudeDeg: scaled(message.value(1), SEMICIRCLES_A_DEGREE),
    powerW: message.value(7),
  };
}

function sessionOf({ value }: FitMessage): Session | undefined {
  const [fromMs, sport] = [msOf(value(2)), value(5)];
  if (fromMs === undefined || sport === undefined) return undefined;
  const elapsed = value(7);
  const toMs = elapsed === undefined ? msOf(value(253)) : fromMs + elapsed;
  return { sport, fromMs, toMs: toMs ?? Infinity };
}

/** A change of gear: teeth in fields of their own, or in the four bytes of the event (from the lowest: rear position, rear teeth, front position, front teeth). */
function gearChangeOf({ value }: FitMessage): GearChange | undefined {
  const [event, atMs, data] = [value(0), msOf(value(253)), value(3)];
  if ((event !== FRONT_GEAR_CHANGE && event !== REAR_GEAR_CHANGE) || atMs === undefined) return undefined;
  const chainringT = value(10) ?? (data === undefined ? 0 : data >>> 24);
  const cogT = value(12) ?? (data === undefined ? 0 : (data >>> 8) & 0xff);
  return chainringT > 0 && cogT > 0 ? { atMs, chainringT, cogT } : undefined;
}

/** Gives each sample the gear of the last change at or before it. */
function withGears(samples: readonly RawSample[], changes: readonly GearChange[]): readonly RawSample[] {
  if (changes.length === 0) return samples;
  const inOrder = [...changes].sort((a, b) => a.atMs - b.atMs);
  let next = 0;
  return samples.map((sample) => {
    while (next < inOrder.length && itemAt(inOrder, next).atMs <= (sample.timeMs ?? -Infinity)) next += 1;
    const { chainringT, cogT } = inOrder[next - 1] ?? { chainringT: undefined, cogT: undefined };
    return chainringT === undefined ? sample : { ...sample, chainringT, cogT };
  });
}

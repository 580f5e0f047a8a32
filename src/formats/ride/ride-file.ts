import {
  alongPositionsM,
  recordingOf,
  type Recording,
  type RecordingFailure,
  type RecordingNotes,
} from '../../core/recording';
import { elevationProfile, type ElevationProfile, type ProfileFailure, type ProfileNotes } from '../../core/ride';
import { NAME_LENGTH_MAX, type CsvMapping } from '../../records';
import { readFit } from './fit';
import { isFit } from './fit-messages';
import { readGeoJson } from './geojson';
import { readGpx } from './gpx';
import { gunzipBounded } from './gunzip';
import { readKml } from './kml';
import { fileFailure, type FileFailure, type OnProgress, type Track, type TrackResult } from './result';
import { guessMapping, readCsvHead, readRideCsv, type CsvHead } from './ride-csv';
import { RIDE_FILE_BYTES_MAX, sizeMessage } from './size';
import { readTcx } from './tcx';
import { encodingOf, startOf } from './text-of-bytes';
import { textOf } from '../../messages/core';
import { t } from '../text';
import { itemAt, definite } from '../../core/items';

type RideFileKind = 'GPX' | 'TCX' | 'FIT' | 'CSV' | 'KML' | 'GeoJSON';

/** Why a file gave no ride. */
interface RideFailure {
  readonly kind: FileFailure['kind'] | RecordingFailure['kind'] | ProfileFailure['kind'];
  readonly message: string;
}

/** What a file gives: a ride, a route, or both; or why nothing. */
export type RideFileResult =
  | {
      readonly kind: 'ride';
      readonly format: RideFileKind;
      readonly name: string;
      readonly startedAtMs: number;
      readonly recording: Recording;
      readonly notes: RecordingNotes;
      /** What was left out of the file, or may be wrong in it. */
      readonly remarks: readonly string[];
      /** Where it has heights enough to be ridden again. */
      readonly profile: ElevationProfile | undefined;
    }
  | {
      readonly kind: 'route';
      readonly format: RideFileKind;
      readonly name: string;
      readonly profile: ElevationProfile;
      readonly notes: ProfileNotes;
      /** Why it is no ride as well. */
      readonly notRide: string;
    }
  | { readonly kind: 'needsMapping'; readonly head: CsvHead }
  | { readonly kind: 'failed'; readonly failure: RideFailure };

interface RideFileOptions {
  /** How the columns of tables with these headings are read, by the headings joined with a tab. */
  readonly mappings?: Readonly<Record<string, CsvMapping>>;
  readonly onProgress?: OnProgress;
}

export const mappingKey = ({ headings }: CsvHead) => headings.join('\t');

/** Reads a file by its content; its name does not matter. */
export async function readRideFile(
  fileName: string,
  bytes: Uint8Array,
  { mappings = {}, onProgress }: RideFileOptions = {},
): Promise<RideFileResult> {
  if (bytes.length === 0) return failed('empty', t('ride.empty'));
  if (bytes.length > RIDE_FILE_BYTES_MAX) return failed('tooLarge', sizeMessage(bytes.length));
  if (bytes[0] === 0x1f && bytes[1] === 0x8b) {
    const unpacked = gunzipBounded(bytes);
    if (!unpacked.ok) return { kind: 'failed', failure: unpacked.failure };
    return readRideFile(fileName.replace(/\.gz$/i, ''), unpacked.bytes, {
      mappings,
      ...(onProgress && { onProgress }),
    });
  }
  if (bytes[0] === 0x50 && bytes[1] === 0x4b) return failed('archive', t('ride.archive'));
  const name = fileName.replace(/\.(gpx|tcx|fit|csv|kml|geojson|json)$/i, '');
  if (isFit(bytes)) return fromTrack('FIT', name, readFit(bytes));
  const start = startOf(bytes).trimStart();
  if (start.startsWith('<')) {
    if (/<(\w+:)?gpx[\s>]/i.test(start)) return fromTrack('GPX', name, readGpx(bytes, onProgress));
    if (/<(\w+:)?TrainingCenterDatabase[\s>]/.test(start)) return fromTrack('TCX', name, readTcx(bytes, onProgress));
    if (/<(\w+:)?kml[\s>]/i.test(start)) return fromTrack('KML', name, readKml(bytes, onProgress));
    return failed('unknown', t('ride.otherXml'));
  }
  if (start.includes('\0')) return failed('unknown', t('ride.unknown'));
  const { label, begins } = encodingOf(bytes);
  const text = new TextDecoder(label).decode(bytes.subarray(begins));
  if (start.startsWith('{')) return fromTrack('GeoJSON', name, readGeoJson(text));
  const head = readCsvHead(text);
  if (!head.ok) return { kind: 'failed', failure: head.failure };
  const kept = mappings[mappingKey(head.head)];
  const guess = kept ? { mapping: kept, inDoubt: false } : guessMapping(head.head);
  if (!guess) return { kind: 'needsMapping', head: head.head };
  if (guess.inDoubt) return { kind: 'needsMapping', head: { ...head.head, guess: guess.mapping } };
  return fromTrack('CSV', name, readRideCsv(text, guess.mapping));
}

function failed(kind: FileFailure['kind'], message: string): RideFileResult {
  return { kind: 'failed', failure: fileFailure(kind, message).failure };
}

function fromTrack(format: RideFileKind, fileName: string, result: TrackResult): RideFileResult {
  if (!result.ok) return { kind: 'failed', failure: result.failure };
  const { track } = result;
  const name = shortName(track.name ?? '') || shortName(fileName) || t('ride.name');
  const ride = recordingOf(track.samples);
  const profile = profileOf(track, ride.ok ? ride.recording : undefined);
  if (ride.ok) {
    const { recording, startedAtMs, notes } = ride;
    return {
      kind: 'ride',
      format,
      name,
      startedAtMs,
      recording,
      notes,
      remarks: track.remarks ?? [],
      profile: profile.ok ? profile.profile : undefined,
    };
  }
  // Without time or cadence it can still be a route.
  if (ride.failure.kind === 'noTime' || ride.failure.kind === 'noCadence') {
    if (profile.ok) {
      const { profile: heights, notes } = profile;
      return { kind: 'route', format, name, profile: heights, notes, notRide: textOf(ride.failure.message) };
    }
    if (ride.failure.kind === 'noTime') return { kind: 'failed', failure: inWords(profile.failure) };
  }
  return { kind: 'failed', failure: inWords(ride.failure) };
}

const inWords = ({ kind, message }: RecordingFailure | ProfileFailure): RideFailure => ({
  kind,
  message: textOf(message),
});

/** A name as it can be kept, whole characters at most; empty where there is nothing but blanks. */
const shortName = (name: string) => {
  let short = '';
  for (const character of name.trim()) {
    if (short.length + character.length > NAME_LENGTH_MAX) break;
    short += character;
  }
  return short.trim();
};

function profileOf({ samples }: Track, recording: Recording | undefined) {
  const counted = samples.every(({ distanceM }) => distanceM !== undefined);
  const metres =
    recording && recording.distanceM.length === samples.length
      ? recording.distanceM
      : counted
        ? Float64Array.from(samples, ({ distanceM }) => definite(distanceM))
        : alongPositionsM(samples);
  return elevationProfile(samples.map(({ elevationM }, i) => ({ distanceM: itemAt(metres, i), elevationM })));
}

import FitParser from 'fit-file-parser';
import { POINTS_MAX, fileFailure, tooLong, type TrackResult } from './result';
import { t } from '../text';
import { errorText } from '../../core/error';

/** One record of the file as the parser gives it. */
interface FitRecord {
  readonly timestamp?: Date | string;
  readonly speed?: number;
  readonly enhanced_speed?: number;
  readonly cadence?: number;
  readonly fractional_cadence?: number;
  readonly distance?: number;
  readonly altitude?: number;
  readonly enhanced_altitude?: number;
  readonly position_lat?: number;
  readonly position_long?: number;
}

/** A FIT activity, by the common parser; its checksum must be right. */
export async function readFit(bytes: Uint8Array): Promise<TrackResult> {
  const parser = new FitParser({ force: false, speedUnit: 'm/s', lengthUnit: 'm', mode: 'list' });
  let records: readonly FitRecord[];
  try {
    const content = bytes.slice().buffer;
    const data = await parser.parseAsync(content);
    records = (data as { records?: readonly FitRecord[] }).records ?? [];
  } catch (error) {
    const cause = errorText(error).slice(0, 160);
    return fileFailure('damaged', t('ride.fitBroken', { cause }));
  }
  if (records.length === 0) return fileFailure('noPoints', t('ride.fitEmpty'));
  if (records.length > POINTS_MAX) return tooLong();
  return {
    ok: true,
    track: {
      name: undefined,
      samples: records.map((record) => ({
        timeMs: record.timestamp === undefined ? undefined : new Date(record.timestamp).getTime(),
        speedMs: record.enhanced_speed ?? record.speed,
        cadenceRpm: record.cadence === undefined ? undefined : record.cadence + (record.fractional_cadence ?? 0),
        distanceM: record.distance,
        elevationM: record.enhanced_altitude ?? record.altitude,
        latitudeDeg: record.position_lat,
        longitudeDeg: record.position_long,
      })),
    },
  };
}

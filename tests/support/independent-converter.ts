import { gpx, kml, tcx } from '@tmcw/togeojson';
import { length } from '@turf/length';
import { DOMParser } from '@xmldom/xmldom';
import type { FeatureCollection, LineString, MultiLineString } from 'geojson';
import FitParser from 'fit-file-parser';

/** What another program reads in a file. */
export interface Extent {
  readonly metres: number;
  /** From the first time to the last. */
  readonly seconds: number;
  /** Times between samples farther apart than 15 seconds, together. */
  readonly pausedS: number;
}

const PAUSE_S = 15;

function ofTimes(times: readonly number[], metres: number): Extent {
  const gaps = times.slice(1).map((time, i) => (time - times[i]!) / 1000);
  return {
    metres,
    seconds: (times.at(-1)! - times[0]!) / 1000,
    pausedS: gaps.filter((gap) => gap > PAUSE_S).reduce((sum, gap) => sum + gap, 0),
  };
}

/** Reads GPX, TCX or KML with @tmcw/togeojson, and measures its lines with @turf/length. */
export function extentByConverter(kind: 'gpx' | 'tcx' | 'kml', text: string): Extent {
  const document = new DOMParser().parseFromString(text, 'text/xml') as unknown as Document;
  const { features } = { gpx, tcx, kml }[kind](document) as FeatureCollection;
  const lines = features.filter(
    ({ geometry }) => geometry.type === 'LineString' || geometry.type === 'MultiLineString',
  );
  const times = lines
    .flatMap(({ properties }) => (properties!.coordinateProperties as { times: (string | string[])[] }).times.flat())
    .map((time) => Date.parse(time));
  const metres = lines.reduce(
    (sum, line) => sum + length(line as GeoJSON.Feature<LineString | MultiLineString>, { units: 'meters' }),
    0,
  );
  return ofTimes(times, metres);
}

/** Reads FIT with fit-file-parser. */
export async function extentByFitParser(bytes: Uint8Array): Promise<Extent> {
  const parser = new FitParser({ force: true, mode: 'list', speedUnit: 'm/s', lengthUnit: 'm' });
  const { records = [] } = await parser.parseAsync(Buffer.from(bytes));
  return ofTimes(
    records.map(({ timestamp }) => Number(timestamp)),
    records.at(-1)!.distance! - records[0]!.distance!,
  );
}

import type { RawSample } from '../../core/recording';
import { POINTS_MAX, fileFailure, tooLong, type OnProgress, type TrackResult } from './result';
import { StopReading, numberOf, readXml, timeOf } from './xml';
import { t } from '../text';
import { lastOf, definite } from '../../core/items';

type Point = { -readonly [K in keyof RawSample]: RawSample[K] };

/** What the usual extensions call the values of a point. */
const EXTENSIONS: Readonly<Record<string, 'cadenceRpm' | 'speedMs' | 'distanceM'>> = {
  cad: 'cadenceRpm',
  cadence: 'cadenceRpm',
  speed: 'speedMs',
  distance: 'distanceM',
};

/** GPX 1.1: the points of all tracks, or of the routes where there is no track, with cadence and speed from extensions. */
export function readGpx(bytes: Uint8Array, onProgress?: OnProgress): TrackResult {
  const points: Point[] = [];
  const routePoints: Point[] = [];
  let point: Point | undefined;
  let name: string | undefined;
  const result = readXml(
    bytes,
    {
      open: (path, attributes) => {
        const element = path.at(-1);
        if (element !== 'trkpt' && element !== 'rtept') return;
        point = { latitudeDeg: numberOf(attributes.lat ?? ''), longitudeDeg: numberOf(attributes.lon ?? '') };
        const list = element === 'trkpt' ? points : routePoints;
        list.push(point);
        if (list.length > POINTS_MAX) throw new StopReading(tooLong().failure);
      },
      close: (path, text) => {
        const element = lastOf(path);
        if (element === 'name' && path.length === 3) name ??= text;
        if (element === 'trkpt' || element === 'rtept') point = undefined;
        if (!point) return;
        if (element === 'ele') point.elevationM = numberOf(text);
        else if (element === 'time') point.timeMs = timeOf(text);
        else {
          const field = EXTENSIONS[element];
          if (field) point[field] = numberOf(text);
        }
      },
    },
    onProgress,
  );
  if (!result.ok) return result;
  const samples = points.length > 0 ? points : routePoints;
  if (samples.length === 0) return fileFailure('noPoints', t('ride.gpxEmpty'));
  return { ok: true, track: { name, samples } };
}

const escaped = (text: string) =>
  text.replace(/[&<>"]/g, (sign) => definite({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' }[sign]));

/** Writes an elevation profile as GPX 1.1 at invented positions: a straight line along a meridian, of the right length. */
export function writeGpxRoute(
  name: string,
  points: readonly { readonly distanceM: number; readonly elevationM: number }[],
): string {
  const METRES_A_DEGREE = (2 * Math.PI * 6_371_008.8) / 360;
  const lines = points.map(
    ({ distanceM, elevationM }) =>
      `      <trkpt lat="${(distanceM / METRES_A_DEGREE).toFixed(7)}" lon="0.0000000"><ele>${elevationM.toFixed(1)}</ele></trkpt>`,
  );
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    '<gpx version="1.1" creator="Rontel" xmlns="http://www.topografix.com/GPX/1/1">',
    '  <trk>',
    `    <name>${escaped(name)}</name>`,
    '    <trkseg>',
    ...lines,
    '    </trkseg>',
    '  </trk>',
    '</gpx>',
    '',
  ].join('\n');
}

export { escaped as escapedXml };

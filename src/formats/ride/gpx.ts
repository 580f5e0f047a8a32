import { POINTS_MAX, fileFailure, tooLong, type OnProgress, type TrackResult } from './result';
import type { Point } from './points';
import { StopReading, numberOf, readXml, timeOf } from './xml';
import { valueNamed } from './value-names';
import { t } from '../text';
import { definite, itemAt, lastOf } from '../../core/items';

/** Elements whose name is that of the ride, the best first; waypoints have names of their own. */
const NAMED = ['trk', 'rte', 'metadata'];

/** GPX 1.1: the points of all tracks, or of the routes where there is no track, with cadence and speed from extensions. */
export function readGpx(bytes: Uint8Array, onProgress?: OnProgress): TrackResult {
  const points: Point[] = [];
  const routePoints: Point[] = [];
  let point: Point | undefined;
  let beginsSegment = false;
  const names = new Map<string, string>();
  const result = readXml(
    bytes,
    {
      open: (path, attributes) => {
        const element = path.at(-1);
        if (element === 'trkseg') beginsSegment = true;
        if (element !== 'trkpt' && element !== 'rtept') return;
        point = { latitudeDeg: numberOf(attributes.lat ?? ''), longitudeDeg: numberOf(attributes.lon ?? '') };
        if (element === 'trkpt' && beginsSegment) point.beginsSegment = true;
        beginsSegment = false;
        const list = element === 'trkpt' ? points : routePoints;
        list.push(point);
        if (list.length > POINTS_MAX) throw new StopReading(tooLong().failure);
      },
      close: (path, text) => {
        const element = lastOf(path);
        const parent = path.at(-2) ?? '';
        if (element === 'name' && NAMED.includes(parent) && text !== '' && !names.has(parent)) names.set(parent, text);
        if (element === 'trkpt' || element === 'rtept') point = undefined;
        if (!point) return;
        if (element === 'ele') point.elevationM = numberOf(text);
        else if (element === 'time') point.timeMs = timeOf(text);
        else {
          const field = valueNamed(element);
          if (field) point[field] = numberOf(text);
        }
      },
    },
    onProgress,
  );
  if (!result.ok) return result;
  // A planned route may lie beside a track of a few points.
  const isTrack = points.some(({ timeMs }) => timeMs !== undefined) || points.length >= routePoints.length;
  const samples = isTrack ? points : routePoints;
  if (samples.length === 0) return fileFailure('noPoints', t('ride.gpxEmpty'));
  const name = NAMED.map((element) => names.get(element)).find((one) => one !== undefined);
  return { ok: true, track: { name, samples: withoutZeroHeights(samples) } };
}

/** A height of 0 between two others that are farther from 0 than this, m, is a gap: no road falls so far from point to point. */
const ZERO_HEIGHT_M = 25;

/** Takes heights of exactly 0 for missing where those around them are none near 0. */
function withoutZeroHeights(points: readonly Point[]): readonly Point[] {
  let before: number | undefined;
  const after = new Float64Array(points.length);
  let next = NaN;
  for (let i = points.length - 1; i >= 0; i -= 1) {
    after[i] = next;
    const { elevationM } = itemAt(points, i);
    if (elevationM !== undefined && elevationM !== 0) next = elevationM;
  }
  return points.map((point, i) => {
    const { elevationM } = point;
    if (elevationM !== 0) {
      before = elevationM ?? before;
      return point;
    }
    const around = [before, itemAt(after, i)].filter((one) => one !== undefined && !Number.isNaN(one));
    const isGap = around.length > 0 && around.every((one) => Math.abs(definite(one)) > ZERO_HEIGHT_M);
    return isGap ? { ...point, elevationM: undefined } : point;
  });
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

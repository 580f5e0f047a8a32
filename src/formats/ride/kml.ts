import type { RawSample } from '../../core/recording';
import { POINTS_MAX, fileFailure, tooLong, type OnProgress, type TrackResult } from './result';
import { StopReading, numberOf, readXml, timeOf } from './xml';
import { valueNamed } from './value-names';
import { withoutFlatHeights, type Point } from './points';
import { t } from '../text';
import { lastOf } from '../../core/items';

/** A track as it is written: times, positions and values, each in a list of its own. */
interface TrackLists {
  readonly times: number[];
  readonly points: Point[];
  readonly values: { readonly name: string; readonly numbers: (number | undefined)[] }[];
}

/** KML 2.2 and its tracks: the tracks with times, or the lines where there are none. Places and areas are no way. */
export function readKml(bytes: Uint8Array, onProgress?: OnProgress): TrackResult {
  let fileName: string | undefined;
  let placeName: string | undefined;
  const wayNames: string[] = [];
  const timed: Point[] = [];
  const untimed: Point[] = [];
  let track: TrackLists | undefined;
  const bounded = (count: number) => {
    if (timed.length + untimed.length + count > POINTS_MAX) throw new StopReading(tooLong().failure);
  };
  const result = readXml(
    bytes,
    {
      longElement: 'coordinates',
      open: (path, { name = '' }) => {
        const element = path.at(-1);
        if (element === 'Track') track = { times: [], points: [], values: [] };
        if (element === 'SimpleArrayData') track?.values.push({ name, numbers: [] });
      },
      close: (path, text) => {
        const element = lastOf(path);
        const parent = path.at(-2) ?? '';
        if (element === 'name' && parent === 'Placemark') placeName = text;
        else if (element === 'name') fileName ??= text;
        // Places on the map have names too: that of the ride is the one of a track or a line.
        if ((element === 'Track' || element === 'LineString') && placeName) wayNames.push(placeName);
        if (element === 'Placemark') placeName = undefined;
        if (element === 'coordinates' && parent === 'LineString') {
          const line = text
            .split(/\s+/)
            .filter((tuple) => tuple !== '')
            .map((tuple) => pointOf(tuple.split(',')));
          bounded(line.length);
          begin(untimed, line);
        }
        if (!track) return;
        if (element === 'when') track.times.push(timeOf(text));
        else if (element === 'coord') {
          bounded(track.points.length);
          track.points.push(pointOf(text.split(/\s+/)));
        } else if (element === 'value') track.values.at(-1)?.numbers.push(numberOf(text));
        else if (element === 'Track') {
          begin(timed, joined(track));
          track = undefined;
        }
      },
    },
    onProgress,
  );
  if (!result.ok) return result;
  const samples = timed.length > 0 ? timed : untimed;
  if (samples.length === 0) return fileFailure('noPoints', t('ride.kmlEmpty'));
  return { ok: true, track: { name: wayNames[0] ?? fileName, samples: withoutFlatHeights(samples) } };
}

/** Longitude, latitude and height, in this order. */
const pointOf = ([longitude = '', latitude = '', height = '']: readonly string[]): Point => ({
  latitudeDeg: numberOf(latitude),
  longitudeDeg: numberOf(longitude),
  elevationM: numberOf(height),
});

/** Adds a stretch of its own: what lies between it and the one before was not ridden. */
function begin(list: Point[], points: readonly RawSample[]): void {
  for (const [i, point] of points.entries()) list.push(i === 0 ? { ...point, beginsSegment: true } : point);
}

function joined({ times, points, values }: TrackLists): readonly RawSample[] {
  const named = values.flatMap(({ name, numbers }) => {
    const field = valueNamed(name);
    return field ? [{ field, numbers }] : [];
  });
  return points.map((point, i) => ({
    ...point,
    timeMs: times[i],
    ...Object.fromEntries(named.map(({ field, numbers }) => [field, numbers[i]])),
  }));
}

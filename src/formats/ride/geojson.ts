import { z } from 'zod';
import { POINTS_MAX, fileFailure, tooLong, type TrackResult } from './result';
import { valueNamed } from './value-names';
import { withoutFlatHeights, type Point } from './points';
import { t } from '../text';

const position = z.array(z.number()).min(2);
const properties = z.record(z.string(), z.unknown()).nullish();
const line = z.object({ type: z.literal('LineString'), coordinates: z.array(position) });
const lines = z.object({ type: z.literal('MultiLineString'), coordinates: z.array(z.array(position)) });
const point = z.object({ type: z.literal('Point'), coordinates: position });
/** Areas and lists of places are no way. */
const other = z.object({ type: z.enum(['Polygon', 'MultiPolygon', 'MultiPoint']) });
const collection = z.object({
  type: z.literal('GeometryCollection'),
  geometries: z.array(z.union([line, lines, point, other])),
});
const geometry = z.union([line, lines, point, other, collection]);
const feature = z.object({ type: z.literal('Feature'), geometry: geometry.nullable(), properties });
const features = z.object({ type: z.literal('FeatureCollection'), features: z.array(feature), properties });
const root = z.union([features, feature, geometry]);

type Geometry = z.infer<typeof geometry>;
type Feature = Omit<z.infer<typeof feature>, 'type'>;

/**
 * GeoJSON (RFC 7946): its lines, or its points in order where there is no line. The standard has no times: those of
 * `coordTimes`, `times` and `coordinateProperties` are read, as converters write them, with lists of other values beside them.
 */
export function readGeoJson(text: string): TrackResult {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    const cause = error instanceof Error ? error.message.slice(0, 160) : String(error);
    return fileFailure('truncated', t('ride.jsonBroken', { cause }));
  }
  const parsed = root.safeParse(json);
  if (!parsed.success) return fileFailure('unknown', t('ride.otherJson'));
  const all = featuresOf(parsed.data);
  const alongLines = all.flatMap((one) => linePoints(one));
  const samples = alongLines.length > 0 ? alongLines : all.flatMap((one) => placePoints(one));
  if (samples.length === 0) return fileFailure('noPoints', t('ride.geoJsonEmpty'));
  if (samples.length > POINTS_MAX) return tooLong();
  const isTimed = samples.some(({ timeMs }) => timeMs !== undefined);
  const badTime = samples.find(({ timeMs }) => Number.isNaN(timeMs));
  if (badTime) return fileFailure('damaged', t('ride.geoJsonTime', { point: samples.indexOf(badTime) + 1 }));
  // Lines without times beside a track are drawings on the map.
  const kept = isTimed ? samples.filter(({ timeMs }) => timeMs !== undefined) : samples;
  const alongWay = all.filter((one) => alongLines.length === 0 || linesOf(one.geometry).length > 0);
  const name = alongWay.map((one) => one.properties?.name).find((one) => typeof one === 'string' && one !== '');
  return {
    ok: true,
    track: { name: typeof name === 'string' ? name : undefined, samples: withoutFlatHeights(kept) },
  };
}

function featuresOf(data: z.infer<typeof root>): readonly Feature[] {
  if (data.type === 'FeatureCollection') return data.features;
  return data.type === 'Feature' ? [data] : [{ geometry: data, properties: undefined }];
}

/** The lines of a geometry. */
function linesOf(shape: Geometry | null): readonly (readonly (readonly number[])[])[] {
  if (shape?.type === 'LineString') return [shape.coordinates];
  if (shape?.type === 'MultiLineString') return shape.coordinates;
  return shape?.type === 'GeometryCollection' ? shape.geometries.flatMap(linesOf) : [];
}

function linePoints({ geometry: shape, properties: given }: Feature): Point[] {
  const inner = given?.coordinateProperties;
  const lists = { ...given, ...(typeof inner === 'object' && inner !== null ? inner : {}) };
  const all = linesOf(shape);
  return all.flatMap((coordinates, l) => {
    const times = listOf(lists, ['times', 'coordTimes'], l, all.length);
    const values = Object.entries(lists).flatMap(([name, list]) => {
      const field = valueNamed(name);
      const own = field && Array.isArray(list) ? ofLine(list, l, all.length) : undefined;
      return field && own ? [{ field, own }] : [];
    });
    return coordinates.map((place, i): Point => {
      const begun: Point = pointAt(place);
      if (i === 0) begun.beginsSegment = true;
      begun.timeMs = instantOf(times?.[i]);
      for (const { field, own } of values) if (typeof own[i] === 'number') begun[field] = own[i];
      return begun;
    });
  });
}

/** A list of the properties by its names; that of one line where each line has its own. */
function listOf(lists: Readonly<Record<string, unknown>>, names: readonly string[], l: number, count: number) {
  const list = names.map((name) => lists[name]).find((one) => Array.isArray(one));
  return Array.isArray(list) ? ofLine(list, l, count) : undefined;
}

function ofLine(list: readonly unknown[], l: number, count: number): readonly unknown[] | undefined {
  const own = list[l];
  if (Array.isArray(own)) return own as readonly unknown[];
  return count === 1 ? list : undefined;
}

/** Each place as a point, with the values that its properties name. */
function placePoints({ geometry: shape, properties: given }: Feature): Point[] {
  if (shape?.type !== 'Point') return [];
  const one = pointAt(shape.coordinates);
  one.timeMs = instantOf(given?.time ?? given?.timestamp);
  for (const [name, value] of Object.entries(given ?? {})) {
    const field = valueNamed(name);
    if (field && typeof value === 'number') one[field] = value;
  }
  return [one];
}

const pointAt = ([longitudeDeg, latitudeDeg, elevationM]: readonly number[]): Point => ({
  latitudeDeg,
  longitudeDeg,
  elevationM,
});

/** Milliseconds since 1970 of a text (ISO 8601), or of a number: seconds, or milliseconds where so many seconds were 5138 years. */
function instantOf(value: unknown): number | undefined {
  if (value === undefined || value === null) return undefined;
  if (typeof value === 'number') return value < 1e11 ? value * 1000 : value;
  return typeof value === 'string' ? Date.parse(value) : NaN;
}

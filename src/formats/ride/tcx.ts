import { pauseFromS, type Recording } from '../../core/recording';
import { escapedXml } from './gpx';
import { POINTS_MAX, fileFailure, tooLong, type OnProgress, type TrackResult } from './result';
import type { Point } from './points';
import { StopReading, numberOf, readXml, timeOf } from './xml';
import { t } from '../text';
import { itemAt, lastOf } from '../../core/items';

/** TCX 2: the trackpoints of all activities, or of the cycling where there are others too. */
export function readTcx(bytes: Uint8Array, onProgress?: OnProgress): TrackResult {
  const activities: { readonly isCycling: boolean; readonly points: Point[] }[] = [];
  let count = 0;
  let point: Point | undefined;
  let beginsSegment = false;
  const result = readXml(
    bytes,
    {
      open: (path, { Sport }) => {
        const element = path.at(-1);
        if (element === 'Activity') activities.push({ isCycling: Sport === 'Biking', points: [] });
        // A lap that was paused has several tracks.
        if (element === 'Track') beginsSegment = true;
        if (element !== 'Trackpoint') return;
        point = beginsSegment ? { beginsSegment } : {};
        beginsSegment = false;
        if (activities.length === 0) activities.push({ isCycling: false, points: [] });
        lastOf(activities).points.push(point);
        count += 1;
        if (count > POINTS_MAX) throw new StopReading(tooLong().failure);
      },
      close: (path, text) => {
        const element = lastOf(path);
        if (element === 'Trackpoint') point = undefined;
        if (!point) return;
        if (element === 'Time') point.timeMs = timeOf(text);
        else if (element === 'Cadence') point.cadenceRpm = numberOf(text);
        else if (element === 'DistanceMeters') point.distanceM = numberOf(text);
        else if (element === 'AltitudeMeters') point.elevationM = numberOf(text);
        else if (element === 'LatitudeDegrees') point.latitudeDeg = numberOf(text);
        else if (element === 'LongitudeDegrees') point.longitudeDeg = numberOf(text);
        else if (element === 'Speed') point.speedMs = numberOf(text);
        else if (element === 'Watts') point.powerW = numberOf(text);
      },
    },
    onProgress,
  );
  if (!result.ok) return result;
  const cycling = activities.filter(({ isCycling, points }) => isCycling && points.length > 0);
  const samples = (cycling.length > 0 ? cycling : activities).flatMap(({ points }) => points);
  if (samples.length === 0) return fileFailure('noPoints', t('ride.tcxEmpty'));
  const left = count - samples.length;
  const remarks = left > 0 ? [t('ride.otherSports', { left, records: count })] : [];
  return { ok: true, track: { name: undefined, samples, remarks } };
}

/** Names of the format and of its extension, by which other programs know the elements. */
const NAMESPACE = 'http://www.garmin.com/xmlschemas/TrainingCenterDatabase/v2';
const EXTENSION = 'http://www.garmin.com/xmlschemas/ActivityExtension/v2';

interface TcxOptions {
  /** Whether positions are written where the ride has them; they show where the rider lives. */
  readonly withPositions?: boolean;
}

/** A ride as TCX 2: an activity of one lap, with a track for each stretch between pauses. */
export function writeTcx(
  name: string,
  startedAtMs: number,
  recording: Recording,
  { withPositions = false }: TcxOptions = {},
): string {
  const { timeS, speedMs, cadenceRpm, distanceM, elevationM, powerW, positions } = recording;
  const iso = (seconds: number) => new Date(Math.round(startedAtMs + seconds * 1000)).toISOString();
  const element = (tag: string, value: number, digits: number) =>
    Number.isNaN(value) ? '' : `<${tag}>${value.toFixed(digits)}</${tag}>`;
  const place = (i: number) => {
    const [latitude, longitude] = [positions?.latitudeDeg[i] ?? NaN, positions?.longitudeDeg[i] ?? NaN];
    return !withPositions || Number.isNaN(latitude)
      ? ''
      : `<Position>${element('LatitudeDegrees', latitude, 7)}${element('LongitudeDegrees', longitude, 7)}</Position>`;
  };
  const extension = (i: number) => {
    const values = element('Speed', itemAt(speedMs, i), 3) + element('Watts', powerW?.[i] ?? NaN, 0);
    return values === '' ? '' : `<Extensions><TPX xmlns="${EXTENSION}">${values}</TPX></Extensions>`;
  };
  const point = (i: number) =>
    `          <Trackpoint><Time>${iso(itemAt(timeS, i))}</Time>${place(i)}` +
    element('AltitudeMeters', itemAt(elevationM, i), 1) +
    element('DistanceMeters', itemAt(distanceM, i), 1) +
    element('Cadence', itemAt(cadenceRpm, i), 0) +
    `${extension(i)}</Trackpoint>`;
  const pauseS = pauseFromS(timeS);
  const breaks = [...timeS.keys()].filter((i) => itemAt(timeS, i) - (timeS[i - 1] ?? 0) > pauseS);
  const pausedS = breaks.reduce((sum, i) => sum + itemAt(timeS, i) - itemAt(timeS, i - 1), 0);
  const starts = new Set(breaks);
  const points = [...timeS.keys()].flatMap((i) =>
    starts.has(i) ? ['        </Track>', '        <Track>', point(i)] : [point(i)],
  );
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<TrainingCenterDatabase xmlns="${NAMESPACE}">`,
    '  <Activities>',
    '    <Activity Sport="Biking">',
    `      <Id>${iso(0)}</Id>`,
    `      <Lap StartTime="${iso(0)}">`,
    `        <TotalTimeSeconds>${(timeS.at(-1) ?? 0) - pausedS}</TotalTimeSeconds>`,
    `        <DistanceMeters>${(distanceM.at(-1) ?? 0).toFixed(1)}</DistanceMeters>`,
    // The format demands them; a drivetrain knows nothing of them.
    '        <Calories>0</Calories>',
    '        <Intensity>Active</Intensity>',
    '        <TriggerMethod>Manual</TriggerMethod>',
    '        <Track>',
    ...points,
    '        </Track>',
    '      </Lap>',
    `      <Notes>${escapedXml(name)}</Notes>`,
    '    </Activity>',
    '  </Activities>',
    '</TrainingCenterDatabase>',
    '',
  ].join('\n');
}

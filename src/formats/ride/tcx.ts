import type { Recording } from '../../core/recording';
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

/**
 * A ride as TCX 2, one activity of one lap. Without the namespaces of the format, for they carry a trade
 * name; readers that go by the names of elements, as this one does, take it.
 */
export function writeTcx(name: string, startedAtMs: number, recording: Recording): string {
  const { timeS, speedMs, cadenceRpm, distanceM, elevationM } = recording;
  const iso = (seconds: number) => new Date(startedAtMs + seconds * 1000).toISOString();
  const element = (tag: string, value: number, digits: number) =>
    Number.isNaN(value) ? '' : `<${tag}>${value.toFixed(digits)}</${tag}>`;
  const points = [...timeS].map((seconds, i) => {
    const speed = itemAt(speedMs, i);
    const extension = Number.isNaN(speed)
      ? ''
      : `<Extensions><TPX><Speed>${speed.toFixed(3)}</Speed></TPX></Extensions>`;
    return (
      `          <Trackpoint><Time>${iso(seconds)}</Time>${element('AltitudeMeters', itemAt(elevationM, i), 1)}` +
      `${element('DistanceMeters', itemAt(distanceM, i), 1)}${element('Cadence', itemAt(cadenceRpm, i), 0)}${extension}</Trackpoint>`
    );
  });
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    '<TrainingCenterDatabase>',
    '  <Activities>',
    '    <Activity Sport="Biking">',
    `      <Id>${iso(0)}</Id>`,
    `      <Lap StartTime="${iso(0)}">`,
    `        <TotalTimeSeconds>${timeS.at(-1) ?? 0}</TotalTimeSeconds>`,
    `        <DistanceMeters>${(distanceM.at(-1) ?? 0).toFixed(1)}</DistanceMeters>`,
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

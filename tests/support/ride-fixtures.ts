import { gzipSync, strToU8, zipSync } from 'fflate';
import { FitBaseType, FitEncoder } from 'fit-file-parser';
import { FIT_EPOCH_S, fitActivity } from './fit-file';
import { simulateRide } from './rides';
import { TOURER, TOURER_ROLLOUT_MM } from './setups';

/** What reading a file must give. */
type Outcome = 'ride' | 'route' | 'failed' | 'known' | 'archive';

/** One file of the folder. */
interface RideFixture {
  readonly name: string;
  readonly bytes: Uint8Array;
  readonly outcome: Outcome;
}

/** A point of a way that was ridden. */
interface FixturePoint {
  readonly atMs: number;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly elevationM: number;
  readonly speedMs: number;
  readonly cadenceRpm: number;
  readonly powerW: number;
  readonly distanceM: number;
}

const METRES_A_DEGREE = 111_195;

/**
 * A ride on the demo bike along a winding way, as a device would place it.
 * @param everyS seconds between two samples
 * @param pauseS seconds for which the recorder stands in the middle
 */
export function fixtureRide(startMs: number, seconds: number, seed: number, everyS = 1, pauseS = 0): FixturePoint[] {
  const { recording } = simulateRide({ setup: TOURER, rolloutMm: TOURER_ROLLOUT_MM, seconds, seed });
  const points: FixturePoint[] = [];
  let [latitudeDeg, longitudeDeg, distanceM] = [52 + seed * 0.01, 1.5, 0];
  for (let s = 0; s < seconds; s += 1) {
    const speedMs = recording.speedMs[s]!;
    const heading = Math.sin(s / 90) + Math.sin(s / 31) / 2;
    latitudeDeg += (speedMs * Math.cos(heading)) / METRES_A_DEGREE;
    longitudeDeg += (speedMs * Math.sin(heading)) / (METRES_A_DEGREE * Math.cos((latitudeDeg * Math.PI) / 180));
    distanceM += speedMs;
    if (s % everyS !== 0) continue;
    points.push({
      atMs: startMs + (s + (s >= seconds / 2 ? pauseS : 0)) * 1000,
      latitudeDeg,
      longitudeDeg,
      elevationM: 60 + 30 * Math.sin(s / 200),
      speedMs,
      cadenceRpm: recording.cadenceRpm[s]!,
      powerW: recording.cadenceRpm[s]! > 0 ? 180 : 0,
      distanceM,
    });
  }
  return points;
}

const iso = (ms: number) => new Date(ms).toISOString();

/** Tracks of a GPX file; a second begins after a pause. */
export function gpxOf(name: string, segments: readonly (readonly FixturePoint[])[], speedFactor?: number): string {
  const point = ({ atMs, latitudeDeg, longitudeDeg, elevationM, cadenceRpm, powerW, speedMs }: FixturePoint) =>
    `<trkpt lat="${latitudeDeg.toFixed(7)}" lon="${longitudeDeg.toFixed(7)}"><ele>${elevationM.toFixed(1)}</ele><time>${iso(atMs)}</time>` +
    `<extensions><power>${powerW}</power><s:TrackPointExtension><s:cad>${cadenceRpm}</s:cad>` +
    `${speedFactor === undefined ? '' : `<s:speed>${(speedMs * speedFactor).toFixed(3)}</s:speed>`}</s:TrackPointExtension></extensions></trkpt>`;
  const tracks = segments.map((points) => `<trkseg>${points.map(point).join('')}</trkseg>`).join('');
  return `<?xml version="1.0" encoding="UTF-8"?><gpx version="1.1" creator="fixture" xmlns="http://www.topografix.com/GPX/1/1" xmlns:s="http://example.org/s"><wpt lat="52" lon="1"><name>Café</name></wpt><trk><name>${name}</name>${tracks}</trk></gpx>`;
}

/** One activity; each list of points is a track of its lap. */
function tcxOf(sport: string, tracks: readonly (readonly FixturePoint[])[], placed = true): string {
  const point = (p: FixturePoint) =>
    `<Trackpoint><Time>${iso(p.atMs)}</Time>${placed ? `<Position><LatitudeDegrees>${p.latitudeDeg.toFixed(7)}</LatitudeDegrees><LongitudeDegrees>${p.longitudeDeg.toFixed(7)}</LongitudeDegrees></Position>` : ''}` +
    `<AltitudeMeters>${p.elevationM.toFixed(1)}</AltitudeMeters><DistanceMeters>${p.distanceM.toFixed(2)}</DistanceMeters><Cadence>${p.cadenceRpm}</Cadence></Trackpoint>`;
  const start = iso(tracks[0]![0]!.atMs);
  return (
    `<Activity Sport="${sport}"><Id>${start}</Id><Lap StartTime="${start}">` +
    `${tracks.map((points) => `<Track>${points.map(point).join('')}</Track>`).join('')}</Lap></Activity>`
  );
}

const tcxFile = (...activities: readonly string[]) =>
  `<?xml version="1.0"?><TrainingCenterDatabase><Activities>${activities.join('')}</Activities></TrainingCenterDatabase>`;

/** A FIT activity with positions, by an encoder that is not ours. */
function fitOf(points: readonly FixturePoint[]): Uint8Array {
  const encoder = new FitEncoder();
  encoder.writeMessage(0, [
    { number: 0, size: 1, baseType: FitBaseType.Enum, value: 4 },
    { number: 1, size: 2, baseType: FitBaseType.Uint16, value: 255 },
  ]);
  const semicircles = (deg: number) => Math.round((deg * 2 ** 31) / 180);
  for (const { atMs, latitudeDeg, longitudeDeg, elevationM, speedMs, cadenceRpm, distanceM, powerW } of points) {
    encoder.writeMessage(20, [
      { number: 253, size: 4, baseType: FitBaseType.Uint32, value: Math.floor(atMs / 1000) - FIT_EPOCH_S },
      { number: 0, size: 4, baseType: FitBaseType.Sint32, value: semicircles(latitudeDeg) },
      { number: 1, size: 4, baseType: FitBaseType.Sint32, value: semicircles(longitudeDeg) },
      { number: 2, size: 2, baseType: FitBaseType.Uint16, value: Math.round((elevationM + 500) * 5) },
      { number: 6, size: 2, baseType: FitBaseType.Uint16, value: Math.round(speedMs * 1000) },
      { number: 4, size: 1, baseType: FitBaseType.Uint8, value: cadenceRpm },
      { number: 5, size: 4, baseType: FitBaseType.Uint32, value: Math.round(distanceM * 100) },
      { number: 7, size: 2, baseType: FitBaseType.Uint16, value: powerW },
    ]);
  }
  return encoder.close();
}

/** A KML track with its cadences in a list of their own. */
export function kmlTrackOf(name: string, points: readonly FixturePoint[]): string {
  const list = (of: (point: FixturePoint) => string) => points.map(of).join('');
  return (
    `<?xml version="1.0"?><kml xmlns="http://www.opengis.net/kml/2.2" xmlns:gx="http://example.org/gx"><Document><name>Export</name>` +
    `<Placemark><name>Lay-by</name><Point><coordinates>1,52,0</coordinates></Point></Placemark>` +
    `<Placemark><name>${name}</name><gx:Track>${list(({ atMs }) => `<when>${iso(atMs)}</when>`)}` +
    list((p) => `<gx:coord>${p.longitudeDeg} ${p.latitudeDeg} ${p.elevationM}</gx:coord>`) +
    `<ExtendedData><SchemaData schemaUrl="#s"><gx:SimpleArrayData name="cadence">${list((p) => `<gx:value>${p.cadenceRpm}</gx:value>`)}</gx:SimpleArrayData></SchemaData></ExtendedData>` +
    `</gx:Track></Placemark></Document></kml>`
  );
}

/** A way drawn on a map, without times. */
export const kmlLineOf = (name: string, points: readonly FixturePoint[]) =>
  `<kml xmlns="http://www.opengis.net/kml/2.2"><Placemark><name>${name}</name><LineString><altitudeMode>absolute</altitudeMode><coordinates>\n` +
  `${points.map((p) => `${p.longitudeDeg},${p.latitudeDeg},${p.elevationM}`).join('\n')}\n</coordinates></LineString></Placemark></kml>`;

/** A line with its times and cadences, as converters write it. */
export function geoJsonOf(name: string, points: readonly FixturePoint[], isTimed = true): string {
  const lists = { times: points.map(({ atMs }) => iso(atMs)), cads: points.map((p) => p.cadenceRpm) };
  return JSON.stringify({
    type: 'FeatureCollection',
    features: [
      { type: 'Feature', properties: { name: 'Lay-by' }, geometry: { type: 'Point', coordinates: [1, 52] } },
      {
        type: 'Feature',
        properties: { name, ...(isTimed && { coordinateProperties: lists }) },
        geometry: {
          type: 'LineString',
          coordinates: points.map((p) => [p.longitudeDeg, p.latitudeDeg, p.elevationM]),
        },
      },
    ],
  });
}

/** A table with the given headings and cells. */
const csvOf = (headings: string, points: readonly FixturePoint[], row: (point: FixturePoint) => string) =>
  `${headings}\n${points.map(row).join('\n')}\n`;

const START = Date.UTC(2026, 4, 16, 7);
const DAY_MS = 86_400_000;

const half = (points: readonly FixturePoint[]) => [points.slice(0, points.length / 2), points.slice(points.length / 2)];

/** A folder of thirty files as it lies on a rider's disk: nineteen rides, three routes, one ride twice, an archive, and six that are none. */
export function folderOfRides(): readonly RideFixture[] {
  let day = 0;
  const ride = (seconds = 600, everyS = 1, pauseS = 0) => {
    day += 1;
    return fixtureRide(START + day * DAY_MS, seconds, day, everyS, pauseS);
  };
  const morning = gpxOf('Morning', [ride()]);
  const evening = fitOf(ride());
  const clock = (ms: number) => iso(ms).slice(11, 19);
  const table = ride();
  const first = ride()[0]!.atMs;
  const file = (name: string, content: string | Uint8Array, outcome: Outcome): RideFixture => ({
    name,
    bytes: typeof content === 'string' ? strToU8(content) : content,
    outcome,
  });
  const gone = new Uint8Array(Buffer.from(gpxOf('Wide', [ride()]), 'utf16le'));
  return [
    file('01-morning.gpx', morning, 'ride'),
    file('02-pause.gpx', gpxOf('Pause', half(ride(800, 1, 300))), 'ride'),
    file('03-every-10-s.gpx', gpxOf('Sparse', [ride(3600, 10)]), 'ride'),
    file('04-utf-16.gpx', gone, 'ride'),
    file('05-kmh.gpx', gpxOf('Fast', [ride()], 3.6), 'ride'),
    file('06-commute.tcx', tcxFile(tcxOf('Biking', [ride()])), 'ride'),
    file('07-paused-lap.tcx', tcxFile(tcxOf('Biking', half(ride(800, 1, 240)))), 'ride'),
    file('08-run-and-ride.tcx', tcxFile(tcxOf('Running', [ride()]), tcxOf('Biking', [ride()])), 'ride'),
    file('09-indoors.tcx', tcxFile(tcxOf('Biking', [ride()], false)), 'ride'),
    file('10-evening.fit', evening, 'ride'),
    file('11-two-in-one.fit', joinedBytes(fitOf(ride()), fitOf(ride())), 'ride'),
    file('12-cut-off.fit', fitOf(ride()).slice(0, 9000), 'ride'),
    file('13-gears.fit', fitActivity(first, 600, { chainringT: 48, cogT: 17 }), 'ride'),
    file('14-track.kml', kmlTrackOf('Dyke', ride()), 'ride'),
    file('15-ride.geojson', geoJsonOf('Marsh', ride()), 'ride'),
    file(
      '16-table.csv',
      csvOf('seconds,speed (km/h),cadence', table, (p) =>
        [(p.atMs - table[0]!.atMs) / 1000, (p.speedMs * 3.6).toFixed(2), p.cadenceRpm].join(','),
      ),
      'ride',
    ),
    file(
      '17-day-first.csv',
      csvOf('# logger\ndate;time;speed km/h;cadence', ride(), (p) =>
        [
          `${iso(p.atMs).slice(8, 10)}.${iso(p.atMs).slice(5, 7)}.2026`,
          clock(p.atMs),
          (p.speedMs * 3.6).toFixed(2),
          p.cadenceRpm,
        ].join(';'),
      ),
      'ride',
    ),
    file('18-packed.gpx.gz', gzipSync(strToU8(gpxOf('Packed', [ride()]))), 'ride'),
    file(
      '19-clock.csv',
      csvOf('time,distance (m),cadence', ride(), (p) =>
        [clock(p.atMs), p.distanceM.toFixed(1), p.cadenceRpm].join(','),
      ),
      'ride',
    ),
    file('20-way.kml', kmlLineOf('Ridge', ride()), 'route'),
    file('21-way.geojson', geoJsonOf('Fen', ride(), false), 'route'),
    file(
      '22-way.gpx',
      gpxOf('Plan', [ride()]).replaceAll(/<time>.*?<\/time>|<extensions>.*?<\/extensions>/g, ''),
      'route',
    ),
    file('23-morning-again.gpx', morning, 'known'),
    file(
      '24-two-rides.zip',
      zipSync({
        'june/a.gpx': strToU8(gpxOf('In a ZIP', [ride()])),
        'june/b.fit': fitOf(ride()),
        '__MACOSX/june/._a.gpx': strToU8('of the system'),
      }),
      'archive',
    ),
    file('25-empty.fit', '', 'failed'),
    file('26-cut-off.gpx', morning.slice(0, 4000), 'failed'),
    file('27-page.gpx', '<!doctype html><html><body>Sign in</body></html>', 'failed'),
    file('28-picture.jpg', Uint8Array.of(0xff, 0xd8, 0xff, 0xe0, 0, 16, 74, 70, 73, 70), 'failed'),
    file('29-broken.zip', Uint8Array.of(0x50, 0x4b, 3, 4, 20, 0, 0, 0, 8, 0), 'failed'),
    file('30-settings.json', '{"theme":"dark"}', 'failed'),
  ];
}

function joinedBytes(a: Uint8Array, b: Uint8Array): Uint8Array {
  const both = new Uint8Array(a.length + b.length);
  both.set(a);
  both.set(b, a.length);
  return both;
}

import { contradictions, fillBrief, resistanceOf, rideRulesOf } from '../core/needs';
import { recordingOfRide } from '../core/recording';
import { DEFAULT_WALKING_RPM, elevationProfile, rideThrough, type ElevationProfile } from '../core/ride';
import { rolloutMm } from '../core/gears';
import { digestOf, packRecording } from '../formats/ride/pack';
import {
  rideOf,
  wheelOf,
  type BikeRecord,
  type RecordingRecord,
  type RideRecord,
  type RouteRecord,
  type SetupRecord,
} from '../records';
import { firstOf, itemAt } from '../core/items';

/** Waves of a landscape: height, length and where each begins. */
type Waves = readonly (readonly [heightM: number, lengthM: number, shiftM: number])[];

interface DemoRoute {
  readonly id: string;
  readonly name: string;
  readonly lengthM: number;
  readonly heightM: (atM: number) => number;
}

const waves = (list: Waves) => (atM: number) =>
  list.reduce((sum, [height, length, shift]) => sum + height * Math.sin((2 * Math.PI * (atM - shift)) / length), 0);

/** A smooth rise from 0 to 1 between two places. */
const rise = (atM: number, fromM: number, toM: number) => {
  const share = Math.min(1, Math.max(0, (atM - fromM) / (toM - fromM)));
  return share * share * (3 - 2 * share);
};

const fen = waves([
  [1.2, 5200, 0],
  [0.5, 1700, 300],
]);
const hills = waves([
  [26, 5600, 0],
  [13, 2300, 700],
  [6, 1100, 200],
]);
const ripple = waves([
  [9, 2600, 0],
  [4, 900, 250],
]);

/** Three invented routes around Wenmouth: across the fen, over the rolling hinterland, and up to the pass. */
const DEMO_ROUTES: readonly DemoRoute[] = [
  { id: 'route-fen', name: 'Saltings and back, flat fen', lengthM: 32_000, heightM: (at) => 3 + fen(at) },
  { id: 'route-rolling', name: 'Seven Barns loop, rolling', lengthM: 36_000, heightM: (at) => 90 + hills(at) },
  {
    id: 'route-mountain',
    name: 'Over Hollow Pass, mountain',
    lengthM: 42_000,
    heightM: (at) => 160 + ripple(at) + 820 * rise(at, 9_000, 23_000) - 690 * rise(at, 25_000, 39_000),
  },
];

const POINT_EVERY_M = 25;

function profileOf({ id, lengthM, heightM }: DemoRoute): ElevationProfile {
  const points = Array.from({ length: lengthM / POINT_EVERY_M + 1 }, (_, i) => ({
    distanceM: i * POINT_EVERY_M,
    elevationM: heightM(i * POINT_EVERY_M),
  }));
  const result = elevationProfile(points);
  if (!result.ok) throw new Error(`demo route ${id}: ${result.failure.kind}`);
  return result.profile;
}

export function demoRoutes(): RouteRecord[] {
  return DEMO_ROUTES.map((route) => {
    const { stepM, elevationM } = profileOf(route);
    // To the centimetre: far finer than any map, and the backup stays small.
    return {
      id: route.id,
      name: route.name,
      stepM,
      elevationM: [...elevationM].map((one) => Math.round(one * 100) / 100),
    };
  });
}

interface DemoRide {
  readonly ride: RideRecord;
  readonly recording: RecordingRecord;
}

const DAY_MS = 86_400_000;

/** The same route over the rolling hinterland before and after a change of cassette, as a bicycle computer would record it. */
export function demoRides(
  bike: BikeRecord,
  setup: SetupRecord,
  cogsBefore: readonly number[],
  todayMs: number,
): readonly DemoRide[] {
  const startedAt = (daysAgo: number) => todayMs - (todayMs % DAY_MS) - daysAgo * DAY_MS + 8.5 * 3_600_000;
  return [
    demoRide(bike, { ...setup, cogs: cogsBefore }, 'Seven Barns loop, 11-34', `${bike.id}-ride-before`, startedAt(88)),
    demoRide(bike, setup, 'Seven Barns loop', `${bike.id}-ride`, startedAt(74)),
  ];
}

function demoRide(bike: BikeRecord, setup: SetupRecord, name: string, id: string, startedAtMs: number): DemoRide {
  const brief = fillBrief(bike.brief);
  if (contradictions(brief).length > 0) throw new Error(`demo bike ${bike.id} contradicts itself`);
  const wheelMm = rolloutMm(wheelOf(firstOf(bike.wheelsets)));
  const rules = rideRulesOf(brief, setup, wheelMm, bike.crossedCogs, DEFAULT_WALKING_RPM);
  const ridden = rideThrough(profileOf(itemAt(DEMO_ROUTES, 1)), resistanceOf(brief), rules);
  const recording = recordingOfRide(ridden);
  return {
    ride: {
      id,
      ...rideOf(
        setup,
        name,
        startedAtMs,
        recording,
        digestOf(startedAtMs, recording),
        Array.from(ridden.secondsByGear, Math.round),
      ),
    },
    recording: { id, packed: packRecording(recording) },
  };
}

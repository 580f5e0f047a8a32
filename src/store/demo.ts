import { NO_HUB_STAGE } from '../core/gears';
import {
  BIKE_DEFAULTS,
  PREFERENCES_DEFAULTS,
  SETUP_DEFAULTS,
  WHEEL_DEFAULTS,
  type BikeRecord,
  type Dataset,
  type SetupRecord,
} from '../records';
import { parseShorthand } from '../formats/shorthand';
import { demoJobs, demoNotes } from './demo-jobs';
import { demoLearners } from './demo-learners';
import { demoRides, demoRoutes } from './demo-rides';
import { DEMO_MADE_OF, demoStock } from './demo-stock';
import { firstOf, itemAt, definite } from '../core/items';

/** The four bikes of the Saltmarsh Yard, an invented workshop co-operative in the invented estuary town of Wenmouth. */
interface DemoBike {
  readonly id: string;
  readonly name: string;
  readonly bike: Partial<BikeRecord>;
  /** The one fitted first. */
  readonly setups: readonly (Partial<SetupRecord> & { readonly shorthand: string })[];
}

const DEMO_BIKES: readonly DemoBike[] = [
  {
    id: 'estuary-tourer',
    name: 'Estuary tourer',
    bike: {
      wheelsets: [
        {
          ...WHEEL_DEFAULTS,
          name: 'Touring wheels',
          tyreWidthMm: 38,
          freehub: { spline: 'nine wide splines', bodyLengthMm: 36.75, smallestCogT: 11 },
        },
      ],
      twoRingsMaxT: 50,
      oneRingMaxT: 44,
      crankLengthMm: 170,
      chainstayMm: 430,
      bbDropMm: 70,
      brief: {
        use: 'touring',
        riderMassKg: 72,
        bikeMassKg: 15,
        loadMassKg: 18,
        powerW: 180,
        preferredRpm: 90,
        lowRpm: 82,
        highRpm: 96,
        climbingRpm: 58,
        steepestGradePercent: 8,
        steepestLengthM: 1800,
        topSpeedKmh: 46,
        cruisingSpeedKmh: 22,
        bothers: ['frontShifting'],
        aims: ['simplicity', 'range'],
      },
      find: {
        asks: ['easiest', 'topSpeed', 'step.climbing'],
        aims: ['largestStep', 'newParts', 'mass', 'frontShifts'],
      },
      savedSearches: [
        {
          id: 'search-1',
          name: 'Without touching the derailleurs',
          find: { keep: ['frontDerailleur', 'shifter', 'rearDerailleur'], asks: ['easiest', 'topSpeed'] },
        },
        { id: 'search-2', name: 'One ring, whatever it takes', find: { layouts: ['1x'], asks: ['easiest'] } },
      ],
    },
    setups: [
      {
        shorthand: '48/32 x 11-36',
        name: 'As ridden',
        rearDerailleur: {
          totalCapacityT: 41,
          largestCogMaxT: 36,
          largestCogMinT: 28,
          smallestCogMinT: 11,
          ringDifferenceMaxT: 16,
          cageLengthMm: 93,
          pullRatio: 1.41,
        },
        parts: {
          cablePullMm: 2.57,
          shifterSpeeds: 12,
          chainSpeeds: 12,
          cassetteSpline: 'nine wide splines',
          cassetteLengthMm: 34.9,
          spacerMm: 1.85,
          frontBigRingMinT: 46,
          frontBigRingMaxT: 52,
          smallestRingT: 30,
        },
        chainLinks: 112,
        massG: 1985,
        cost: 0,
      },
      {
        shorthand: '44 x 10-44',
        name: 'One ring, wide',
        rearDerailleur: {
          totalCapacityT: 36,
          largestCogMaxT: 44,
          largestCogMinT: 38,
          smallestCogMinT: 10,
          cageLengthMm: 76,
          pullRatio: 1.41,
        },
        parts: {
          cablePullMm: 2.57,
          shifterSpeeds: 12,
          chainSpeeds: 12,
          cassetteSpline: 'short splines and a thread',
          boltCircleMm: 104,
          retention: ['narrowWide', 'clutch'],
        },
        massG: 1610,
        cost: 310,
      },
      {
        shorthand: '46/30 x 11-34',
        name: 'Two rings, closer',
        rearDerailleur: { totalCapacityT: 41, largestCogMaxT: 36, largestCogMinT: 28, smallestCogMinT: 11 },
        massG: 1940,
        cost: 145,
      },
    ],
  },
  {
    id: 'seawall-all-road',
    name: 'Seawall all-road',
    bike: {
      wheelsets: [
        { ...WHEEL_DEFAULTS, name: 'Road wheels', tyreWidthMm: 42, measuredRolloutMm: 2188 },
        { id: 'wheels-2', name: 'Winter wheels', rimDiameterMm: 584, tyreWidthMm: 54 },
      ],
      crankLengthMm: 172.5,
      brief: { use: 'allRoad', aims: ['cadence'] },
    },
    setups: [
      {
        shorthand: '44 x 10-44',
        rearDerailleur: { totalCapacityT: 36, largestCogMaxT: 44, largestCogMinT: 38, smallestCogMinT: 10 },
      },
    ],
  },
  {
    id: 'harbour-load-carrier',
    name: 'Harbour load carrier',
    bike: {
      wheelsets: [{ ...WHEEL_DEFAULTS, name: 'Small wheels', rimDiameterMm: 406, tyreWidthMm: 55 }],
      crankLengthMm: 165,
      cadenceRpm: 75,
      brief: { use: 'loads' },
    },
    setups: [
      {
        shorthand: '38 x 11-51 11s',
        rearDerailleur: { totalCapacityT: 39, largestCogMaxT: 50, smallestCogMinT: 11 },
      },
    ],
  },
  {
    id: 'pinewood-hardtail',
    name: 'Pinewood hardtail',
    bike: {
      wheelsets: [{ ...WHEEL_DEFAULTS, name: 'Trail wheels', tyreWidthMm: 60 }],
      crankLengthMm: 170,
      cadenceRpm: 85,
      brief: { use: 'trail' },
    },
    setups: [
      {
        shorthand: '32 x 10-52',
        rearDerailleur: { totalCapacityT: 42, largestCogMaxT: 52, largestCogMinT: 50, smallestCogMinT: 10 },
      },
    ],
  },
];

/** The default date of the demo workshop. */
const DEMO_DAY_MS = Date.UTC(2026, 10, 25);

const midnight = (ms: number) => ms - (ms % 86_400_000);

/**
 * The demo workshop but for what was recorded on its bikes, which takes longest to make.
 * @param todayMs midnight or later of the day that it is
 */
export function demoWithoutRides(todayMs: number = DEMO_DAY_MS): Dataset {
  const bikes = DEMO_BIKES.map(({ id, name, bike }, rank): BikeRecord => ({
    id,
    rank,
    name,
    ...BIKE_DEFAULTS,
    ...bike,
  }));
  const setups = DEMO_BIKES.flatMap(({ id: bikeId, setups: own }) =>
    own.map(({ shorthand, ...more }, rank): SetupRecord => {
      const result = parseShorthand(shorthand);
      if (!result.ok) throw new Error(`demo bike ${bikeId}: ${result.message}`);
      const { chainrings, cogs } = result.setup;
      const id = `${bikeId}-${'abcd'.charAt(rank)}`;
      return { ...SETUP_DEFAULTS, ...more, id, bikeId, rank, chainrings, cogs, hubStages: NO_HUB_STAGE };
    }),
  );
  const parts = demoStock(todayMs, firstOf(setups), itemAt(setups, 1));
  const madeOf = [DEMO_MADE_OF.tourer, DEMO_MADE_OF.oneRing];
  const made = setups.map((setup, i) => (madeOf[i] ? { ...setup, partIds: madeOf[i] } : setup));
  const partsById = new Map(parts.map((part) => [part.id, part]));
  return {
    bikes,
    setups: made,
    rides: [],
    recordings: [],
    routes: demoRoutes(),
    parts,
    jobs: demoJobs({ bikes, setups: made, parts: partsById }, midnight(todayMs)),
    photos: [],
    notes: demoNotes(midnight(todayMs)),
    learners: demoLearners(midnight(todayMs)),
    preferences: [
      {
        ...PREFERENCES_DEFAULTS,
        currentBikeId: firstOf(DEMO_BIKES).id,
        currency: 'EUR',
        currentRouteId: 'route-rolling',
      },
    ],
  };
}

/** The demo workshop; the same records for the same day. @param todayMs midnight or later of the day that it is */
export function demoDataset(todayMs: number = DEMO_DAY_MS): Dataset {
  const workshop = demoWithoutRides(todayMs);
  const cassetteBefore = definite(workshop.parts.find(({ id }) => id === 'cassette-11-34'));
  const ridden = demoRides(
    firstOf(workshop.bikes),
    firstOf(workshop.setups),
    definite(cassetteBefore.data.cogs),
    todayMs,
  );
  return {
    ...workshop,
    rides: ridden.map(({ ride }) => ride),
    recordings: ridden.map(({ recording }) => recording),
  };
}

import { seededRandom } from '../../tests/support/rides';
import { fillBrief, resistanceOf, rideRulesOf } from '../core/needs';
import { developedGears, rolloutMm } from '../core/gears';
import { gearUse, recordingOfRide, type Recording } from '../core/recording';
import { DEFAULT_WALKING_RPM, rideThrough } from '../core/ride';
import { wheelOf } from '../records';
import { demoWithoutRides } from './demo';

const { bikes, setups, routes } = demoWithoutRides();
const route = routes.find(({ id }) => id === 'route-rolling')!;
const profile = { stepM: route.stepM, elevationM: Float64Array.from(route.elevationM) };

/** A normal deviate (Box–Muller). */
const normal = (random: () => number) => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

const noisy = (recording: Recording, seed: number): Recording => {
  const random = seededRandom(seed);
  return {
    ...recording,
    speedMs: recording.speedMs.map((speed) => Math.max(0, speed * (1 + 0.02 * normal(random)))),
    cadenceRpm: recording.cadenceRpm.map((rpm) => (rpm === 0 ? 0 : Math.max(1, Math.round(rpm + normal(random))))),
  };
};

test.each(setups.map((setup) => [setup.id, setup] as const))(
  'gears of a ride of the stand-in are told: %s',
  (_, setup) => {
    const bike = bikes.find((one) => one.id === setup.bikeId)!;
    const brief = fillBrief(bike.brief);
    const wheelMm = rolloutMm(wheelOf(bike.wheelsets[0]!));
    const gears = developedGears(setup, wheelMm);
    const band = { lowRpm: brief.lowRpm, highRpm: brief.highRpm, crossedCogs: bike.crossedCogs };
    const rules = rideRulesOf(brief, setup, wheelMm, bike.crossedCogs, DEFAULT_WALKING_RPM);
    const ride = rideThrough(profile, resistanceOf(brief), rules);
    const recording = noisy(recordingOfRide(ride), 31);
    const use = gearUse(recording, { setup, gears, rolloutMm: wheelMm, ...band });
    let place = 0;
    const counts = { moving: 0, right: 0, duplicates: 0 };
    recording.timeS.forEach((second, i) => {
      while (place < ride.points.length - 2 && ride.points[place + 1]!.timeS <= second) place += 1;
      if (ride.points[place]!.cadenceRpm === 0 || ride.points[place + 1]!.cadenceRpm === 0) return;
      // Between two points of different gears the shift falls somewhere: either is right.
      const true1 = ride.points[place]!.gear;
      const true2 = ride.points[place + 1]!.gear;
      const told = use.sequence[i]!;
      counts.moving += 1;
      if (told === true1 || told === true2) counts.right += 1;
      else if (told >= 0 && gears[told]!.chainring * gears[true1]!.cog === gears[true1]!.chainring * gears[told]!.cog) {
        counts.duplicates += 1;
      }
    });
    const share = counts.right / (counts.moving - counts.duplicates);
    expect(share).toBeGreaterThanOrEqual(0.98);
    // Exact duplicates, counted separately: the sequence identifies all but a few of them.
    expect(counts.duplicates / counts.moving).toBeLessThan(0.01);
  },
);

import { developedGears, type Setup } from '@/core/gears';
import { recordingOfRide, type Recording } from '@/core/recording';
import { rideThrough, type ElevationProfile, type Resistance, type RideRules } from '@/core/ride';
import { seededRandom } from './rides';
import { TOURER, TOURER_ROLLOUT_MM } from './setups';

/** Rolling hills of some 6%, in steps of 20 m. */
export function hills(lengthM: number, seed = 1, steepness = 1): ElevationProfile {
  const random = seededRandom(seed);
  const waves = Array.from({ length: 6 }, () => ({ lengthM: 900 + 5200 * random(), phase: 6 * random() }));
  const heightAt = (metres: number) =>
    300 +
    waves.reduce(
      (sum, { lengthM: wave, phase }) =>
        sum + 0.006 * steepness * wave * Math.sin((2 * Math.PI * metres) / wave + phase),
      0,
    );
  return { stepM: 20, elevationM: Float64Array.from({ length: lengthM / 20 + 1 }, (_, i) => heightAt(20 * i)) };
}

export const RESISTANCE: Resistance = {
  massKg: 90,
  crr: 0.007,
  cdaM2: 0.42,
  airDensityKgM3: 1.2,
  efficiency: 0.96,
  headwindMs: 0,
};

export const rulesOn = (setup: Setup, more: Partial<RideRules> = {}): RideRules => ({
  setup,
  gears: developedGears(setup, TOURER_ROLLOUT_MM),
  crossedCogs: 2,
  powerW: 190,
  lowRpm: 75,
  highRpm: 95,
  preferredRpm: 85,
  spinOutRpm: 105,
  climbingRpm: 55,
  walkingRpm: 30,
  ...more,
});

/**
 * A ride whose rider, road and bicycle are known, as a device records it.
 * @param freewheels whether the rider freewheels wherever it goes down by 2% or more
 * @param noise share of it that speeds scatter, and metres that heights do; power readings scatter by ten times the share
 */
export function knownRide(
  profile: ElevationProfile,
  {
    resistance = RESISTANCE,
    rules = rulesOn(TOURER),
    noise = 0,
    heightNoiseM = 0,
    withPower = false,
    freewheels = false,
    seed = 1,
  } = {},
): Recording {
  const random = seededRandom(seed);
  const scatter = () => random() + random() + random() - 1.5;
  const falls = (place: number) =>
    (profile.elevationM[place + 1] ?? 0) - profile.elevationM[Math.min(place, profile.elevationM.length - 1)]! <
    -0.02 * profile.stepM;
  const powerW = profile.elevationM.map((_, place) => (freewheels && falls(place) ? 0 : rules.powerW));
  const ride = rideThrough(profile, resistance, { ...rules, pacing: { powerW, criticalW: 1000, anaerobicJ: 1 } });
  const ridden = recordingOfRide(ride);
  const rests = (i: number) => powerW[Math.floor(ridden.distanceM[i]! / profile.stepM)] === 0;
  const recording = { ...ridden, cadenceRpm: ridden.cadenceRpm.map((rpm, i) => (rests(i) ? 0 : rpm)) };
  return {
    ...recording,
    speedMs: recording.speedMs.map((speed) => speed * (1 + 2 * noise * scatter())),
    elevationM: recording.elevationM.map((height) => height + 2 * heightNoiseM * scatter()),
    ...(withPower && {
      powerW: recording.cadenceRpm.map((rpm) => (rpm > 0 ? rules.powerW * (1 + 20 * noise * scatter()) : 0)),
    }),
  };
}

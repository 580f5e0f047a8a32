import { cases } from '../../../tests/support/fuzz';
import { difficultRide, plainViterbi } from '../../../tests/support/difficult-rides';
import { TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { gearsOf, type Setup } from '../gears';
import { GENERIC_CASSETTES } from '../catalog/cassettes';
import { gearUse, likelier, type Recording } from './index';
import { fitModel } from './fit-model';
import { GearModel } from './gear-model';
import { GearWindow } from './gear-window';
import { readingsOf } from './readings';

const WIDE: Setup = { chainrings: [40], cogs: [11, 13, 15, 17, 19, 21, 24, 28, 32, 37, 42], hubStages: [1] };

/** Confidence at each second, of which gear use gives the mean. */
function confidences(recording: Recording, setup: Setup): Float32Array {
  const readings = readingsOf(recording, TOURER_ROLLOUT_MM);
  const gears = gearsOf(setup);
  const { model } = fitModel(gears, setup, readings, 1);
  const count = recording.timeS.length;
  const sure = new Float32Array(count);
  new GearWindow(new GearModel(gears, setup, readings, model, undefined), count).decode(
    0,
    count,
    count,
    (i, _position, _drives, confidence) => (sure[i] = confidence),
  );
  return sure;
}

/** Shares of the seconds that were driven, and of those identified as driving. */
function accuracyOf(setup: Setup, speedNoise: number, dropouts: number, coasting: number) {
  const sums = {
    driven: 0,
    both: 0,
    right: 0,
    plain: 0,
    identified: 0,
    identifiedRight: 0,
    claimed: 0,
    claimedWhileDriving: 0,
  };
  const ringChanges = { made: 0, counted: 0 };
  for (let seed = 1; seed <= cases(6); seed += 1) {
    const ride = { setup, rolloutMm: TOURER_ROLLOUT_MM, seconds: 2500, seed, speedNoise, dropouts, coasting };
    const { recording, gears, drives } = difficultRide(ride);
    const rules = {
      setup,
      gears: gearsOf(setup),
      rolloutMm: TOURER_ROLLOUT_MM,
      crossedCogs: 2,
      lowRpm: 75,
      highRpm: 95,
    };
    const use = gearUse(recording, rules);
    const sure = confidences(recording, setup);
    const plain = plainViterbi(recording, setup, TOURER_ROLLOUT_MM, speedNoise);
    gears.forEach((gear, i) => {
      const isIdentified = use.sequence[i]! >= 0;
      if (isIdentified) {
        sums.identified += 1;
        sums.identifiedRight += Number(use.sequence[i] === gear);
      }
      if (!drives[i]) return;
      sums.driven += 1;
      if (!isIdentified) return;
      sums.both += 1;
      sums.claimedWhileDriving += sure[i]!;
      sums.right += Number(use.sequence[i] === gear);
      sums.plain += Number(plain[i] === gear);
    });
    sums.claimed += use.sure * use.drivingS;
    ringChanges.counted += use.frontShifts;
    const rings = gears.filter((_, i) => drives[i]).map((gear) => rules.gears[gear]!.chainring);
    ringChanges.made += rings.filter((ring, i) => i > 0 && ring !== rings[i - 1]).length;
  }
  return {
    found: sums.both / sums.driven,
    right: sums.right / sums.both,
    plain: sums.plain / sums.both,
    identifiedRight: sums.identifiedRight / sums.identified,
    claimed: sums.claimed / sums.identified,
    claimedWhileDriving: sums.claimedWhileDriving / sums.both,
    ringChanges,
  };
}

describe.each([
  ['two rings', TOURER],
  ['one ring', WIDE],
])('%s', (_, setup) => {
  test.each([
    [0, 0, 0],
    [0, 0.1, 0.2],
    [0.02, 0.1, 0.2],
    [0.02, 0.2, 0],
    [0.04, 0, 0.2],
    [0.04, 0.1, 0.2],
    [0.05, 0, 0],
    [0.05, 0.1, 0.2],
  ])('noise %f, dropouts %f, freewheeling %f: as right as plain Viterbi, and as sure as right', (...difficulty) => {
    const { found, right, plain, identifiedRight, claimed, claimedWhileDriving, ringChanges } = accuracyOf(
      setup,
      ...difficulty,
    );
    expect(found).toBeGreaterThan(0.97);
    expect(right).toBeGreaterThan(plain - 0.005);
    expect(Math.abs(claimedWhileDriving - right)).toBeLessThan(0.02);
    // Of the time in which the rider freewheels behind a sensor that says nothing, no data tells the gear.
    expect(Math.abs(claimed - identifiedRight)).toBeLessThan(0.035);
    // Few changes of ring are counted that were not made, and few missed.
    expect(ringChanges.counted).toBeGreaterThanOrEqual(0.67 * ringChanges.made);
    expect(ringChanges.counted).toBeLessThanOrEqual(1.75 * ringChanges.made);
  });
});

describe('another cassette', () => {
  const cassettes = GENERIC_CASSETTES.map(({ cogs }) => cogs).filter(({ length }) => length >= 9);
  const rings = [[40], [32, 48], [34, 50], [30, 46], [36]];
  /** Cases spread over cassettes, rings, noise, dropouts and freewheeling. */
  const spread = Array.from({ length: cases(5) }, (_, k) => ({
    setup: { chainrings: rings[k % 5]!, cogs: cassettes[(7 * k) % cassettes.length]!, hubStages: [1] },
    ride: {
      rolloutMm: TOURER_ROLLOUT_MM,
      seconds: 3600,
      speedNoise: [0, 0.01, 0.02, 0.03, 0.04][Math.floor(k / 2) % 5]!,
      cadenceNoiseRpm: k % 2 ? 2 : 0.5,
      dropouts: (k % 3) * 0.1,
      coasting: (k % 4) * 0.1,
    },
    k,
  }));

  test('is never suspected where the ride was on the one of the workspace', () => {
    for (const { setup, ride, k } of spread) {
      const { recording } = difficultRide({ ...ride, setup, seed: k + 1 });
      expect(likelier([recording], setup, TOURER_ROLLOUT_MM, cassettes)).toMatchObject({
        cogs: undefined,
        rolloutMm: undefined,
      });
    }
  });

  test('is named where it was ridden, as far as its cogs were', () => {
    for (const { setup, ride, k } of spread) {
      const others = cassettes.filter((cogs) => cogs.length === setup.cogs.length && cogs !== setup.cogs);
      const { recording, gears, drives } = difficultRide({ ...ride, setup, seed: k + 500 });
      const seconds = new Map<number, number>();
      gears.forEach((gear, i) => {
        const { cog } = gearsOf(setup)[gear]!;
        if (drives[i]) seconds.set(cog, (seconds.get(cog) ?? 0) + 1);
      });
      const ridden = setup.cogs.filter((cog) => (seconds.get(cog) ?? 0) >= 60);
      for (const cogs of others.slice(k % 3, (k % 3) + 1)) {
        const named = likelier([recording], { ...setup, cogs }, TOURER_ROLLOUT_MM, cassettes).cogs ?? cogs;
        expect(named).toEqual(expect.arrayContaining(ridden));
      }
    }
  });
});

test('a wrong rollout lowers the confidence', () => {
  const ride = {
    setup: TOURER,
    rolloutMm: TOURER_ROLLOUT_MM,
    seconds: 3000,
    seed: 8,
    speedNoise: 0.01,
    dropouts: 0,
    coasting: 0.1,
  };
  const { recording } = difficultRide(ride);
  const sure = (factor: number) =>
    gearUse(recording, {
      setup: TOURER,
      gears: gearsOf(TOURER),
      rolloutMm: TOURER_ROLLOUT_MM * factor,
      crossedCogs: 2,
      lowRpm: 75,
      highRpm: 95,
    }).sure;
  expect(sure(1.04)).toBeLessThan(sure(1) - 0.01);
  expect(sure(0.95)).toBeLessThan(sure(1) - 0.01);
});

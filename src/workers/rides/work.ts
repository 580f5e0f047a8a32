import type { Bytes } from '../../records/bytes';
import { gearsOf } from '../../core/gears';
import {
  gearUse,
  likelier,
  mergeGearUse,
  replay,
  withoutPositions,
  type Recording,
  type Replay,
} from '../../core/recording';
import {
  chainLoad,
  crankPowerW,
  habitOf,
  huntingCost,
  riderFromRides,
  shiftsOf,
  sumChainLoads,
  sumHunting,
} from '../../core/ridden';
import { rideThrough } from '../../core/ride';
import { digestOf, packRecording, unpackRecording } from '../../formats/ride/pack';
import { readRideFile } from '../../formats/ride/ride-file';
import type { RideWork } from './protocol';
import { t } from '../words';
import { firstOf, itemAt, definite } from '../../core/items';

/** The work itself, independent of where it runs; tests call it directly. */
export const rideWork: RideWork = {
  readFile: async ({ name, bytes, mappings, keepPositions }, onProgress) => {
    const result = await readRideFile(name, bytes, { mappings, onProgress });
    if (result.kind !== 'ride') return { result, packed: undefined, digest: undefined };
    const { startedAtMs } = result;
    const recording = keepPositions ? result.recording : withoutPositions(result.recording);
    return {
      result: { ...result, recording },
      packed: packRecording(recording),
      digest: digestOf(startedAtMs, recording),
    };
  },

  gearUsage: ({ setup, rolloutMm, crossedCogs, lowRpm, highRpm, packed, cassettes, replayOn }, onProgress) =>
    attempt(() => {
      const recordings = packed.map(unpacked);
      const rules = { setup, gears: gearsOf(setup), rolloutMm, crossedCogs, lowRpm, highRpm };
      const uses = recordings.map((recording, i) =>
        gearUse(recording, rules, (done) => onProgress((i + done) / recordings.length)),
      );
      const [only] = uses;
      return {
        use: uses.length === 1 ? definite(only) : mergeGearUse(uses),
        likelier: likelier(recordings, setup, rolloutMm, cassettes),
        habit: habitOf(
          recordings.flatMap((recording, i) => shiftsOf(recording, itemAt(uses, i).sequence, rules.gears)),
        ),
        replays: replayOn.map((on) => sumReplays(recordings.map((recording) => replay(recording, on)))),
      };
    }),

  ridden: ({ packed, rider, on }) =>
    attempt(() => {
      const recordings = packed.map(unpacked);
      const told = riderFromRides(recordings, rider);
      // What the rides say of rolling and air is what they were ridden against.
      const { crr, cdaM2 } = told.ok ? { crr: told.rider.crr.value, cdaM2: told.rider.cdaM2.value } : rider;
      const powered = recordings.flatMap((recording) => {
        const powerW =
          rider.hasMotor && !recording.powerW ? undefined : crankPowerW(recording, { ...rider, crr, cdaM2 });
        return powerW ? [{ recording, powerW }] : [];
      });
      return {
        rider: told,
        hunting: on.map(({ rules }) => sumHunting(recordings.map((recording) => huntingCost(recording, rules)))),
        chain:
          powered.length === 0
            ? undefined
            : on.map(({ rules, chainLinks }) =>
                sumChainLoads(powered.map(({ recording, powerW }) => chainLoad(recording, powerW, rules, chainLinks))),
              ),
      };
    }),

  rideThrough: ({ profile, setups }) =>
    attempt(() => setups.map(({ rules, resistance }) => rideThrough(profile, resistance, rules))),
};

/** Turns an exception into a named failure. */
function attempt<T>(work: () => T): Promise<T> {
  return new Promise((resolve) => resolve(work()));
}

function unpacked(packed: Bytes): Recording {
  const recording = unpackRecording(packed);
  if (!recording) throw new Error(t('samplesDamaged'));
  return recording;
}

function sumReplays(replays: readonly Replay[]): Replay {
  const sum = (of: (one: Replay) => number) => replays.reduce((total, one) => total + of(one), 0);
  const drivingS = sum((one) => one.drivingS);
  return {
    drivingS,
    secondsByGear: firstOf(replays).secondsByGear.map((_, gear) => sum((one) => itemAt(one.secondsByGear, gear))),
    belowS: sum((one) => one.belowS),
    aboveS: sum((one) => one.aboveS),
    lostS: sum((one) => one.lostS),
    wonS: sum((one) => one.wonS),
    crossedS: sum((one) => one.crossedS),
    meanChange: drivingS > 0 ? sum((one) => one.meanChange * one.drivingS) / drivingS : 0,
  };
}

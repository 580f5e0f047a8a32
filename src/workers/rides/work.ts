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
        replays: replayOn.map((on) => sumReplays(recordings.map((recording) => replay(recording, on)))),
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

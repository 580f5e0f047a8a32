import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { gearReport, type Setup } from '../../core/gears';
import {
  laidOut,
  laneOf,
  pictureOf,
  rememberedLanes,
  type LadderRequest,
  type LadderFrame,
  type LaneRequest,
} from './request';
import { METRIC } from '../units/measures';
import { cases } from '../../../tests/support/fuzz';

const laneRequest = (setup: Setup, place: number): LaneRequest => ({
  place,
  title: `setup ${place}`,
  setup,
  riding: {
    rolloutMm: TOURER_ROLLOUT_MM,
    cadenceRpm: 90,
    crankLengthMm: undefined,
    closenessPercent: 5,
    crossedCogs: 2,
  },
  band: { lowRpm: 82, highRpm: 94 },
});

const FRAME: LadderFrame = {
  left: { title: 'Speed, km/h', perMetre: 5.4 },
  right: { title: 'Development, m', perMetre: 1 },
  reading: 'speedStep',
  units: METRIC,
  height: 500,
};

const askedOf = (setups: readonly Setup[], key?: string): LadderRequest => ({
  lanes: setups.map(laneRequest),
  chosen: { place: 0, key },
});

test('without a key the easiest gear is chosen; a key that is not there chooses none', () => {
  expect(pictureOf(askedOf([TOURER]), FRAME).selected).toEqual({ place: 0, key: '32/36' });
  expect(pictureOf(askedOf([TOURER], '48/11'), FRAME).selected.key).toBe('48/11');
  const { scene } = laidOut(pictureOf(askedOf([TOURER], '48/99'), FRAME), 1240, undefined);
  expect(scene.across.some(({ key }) => key === 'plumb')).toBe(false);
});

test('a brief that contradicts itself: no speeds are said to be reached', () => {
  expect(laneOf({ ...laneRequest(TOURER, 0), band: undefined }).coverage).toBeUndefined();
  expect(laneOf(laneRequest(TOURER, 0)).coverage!.band).toEqual({ lowRpm: 82, highRpm: 94 });
});

test('a lane that is asked for as before is the lane before, of another tooth or band another', () => {
  const lane = rememberedLanes();
  const [a, b] = [laneRequest(TOURER, 0), laneRequest(TOURER, 1)];
  const again = { ...b, setup: { ...b.setup, cogs: [...b.setup.cogs] }, riding: { ...b.riding } };
  const [laneA, laneB] = [lane(a), lane(b)];
  const typed = { ...a, setup: { ...TOURER, cogs: [...TOURER.cogs.slice(0, -1), 34] } };
  expect(lane(typed)).toEqual(laneOf(typed));
  expect(lane(again)).toBe(laneB);
  expect(lane(a)).toEqual(laneA);
  expect(lane({ ...b, band: undefined }).coverage).toBeUndefined();
});

test('the sizes that a ladder is drawn from are those of the report', () => {
  fc.assert(
    fc.property(setupArbitrary(2), (setup) => {
      const asked = laneRequest(setup, 0);
      expect(gearReport(setup, asked.riding)).toMatchObject(laneOf(asked).report);
    }),
    { ...SEEDED, numRuns: cases(12) },
  );
});

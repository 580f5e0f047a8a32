import { gearsOf } from '../../core/gears';
import { RIDE } from '../../../tests/support/ride-record';
import { demoWithoutRides } from '../../store/demo';
import { timeInGears } from './time-in-gears';

const demo = demoWithoutRides();
const bike = demo.bikes.find(({ id }) => id === 'estuary-tourer')!;
const setups = demo.setups.filter(({ bikeId }) => bikeId === bike.id);
const { wheelsetId, chainrings, cogs, hubStages } = setups[0]!;
const ride = { ...RIDE, bikeId: bike.id, wheelsetId, setup: { chainrings, cogs, hubStages } };
const use = { shares: gearsOf(ride.setup).map((gear) => ({ gear, share: 1 / 24 })) as never };
const replays = setups.map((setup) => ({
  drivingS: 100,
  secondsByGear: Float64Array.from(gearsOf(setup), (_, i) => (i === 0 ? 100 : 0)),
}));

test('what was ridden comes first, under the letter of its setup; then the other setups as they would have been', () => {
  const columns = timeInGears(ride, use, replays, bike, setups);
  expect(columns.map(({ place, title }) => [place, title])).toEqual([
    [0, 'as ridden, 48/32 x 11-36'],
    [1, 'would be, One ring, wide'],
    [2, 'would be, Two rings, closer'],
  ]);
  expect(columns[1]!.shares[0]).toMatchObject({ gear: { chainring: 44, cog: 44 }, share: 1 });
});

test('a setup that is not in the workspace any more has a letter of its own', () => {
  const former = { ...ride, setup: { chainrings: [40], cogs: [11, 42], hubStages: [1] } };
  expect(timeInGears(former, use, replays, bike, setups).map(({ place }) => place)).toEqual([3, 0, 1, 2]);
  const full = [...setups, { ...setups[1]!, id: 'fourth' }];
  expect(timeInGears(former, use, [...replays, replays[1]!], bike, full).map(({ place }) => place)).toEqual([
    0, 1, 2, 3,
  ]);
});

test('without pedalling no gear has a share', () => {
  const still = replays.map((replay) => ({ ...replay, drivingS: 0 }));
  const columns = timeInGears(ride, use, still, bike, setups);
  expect(columns[1]!.shares.every(({ share }) => share === 0)).toBe(true);
});

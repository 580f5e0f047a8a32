import { demoWithoutRides } from '../../store/demo';
import type { BikeRecord } from '../bike';
import type { JobFacts } from './job-card';
import { roleChanges, roleStates } from './roles';

const demo = demoWithoutRides();
const tourer = demo.bikes.find(({ id }) => id === 'estuary-tourer')!;
const setups = demo.setups.filter(({ bikeId }) => bikeId === tourer.id);
const parts = new Map(demo.parts.map((part) => [part.id, part]));
const [a, b, c] = setups.map(({ id }) => id);
const withRoles = (
  ...list: (readonly [name: string, setupId: string | undefined, use?: 'road' | 'loads'])[]
): BikeRecord => ({
  ...tourer,
  roles: list.map(([name, setupId, use]) => ({ id: name, name, setupId, brief: { use } })),
});
const factsOf = (bike: BikeRecord): JobFacts => ({ bike, setups, jobs: [], parts, experience: [], times: {} });

test('a role is judged by its own needs, on the wheels of its own setup', () => {
  const states = roleStates(
    withRoles(['Loaded', a, 'loads'], ['Fast', b, 'road'], ['Open', undefined], ['Gone', 'removed']),
    setups,
  );
  expect(states.map(({ fitted }) => fitted?.place)).toEqual([0, 1, undefined, undefined]);
  const [loaded, fast] = states;
  expect(loaded!.brief.use).toBe('loads');
  expect(loaded!.fitted).toMatchObject({ easyEnough: loaded!.fitted!.easiestM <= loaded!.needs.easiestMaxM });
  expect(fast!.needs.hardestMinM).not.toBeCloseTo(loaded!.needs.hardestMinM, 1);
  // What is said of rider and bike counts in every role.
  expect(fast!.brief.riderMassKg).toBe(tourer.brief.riderMassKg);
});

test('a bike without roles has none', () => {
  expect(roleStates({ ...tourer, roles: undefined }, setups)).toEqual([]);
});

test('each pair of roles is one change, the quickest first; those without a setup are in none', () => {
  const bike = withRoles(['Loaded', a], ['Fast', b], ['Everyday', a], ['Closer', c], ['Open', undefined]);
  const changes = roleChanges(roleStates(bike, setups), factsOf(bike));
  expect(changes).toHaveLength(6);
  expect(changes[0]).toMatchObject({ from: { role: { name: 'Loaded' } }, to: { role: { name: 'Everyday' } } });
  expect(changes[0]!.card).toBeUndefined();
  const minutes = changes.map(({ card }) => card?.minutes ?? 0);
  expect(minutes).toEqual([...minutes].sort((one, other) => one - other));
  for (const { from, to, card } of changes.slice(1)) {
    expect(card!.from.setup.cogs).toEqual(from.fitted!.setup.cogs);
    expect(card!.to.setup.cogs).toEqual(to.fitted!.setup.cogs);
    expect(card!.on.length).toBeGreaterThan(0);
  }
});

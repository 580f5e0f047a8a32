import { driveForRoles } from '../../core/job';
import type { BikeRecord } from '../../records';
import { roleStates } from '../../records/selectors/roles';
import { demoWithoutRides } from '../../store/demo';
import { driveText, roleAnswer } from './role-words';
import { METRIC } from '../../features/units/measures';

const demo = demoWithoutRides();
const tourer = demo.bikes.find(({ id }) => id === 'estuary-tourer')!;
const setups = demo.setups.filter(({ bikeId }) => bikeId === tourer.id);
const bike: BikeRecord = {
  ...tourer,
  roles: [
    { id: 'loaded', name: 'Loaded', setupId: setups[0]!.id, brief: { use: 'touring', loadMassKg: 25 } },
    { id: 'fast', name: 'Fast road', setupId: setups[1]!.id, brief: { use: 'road' } },
    { id: 'town', name: 'Town', setupId: setups[0]!.id, brief: { use: 'town' } },
    { id: 'open', name: 'Open', brief: {} },
    { id: 'odd', name: 'Odd', setupId: setups[0]!.id, brief: { lowRpm: 90, highRpm: 60 } },
  ],
};
const states = roleStates(bike, setups);
const drive = (chainrings: number[], cogs: number[]) => ({
  setup: { chainrings, cogs, hubStages: [1] },
  chainstayMm: 430,
  suspensionGrowthMm: 0,
  bbDropMm: 70,
});
const TWO = drive([48, 32], [11, 13, 15, 17, 19, 21, 23, 26, 30, 34]);
const ONE = drive([42], [11, 13, 15, 17, 19, 22, 26, 32, 38, 46]);
const LONG = { name: 'of A', rearDerailleur: { totalCapacityT: 43, largestCogMaxT: 36, cageLengthMm: 100 } };

test('a role says whether its setup is enough, or what is missing', () => {
  expect(roleAnswer(states[3]!, METRIC)).toBe('choose a setup');
  expect(roleAnswer(states[4]!, METRIC)).toContain('its details conflict');
  for (const state of states.slice(0, 3)) expect(roleAnswer(state, METRIC)).toMatch(/^(yes: |no: |yes, but ).*\d m/);
});

test('one drive for all: named where it serves, else the role and the limit in the way', () => {
  const [yes, needed] = driveText(driveForRoles([TWO, TWO], [LONG]), states);
  expect(yes).toMatch(/^Yes: the derailleur of A suits every role, with one chain of \d+( to \d+)? links\.$/);
  expect(needed).toBe('Needed: 39T capacity and a largest cog of 34T.');
  const no = driveText(driveForRoles([TWO, ONE, TWO], [LONG]), states).join(' ');
  expect(no).toContain('No: the derailleur of A comes closest; for Fast road: Largest cog 46T');
  expect(no).toContain('Without Fast road, one derailleur and chain would do for the other roles.');
  const perhaps = driveText(driveForRoles([TWO, TWO], [{ name: 'of A', rearDerailleur: {} }]), states).join(' ');
  expect(perhaps).toContain('its capacity, its largest cog and its cage length are not known');
});

import { TOURER } from '../../../tests/support/setups';
import { leaveOut, leftOutPlaces, toggledGear } from './left-out';

const combination = { ...TOURER, rearDerailleur: { totalCapacityT: 41, cageLengthMm: 93 }, rearPartId: undefined };
const places = [
  { ring: 1, cog: 0 },
  { ring: 0, cog: 11 },
];
const leftOut = leaveOut(places, combination)!;

test('gears are left out by their teeth, and found again by their places', () => {
  expect(leftOut.gears).toEqual([
    { chainring: 32, cog: 11 },
    { chainring: 48, cog: 36 },
  ]);
  expect(leftOutPlaces(leftOut, combination)).toEqual(places);
  expect(leaveOut([], combination)).toBeUndefined();
  expect(leftOutPlaces(undefined, combination)).toEqual([]);
});

test('they belong to one combination of rings, cassette and derailleur, and to no other', () => {
  const of = (more: object) => leftOutPlaces(leftOut, { ...combination, ...more });
  expect(of({ chainrings: [48, 34] })).toEqual([]);
  expect(of({ cogs: [10, ...TOURER.cogs.slice(1)] })).toEqual([]);
  expect(of({ rearDerailleur: { totalCapacityT: 33 } })).toEqual([]);
  // What only one of the two knows does not make it another derailleur.
  expect(of({ rearDerailleur: { largestCogMaxT: 36 } })).toEqual(places);
});

test('a derailleur that is named in stock is known by its name alone', () => {
  const named = leaveOut(places, { ...combination, rearPartId: 'long' })!;
  const of = (rearPartId: string | undefined, totalCapacityT: number) =>
    leftOutPlaces(named, { ...combination, rearPartId, rearDerailleur: { totalCapacityT } });
  expect(of('long', 33)).toEqual(places);
  expect(of('other', 41)).toEqual([]);
  expect([of(undefined, 41), of(undefined, 33)]).toEqual([places, []]);
});

test('a gear that the combination does not have is passed over, the first ones are not', () => {
  const gears = [
    { chainring: 48, cog: 11 },
    { chainring: 40, cog: 11 },
    { chainring: 48, cog: 40 },
    { chainring: 32, cog: 11 },
  ];
  expect(leftOutPlaces({ ...leftOut, gears }, combination)).toEqual([
    { ring: 0, cog: 0 },
    { ring: 1, cog: 0 },
  ]);
});

test('a gear is put in and taken out in turn', () => {
  const added = toggledGear({ ring: 1, cog: 2 }, places);
  expect(added).toEqual([...places, { ring: 1, cog: 2 }]);
  expect(toggledGear({ ring: 1, cog: 0 }, added)).toEqual([
    { ring: 0, cog: 11 },
    { ring: 1, cog: 2 },
  ]);
});

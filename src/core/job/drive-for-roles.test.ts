import { driveForRoles, type RoleDrive } from './drive-for-roles';

const role = (chainrings: number[], cogs: number[]): RoleDrive => ({
  setup: { chainrings, cogs, hubStages: [1] },
  chainstayMm: 430,
  suspensionGrowthMm: 0,
  bbDropMm: 70,
});
/** 48/32 × 11-34 of 10: 39T of capacity. */
const ROAD = role([48, 32], [11, 13, 15, 17, 19, 21, 23, 26, 30, 34]);
/** 44/28 × 11-36 of 10: 41T. */
const LOADED = role([44, 28], [11, 13, 15, 17, 19, 21, 24, 28, 32, 36]);
/** 42 × 11-46 of 10, a largest cog beyond most of them. */
const TRAIL = role([42], [11, 13, 15, 17, 19, 22, 26, 32, 38, 46]);
const LONG = { name: 'long', rearDerailleur: { totalCapacityT: 43, largestCogMaxT: 36, cageLengthMm: 100 } };
const SHORT = { name: 'short', rearDerailleur: { totalCapacityT: 33, largestCogMaxT: 30, cageLengthMm: 56 } };

describe('one rear derailleur and chain for all roles of a bike', () => {
  test('is the one that takes every role, with the links that all of them take', () => {
    const { found, derailleurs, needs, inTheWay, cogCounts } = driveForRoles([ROAD, LOADED], [SHORT, LONG]);
    expect(found).toBe('yes');
    expect(cogCounts).toEqual([]);
    expect(needs).toEqual({ capacityT: 41, largestCogT: 36 });
    expect(inTheWay).toBeUndefined();
    const [best, other] = derailleurs;
    expect(best).toMatchObject({ name: 'long', passed: [], chain: 'suits' });
    expect(best!.window.minLinks).toBeLessThanOrEqual(best!.window.maxLinks!);
    expect(other!.passed.map(({ role: place, check }) => [place, check.id])).toEqual(
      expect.arrayContaining([
        [0, 'totalCapacity'],
        [1, 'totalCapacity'],
        [1, 'largestCog'],
      ]),
    );
  });

  test('the role that stands in the way is named', () => {
    const { found, inTheWay, derailleurs } = driveForRoles([ROAD, TRAIL, LOADED], [LONG]);
    expect(found).toBe('no');
    expect(inTheWay).toBe(1);
    expect(derailleurs[0]!.passed).toMatchObject([{ role: 1, check: { id: 'largestCog', verdict: 'outside' } }]);
    // Neither of two roles restricts the drive more than the other.
    expect(driveForRoles([ROAD, TRAIL], [LONG]).inTheWay).toBeUndefined();
  });

  test('roles with another number of cogs share neither chain nor shifter', () => {
    const eleven = role([48, 32], [11, 12, 13, 15, 17, 19, 21, 23, 26, 30, 34]);
    expect(driveForRoles([ROAD, eleven], [LONG])).toMatchObject({ found: 'no', cogCounts: [10, 11] });
  });

  test('a chain that one role needs too long for another is none for both', () => {
    const small = role([30], [11, 13, 15, 17, 19]);
    const large = role([50], [11, 13, 15, 17, 36]);
    const wide = { name: 'wide', rearDerailleur: { totalCapacityT: 60, largestCogMaxT: 50, cageLengthMm: 60 } };
    expect(driveForRoles([small, large], [wide])).toMatchObject({
      found: 'no',
      derailleurs: [{ chain: 'tooFar', passed: [] }],
    });
  });

  test('a derailleur for which no chain serves stands behind one of which little is known', () => {
    const small = role([30], [11, 13, 15, 17, 19]);
    const large = role([50], [11, 13, 15, 17, 36]);
    const wide = { name: 'wide', rearDerailleur: { totalCapacityT: 60, largestCogMaxT: 50, cageLengthMm: 60 } };
    const bare = { name: 'bare', rearDerailleur: { totalCapacityT: 60 } };
    expect(driveForRoles([small, large], [wide, bare]).derailleurs.map(({ name }) => name)).toEqual(['bare', 'wide']);
    // Two against two: no one of them alone is in the way.
    expect(driveForRoles([small, large, small, large], [wide]).inTheWay).toBeUndefined();
    expect(driveForRoles([small, large, small], [wide]).inTheWay).toBe(1);
  });

  test('without figures nothing is promised', () => {
    const bare = { name: 'bare', rearDerailleur: {} };
    const { found, derailleurs } = driveForRoles([ROAD, LOADED], [bare]);
    expect(found).toBe('notKnown');
    expect(derailleurs[0]).toMatchObject({ notKnown: ['totalCapacity', 'largestCog'], chain: 'notKnown' });
    // A drive that is known to suit is listed first.
    expect(driveForRoles([ROAD, LOADED], [bare, LONG]).derailleurs.map(({ name }) => name)).toEqual(['long']);
  });
});

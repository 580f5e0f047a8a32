import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../tests/support/arbitraries';
import { TOURER } from '../../tests/support/setups';
import { BIKE_DEFAULTS, WHEEL_DEFAULTS, type BikeRecord } from '../records';
import { writeLink } from './link';
import { readLink } from './read-link';
import { cases } from '../../tests/support/fuzz';

const bike: BikeRecord = { id: 'b', rank: 3, name: 'Übel & Söhne = 100%', ...BIKE_DEFAULTS, crankLengthMm: 172.5 };
const wheels = { ...WHEEL_DEFAULTS, measuredRolloutMm: 2171.25 };
const read = (text: string) => readLink(new URLSearchParams(text));

test('a bike with a setup reads back from its link, but for ids and place', () => {
  fc.assert(
    fc.property(
      setupArbitrary(),
      fc.option(fc.integer({ min: 8, max: 70 }), { nil: undefined }),
      (setup, totalCapacityT) => {
        const rearDerailleur = totalCapacityT === undefined ? {} : { totalCapacityT, smallestCogMinT: 11 };
        const result = read(writeLink(bike, wheels, { ...setup, rearDerailleur }));
        if (result.kind !== 'bench') throw new Error(result.kind);
        expect(result.workspace.bike).toEqual({ ...bike, wheelsets: [wheels], id: 'linked', rank: 0 });
        expect(result.workspace.setup).toMatchObject({ ...setup, rearDerailleur });
        expect(result.workspace.setup.rearDerailleur).toEqual(rearDerailleur);
      },
    ),
    { ...SEEDED, numRuns: cases(25) },
  );
});

test('an address without a setup is no link; a short one takes the defaults', () => {
  expect(read('utm=1')).toEqual({ kind: 'none' });
  expect(read('setup=44x10-44')).toMatchObject({
    kind: 'bench',
    workspace: { bike: { wheelsets: [{ rimDiameterMm: 622 }], cadenceRpm: 90 } },
  });
});

test.each([
  ['setup=48-32x11-12-99', 'cog 99: cogs have 9 to 60 teeth'],
  ['setup=', 'chainring 0'],
  ['setup=48x11-12&rollout=20', 'measured rollout 20: it runs from 800 to 2600 mm'],
  ['setup=48x11-12&wheel=622', 'Invalid input'],
  ['setup=48x11-12&rd=500', 'total capacity 500T'],
])('%p is refused with the reason', (text, reason) => {
  const result = read(text);
  expect(result.kind).toBe('broken');
  expect(result.kind === 'broken' && result.message).toContain(reason);
});

test('a two-speed hub travels along', () => {
  const result = read(writeLink(bike, WHEEL_DEFAULTS, { ...TOURER, hubStages: [1, 0.7], rearDerailleur: {} }));
  expect(result).toMatchObject({ kind: 'bench', workspace: { setup: { hubStages: [1, 0.7] } } });
});

test('a link of the tourer is one line that a person can read', () => {
  expect(
    writeLink({ ...bike, name: 'Tourer' }, WHEEL_DEFAULTS, {
      ...TOURER,
      rearDerailleur: { totalCapacityT: 41, largestCogMaxT: 36 },
    }),
  ).toBe(
    'setup=48-32x11-12-13-14-15-17-19-21-24-28-32-36&wheel=622x40&rpm=90&close=5&crank=172.5&rd=41_36__&name=Tourer',
  );
});

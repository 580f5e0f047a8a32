import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { cases } from '../../../tests/support/fuzz';
import { CageReach, DRIVE_DEFAULTS, cagePose } from './index';

test('whether a chain is taut follows from lengths as from the angle of the cage', () => {
  const seen = new Set<string>();
  fc.assert(
    fc.property(
      setupArbitrary(),
      fc.integer({ min: 90, max: 130 }),
      fc.double({ min: 45, max: 130, noNaN: true }),
      fc.integer({ min: -110, max: -20 }),
      (setup, links, cageLengthMm, foldBackLimitDeg) => {
        const geometry = { ...DRIVE_DEFAULTS, cageLengthMm, foldBackLimitDeg };
        const [ring, cog] = [setup.chainrings[0]!, setup.cogs[0]!];
        const { state } = cagePose(ring, cog, links, geometry);
        const reach = new CageReach(ring, cog, geometry);
        expect(reach.state(links)).toBe(state);
        seen.add(state);
        if (state === 'impossible') return;
        expect(links > reach.mostLinks()).toBe(state === 'slack');
        expect(links < reach.fewestLinks()).toBe(state === 'tooShort');
      },
    ),
    { ...SEEDED, numRuns: cases(40) },
  );
  expect(seen).toEqual(new Set(['impossible', 'ok', 'slack', 'tooShort']));
});

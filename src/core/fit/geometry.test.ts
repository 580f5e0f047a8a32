import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { ONE_RING, TOURER } from '../../../tests/support/setups';
import {
  CHECK_GROUPS,
  DRIVE_DEFAULTS,
  PITCH_MM,
  cageForMm,
  cagePose,
  chainLinks,
  chainPath,
  directPitches,
  fitReport,
  pitchRadiusMm,
  solveBelt,
  type BeltCircle,
  type DriveGeometry,
  type FitInput,
} from './index';
import { cases } from '../../../tests/support/fuzz';

const GEOMETRY: DriveGeometry = { ...DRIVE_DEFAULTS, cageLengthMm: 93 };
const circle = (x: number, y: number, radiusMm: number, sense: BeltCircle['sense'] = 'clockwise'): BeltCircle => ({
  x,
  y,
  radiusMm,
  sense,
});
const lengthOf = (circles: BeltCircle[]) => {
  const result = solveBelt(circles);
  if (!result.ok) throw new Error(result.failure.kind);
  return result.belt.lengthMm;
};

describe('belt', () => {
  test('two equal circles: two straight runs and one circumference', () => {
    expect(lengthOf([circle(0, 0, 50), circle(300, 0, 50)])).toBeCloseTo(600 + 2 * Math.PI * 50, 9);
  });

  test('a crossed belt wraps both circles by more than half', () => {
    const [r, d] = [50, 300];
    const alpha = Math.asin((2 * r) / d);
    expect(lengthOf([circle(0, 0, r), circle(d, 0, r, 'anticlockwise')])).toBeCloseTo(
      2 * Math.sqrt(d ** 2 - 4 * r ** 2) + 2 * r * (Math.PI + 2 * alpha),
      9,
    );
  });

  test('round ring and cog it is the direct chain length', () => {
    const length = lengthOf([circle(430, -70, pitchRadiusMm(48)), circle(0, 0, pitchRadiusMm(36))]);
    expect(length / PITCH_MM).toBeCloseTo(directPitches(48, 36, Math.hypot(430, 70)), 9);
  });

  test('turned and moved as a whole, its length stays', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 6.28, noNaN: true }),
        fc.integer({ min: -500, max: 500 }),
        fc.double({ min: -60, max: 60, noNaN: true }),
        (turn, shift, cageAngle) => {
          const path = chainPath(40, 21, cageAngle, GEOMETRY);
          if (!path.ok) throw new Error(path.failure.kind);
          const moved = path.belt.runs.map(({ circle: one }) => ({
            ...one,
            x: one.x * Math.cos(turn) - one.y * Math.sin(turn) + shift,
            y: one.x * Math.sin(turn) + one.y * Math.cos(turn) - shift,
          }));
          expect(lengthOf(moved)).toBeCloseTo(path.belt.lengthMm, 6);
        },
      ),
      { ...SEEDED, numRuns: cases(25) },
    );
  });

  test('touch points lie on their circles and runs are tangent', () => {
    const path = chainPath(48, 36, 20, GEOMETRY);
    if (!path.ok) throw new Error(path.failure.kind);
    const { runs } = path.belt;
    runs.forEach(({ circle: one, on, off, straightMm }, i) => {
      expect(Math.hypot(on.x - one.x, on.y - one.y)).toBeCloseTo(one.radiusMm, 9);
      const next = runs[(i + 1) % runs.length]!;
      expect(Math.hypot(next.on.x - off.x, next.on.y - off.y)).toBeCloseTo(straightMm, 9);
      expect((next.on.x - off.x) * (off.x - one.x) + (next.on.y - off.y) * (off.y - one.y)).toBeCloseTo(0, 6);
    });
  });

  test.each([
    [[circle(0, 0, 10)], 'tooFew', { circles: 1 }],
    [
      [circle(0, 0, 100), circle(50, 0, 20)],
      'overlap',
      { distance: 50, to: { code: 'fit.belt.circle', values: { place: 2, radius: 20 } } },
    ],
    [[circle(0, 0, 100), circle(150, 0, 60, 'anticlockwise')], 'overlap', { distance: 150 }],
  ] as const)('what cannot be is a named failure: %#', (circles, kind, values) => {
    const result = solveBelt(circles);
    expect(result).toMatchObject({ ok: false, failure: { kind, message: { code: `fit.belt.${kind}`, values } } });
  });
});

describe('chain length', () => {
  test('C 430: 48/36 direct 109.864, 112 links; 44/44 111.754, 114 links', () => {
    expect(directPitches(48, 36, 430)).toBeCloseTo(109.864, 3);
    expect(directPitches(44, 44, 430)).toBeCloseTo(111.754, 3);
    expect(directPitches(36, 48, 430)).toBeCloseTo(109.864, 3);
    const links = (setup: typeof TOURER) => chainLinks({ ...setup, chainstayMm: 430, geometry: undefined });
    expect(links(TOURER)).toEqual({
      bigBigPlusTwo: 112,
      // 33.858 + 12 + 9 + 1 = 55.858 in, so 56 in.
      equation: 112,
      smallSmall: undefined,
      pulleysUpright: undefined,
    });
    expect(links(ONE_RING).bigBigPlusTwo).toBe(114);
  });

  test('the schools that need the cage; upright pulleys only to a 28T cog', () => {
    const road = { chainrings: [50, 34], cogs: [11, 13, 15, 17, 19, 21, 23, 25, 28] };
    const links = chainLinks({ ...road, chainstayMm: 410, geometry: { ...GEOMETRY, chainstayMm: 410 } });
    expect(links.pulleysUpright! % 2).toBe(0);
    expect(Math.abs(links.pulleysUpright! - links.bigBigPlusTwo)).toBeLessThanOrEqual(4);
    expect(links.smallSmall! % 2).toBe(0);
    expect(chainLinks({ ...TOURER, chainstayMm: 430, geometry: GEOMETRY }).pulleysUpright).toBeUndefined();
  });

  test('small-small is the longest chain that is not slack', () => {
    const { smallSmall } = chainLinks({ ...TOURER, chainstayMm: 430, geometry: GEOMETRY });
    expect(cagePose(32, 11, smallSmall!, GEOMETRY).state).toBe('ok');
    expect(cagePose(32, 11, smallSmall! + 2, GEOMETRY).state).toBe('slack');
  });
});

describe('cage', () => {
  test('48/32 × 11-36, C 430, drop 70, L 93, 112 links: +66.9° in 48/36 and −56.5° in 32/11', () => {
    expect(cagePose(48, 36, 112, GEOMETRY).angleDeg).toBeCloseTo(66.9, 1);
    expect(cagePose(32, 11, 112, GEOMETRY).angleDeg).toBeCloseTo(-56.5, 1);
  });

  test.each([
    [56, 33],
    [76, 39],
    [93, 43],
    [107, 47],
  ])('a cage of %i mm takes up its published %iT, give or take two', (cageLengthMm, publishedT) => {
    const geometry = { ...GEOMETRY, cageLengthMm };
    for (const [ring, largest, smallest] of [
      [48, 36, 11],
      [50, 34, 11],
      [46, 36, 11],
      [44, 44, 10],
    ] as const) {
      const { bigBigPlusTwo } = chainLinks({
        chainrings: [ring],
        cogs: [largest],
        chainstayMm: 430,
        geometry: undefined,
      });
      let small = ring;
      while (cagePose(small - 1, smallest, bigBigPlusTwo, geometry).state === 'ok') small -= 1;
      expect(Math.abs(ring - small + largest - smallest - publishedT)).toBeLessThanOrEqual(2);
    }
  });

  const gears = fc.record({
    ring: fc.integer({ min: 24, max: 54 }),
    cog: fc.integer({ min: 10, max: 52 }),
    chainstayMm: fc.integer({ min: 390, max: 470 }),
    cageLengthMm: fc.integer({ min: 50, max: 115 }),
  });

  test('the path gets shorter as the cage swings forward', () => {
    fc.assert(
      fc.property(gears, fc.integer({ min: -70, max: 60 }), ({ ring, cog, ...rest }, angle) => {
        const geometry = { ...GEOMETRY, ...rest };
        const [back, ahead] = [chainPath(ring, cog, angle, geometry), chainPath(ring, cog, angle + 5, geometry)];
        if (back.ok && ahead.ok) expect(ahead.belt.lengthMm).toBeLessThan(back.belt.lengthMm);
      }),
      SEEDED,
    );
  });

  test('two links more never stretch the cage; its path is as long as its chain', () => {
    fc.assert(
      fc.property(gears, fc.integer({ min: 45, max: 70 }), ({ ring, cog, ...rest }, pairs) => {
        const geometry = { ...GEOMETRY, ...rest };
        const [pose, longer] = [cagePose(ring, cog, 2 * pairs, geometry), cagePose(ring, cog, 2 * pairs + 2, geometry)];
        if (pose.belt) expect(pose.belt.lengthMm).toBeCloseTo(2 * pairs * PITCH_MM, 3);
        if (pose.angleDeg !== undefined && longer.angleDeg !== undefined) {
          expect(longer.angleDeg).toBeLessThan(pose.angleDeg);
        }
        if (pose.state === 'slack') expect(longer.state).toBe('slack');
        for (const { angleDeg } of [pose, longer])
          expect(angleDeg === undefined || Number.isFinite(angleDeg)).toBe(true);
      }),
      { ...SEEDED, numRuns: cases(50) },
    );
  });

  test('the guide pulley swings with the cage where it is off its pivot', () => {
    const offset = { ...GEOMETRY, guidePulleyOffsetMm: 8 };
    expect(cagePose(48, 36, 112, offset).angleDeg).not.toBeCloseTo(66.9, 1);
    expect(cagePose(48, 36, 112, offset).state).toBe('ok');
  });

  test('what cannot be is named: a chain that does not reach, one that hangs, pulleys inside the cogs', () => {
    expect(cagePose(48, 36, 104, GEOMETRY)).toEqual({ state: 'tooShort', angleDeg: undefined, belt: undefined });
    expect(cagePose(32, 11, 140, GEOMETRY).state).toBe('slack');
    expect(cagePose(48, 36, 112, { ...GEOMETRY, pitchLineGapMm: -30 })).toMatchObject({
      state: 'impossible',
      failure: { kind: 'overlap' },
    });
  });
});

describe('the cage that a chain asks for', () => {
  test('is the shortest that hangs taut: a little less is slack', () => {
    const gears = [[32, 11]] as const;
    const needed = cageForMm(gears, 112, { ...GEOMETRY, cageLengthMm: 76 })!;
    expect(needed).toBeGreaterThan(76);
    expect(needed).toBeLessThan(93);
    const pose = (cageLengthMm: number) => cagePose(32, 11, 112, { ...GEOMETRY, cageLengthMm }).state;
    expect(pose(needed + 0.1)).toBe('ok');
    expect(pose(needed - 0.1)).toBe('slack');
  });

  test('keeps its pulleys apart, and is none where none does', () => {
    expect(cageForMm([[48, 36]], 108, GEOMETRY)).toBeCloseTo(2 * pitchRadiusMm(11), 1);
    expect(cageForMm([[22, 11]], 130, GEOMETRY)).toBeUndefined();
  });
});

describe('report', () => {
  const INPUT: FitInput = {
    setup: TOURER,
    chainstayMm: 430,
    suspensionGrowthMm: 0,
    bbDropMm: 70,
    chainLinks: undefined,
    rearDerailleur: { totalCapacityT: 41, cageLengthMm: 93 },
  };
  const length = (chainLinks: number | undefined, more: Partial<FitInput> = {}) =>
    fitReport({ ...INPUT, ...more, chainLinks }).checks.find(({ id }) => id === 'chainLength')!;

  test('every gear’s cage with the chain that would be bought', () => {
    const { cage, linksUsed, checks } = fitReport(INPUT);
    expect(linksUsed).toBe(112);
    expect(cage).toHaveLength(24);
    expect(cage.every(({ pose }) => pose.state === 'ok')).toBe(true);
    expect(checks.map(({ id }) => id)).toEqual(
      Object.values(CHECK_GROUPS)
        .flat()
        .filter((id) => id !== 'hubRatio'),
    );
    expect(fitReport({ ...INPUT, rearDerailleur: {} }).cage).toEqual([]);
  });

  test('rear suspension asks for the longest chainstay', () => {
    expect(length(112, { suspensionGrowthMm: 20 }).required).toBe(116);
  });

  test('no answer is not finite, whatever the setup', () => {
    fc.assert(
      fc.property(setupArbitrary(), fc.integer({ min: 60, max: 180 }), (setup, chainLinks) => {
        const report = fitReport({ ...INPUT, setup, chainLinks });
        expect(Number.isFinite(report.directPitches)).toBe(true);
        for (const { margin, required } of report.checks) {
          expect(margin === undefined || Number.isFinite(margin)).toBe(true);
          expect(required === undefined || Number.isFinite(required)).toBe(true);
        }
        for (const { pose } of report.cage)
          expect(pose.angleDeg === undefined || Number.isFinite(pose.angleDeg)).toBe(true);
      }),
      { ...SEEDED, numRuns: cases(15) },
    );
  });
});

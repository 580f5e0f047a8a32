import { DRIVE_DEFAULTS, cagePose } from '../../core/fit';
import { sideNumbers } from './posed-drive';

const geometry = { ...DRIVE_DEFAULTS, cageLengthMm: 93 };
const drive = (chainring: number, cog: number, links: number) => ({
  chainring,
  cog,
  links,
  geometry,
  pose: cagePose(chainring, cog, links, geometry),
});

test('where each circle stands, its pitch radius, and over what angle the chain touches it', () => {
  const { columns, rows } = sideNumbers(drive(48, 36, 112));
  for (const row of rows) expect(row).toHaveLength(columns.length);
  const ring = rows[0]!;
  // 48 teeth: 12.7 mm ÷ (2 sin(π ÷ 48)).
  expect(ring.slice(0, 4)).toEqual(['ring 48', expect.any(String), '−70.0', '97.1']);
  // √(430² − 70²)
  expect(Math.abs(Number(ring[1]) - Math.hypot(geometry.chainstayMm, 0))).toBeLessThan(7);
  expect(rows.map(([name]) => name)).toEqual(['ring 48', 'cog 36', 'guide pulley', 'tension pulley', 'cage +66.9°']);
  for (const [, , , , touches] of rows.slice(0, 4)) expect(Number(touches)).toBeGreaterThan(20);
});

test('a chain that does not reach touches nothing', () => {
  const { rows } = sideNumbers(drive(48, 36, 100));
  expect(rows[0]![4]).toBe('–');
  expect(rows.at(-1)![0]).toBe('cage too short: 100 links do not reach');
});

import { DRIVE_DEFAULTS, chainPath } from '../../core/fit';
import { beltPath } from './path';

test('the path begins and ends on the ring, with an arc for each circle and its right hand', () => {
  const path = chainPath(48, 36, 66.9, { ...DRIVE_DEFAULTS, cageLengthMm: 93 });
  if (!path.ok) throw new Error(path.failure.kind);
  const text = beltPath(path.belt);
  const sweeps = [...text.matchAll(/A\S+ \S+ 0 ([01]) ([01])/g)].map(([, , sweep]) => sweep);
  // Ring and tension pulley and cog turn clockwise, the guide pulley the other way.
  expect(sweeps).toEqual(['1', '1', '0', '1']);
  expect(text.split('L')).toHaveLength(5);
  const [start] = /^M(\S+ \S+)/.exec(text)!.slice(1);
  expect(text.endsWith(start!)).toBe(true);
  expect(text).not.toContain('NaN');
});

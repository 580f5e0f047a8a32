/** @jest-environment jsdom */
import { renderHook } from '@testing-library/react';
import { usePreviousIfEqual } from './usePreviousIfEqual';
import { useStableCallback } from './useStableCallback';

test('a steady function is the same from one drawing to the next, and does what the newest says', () => {
  const { result, rerender } = renderHook(({ cog }) => useStableCallback((ring: number) => `${ring}/${cog}`), {
    initialProps: { cog: 34 },
  });
  const first = result.current;
  expect(first(32)).toBe('32/34');
  rerender({ cog: 36 });
  expect(result.current).toBe(first);
  expect(first(32)).toBe('32/36');
});

test('an equal value is the former object, another is itself', () => {
  const { result, rerender } = renderHook(({ ids }) => usePreviousIfEqual(ids), { initialProps: { ids: ['a', 'b'] } });
  const first = result.current;
  rerender({ ids: ['a', 'b'] });
  expect(result.current).toBe(first);
  rerender({ ids: ['b', 'a'] });
  expect(result.current).toEqual(['b', 'a']);
  const second = result.current;
  rerender({ ids: ['b', 'a'] });
  expect(result.current).toBe(second);
});

/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { useDrawn } from './useDrawn';

const charted = (cog: number) => ({ data: { datasets: [{ data: [cog] }] }, options: {} });

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('a chart in sight is drawn with what it is given', () => {
  const { result, rerender } = renderHook(({ given }) => useDrawn(given, true), {
    initialProps: { given: charted(34) },
  });
  const next = charted(36);
  rerender({ given: next });
  expect(result.current).toEqual(next);
});

test('out of sight it keeps what it has while teeth are typed, and follows when the hands rest', () => {
  const first = charted(34);
  const { result, rerender } = renderHook(({ given }) => useDrawn(given, false), { initialProps: { given: first } });
  rerender({ given: charted(3) });
  act(() => jest.advanceTimersByTime(900));
  const last = charted(36);
  rerender({ given: last });
  act(() => jest.advanceTimersByTime(900));
  expect(result.current).toEqual(first);
  act(() => jest.advanceTimersByTime(200));
  expect(result.current).toEqual(last);
});

test('scrolled into sight it follows at once', () => {
  const { result, rerender } = renderHook(({ given, near }) => useDrawn(given, near), {
    initialProps: { given: charted(34), near: false },
  });
  const next = charted(36);
  rerender({ given: next, near: false });
  rerender({ given: next, near: true });
  expect(result.current).toEqual(next);
});

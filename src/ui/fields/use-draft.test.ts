/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import type { ChangeEvent } from 'react';
import { useDraft, type Parsed } from './useDraft';

const readTeeth = (text: string): Parsed<number> =>
  /^\d+$/.test(text) ? { ok: true, value: Number(text) } : { ok: false, message: `${text} is no number` };

const typed = (value: string) => ({ target: { value } }) as ChangeEvent<HTMLInputElement>;

/** A field whose rendering is controlled by the test. */
function lateField() {
  const waiting: (() => void)[] = [];
  const wrote: number[] = [];
  const { result } = renderHook(() =>
    useDraft(
      'a bike',
      '36',
      readTeeth,
      (value) => wrote.push(value),
      (draw) => {
        waiting.push(draw);
        return () => waiting.splice(0);
      },
    ),
  );
  return { field: result, wrote, drawWhatWaits: () => waiting.splice(0).forEach((draw) => draw()) };
}

test('a field left just as its last key is being drawn keeps what was typed last', () => {
  const { field, wrote, drawWhatWaits } = lateField();
  act(() => field.current.inputProps.onChange(typed('first')));
  act(drawWhatWaits);
  expect(field.current.problem?.message).toBe('first is no number');

  act(() => {
    // One function of the field throughout: React has not drawn again between these.
    const { onChange, onBlur } = field.current.inputProps;
    onChange(typed('second'));
    drawWhatWaits();
    onBlur();
  });
  expect(field.current.latestText()).toBe('second');
  expect(field.current.text).toBe('second');
  expect(field.current.problem?.message).toBe('second is no number');
  expect(wrote).toEqual([]);
});

test('a number typed and left at once is neither written twice nor lost', () => {
  const { field, wrote, drawWhatWaits } = lateField();
  act(() => {
    const { onChange, onFocus, onBlur } = field.current.inputProps;
    onFocus();
    onChange(typed('34'));
    drawWhatWaits();
    onBlur();
  });
  expect(wrote).toEqual([34]);
});

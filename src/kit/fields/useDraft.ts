'use client';

import { useEffect, useReducer, useRef, useState, type ChangeEvent, type KeyboardEvent } from 'react';
import { useHistoryEpoch } from './HistoryEpoch';

export type Parsed<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly message: string; readonly unfinished?: boolean };

interface DraftState {
  readonly text: string;
  readonly owner: string;
  readonly epoch: number;
  /** What was stored when typing began, as text: where the record goes back to when the text cannot be read. */
  readonly base: string;
}

export interface Draft {
  readonly text: string;
  /** What the field holds, ahead of `text` where that is drawn later. */
  readonly latestText: () => string;
  /** Why the text cannot be read; undefined when it can. */
  readonly problem: { readonly message: string; readonly unfinished: boolean } | undefined;
  readonly inputProps: {
    readonly value: string;
    readonly onChange: (event: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) => void;
    readonly onFocus: () => void;
    readonly onBlur: () => void;
    readonly onKeyDown: (event: KeyboardEvent<HTMLInputElement | HTMLTextAreaElement>) => void;
  };
}

const atOnce = (draw: () => void) => {
  draw();
  return () => undefined;
};

/**
 * Keeps what is typed apart from what is stored. Text that can be read is committed with every key
 * stroke. Text that cannot stays in the field with its reason, and the record goes back to what it
 * was before the typing: on the way to "500" there is a "50" that nobody meant. While the text is
 * merely unfinished the last readable state stands until the field is left. A draft gives way to
 * the stored value on Escape, on undo and redo, and when another record comes on the bench.
 * @param owner names the record that the field belongs to
 * @param stored the stored value as text, which `parse` reads back as that value
 * @param drawn when what is typed is drawn: at once, or for a field that keeps its text itself after what cannot wait
 */
export function useDraft<T>(
  owner: string,
  stored: string,
  parse: (text: string) => Parsed<T>,
  commit: (value: T) => void,
  drawn: (draw: () => void) => () => void = atOnce,
): Draft {
  const epoch = useHistoryEpoch();
  const [state, setState] = useState<DraftState>();
  const [focused, setFocused] = useState(false);

  const [, redraw] = useReducer((times: number) => times + 1, 0);
  /** Typed, and not drawn yet. */
  const ahead = useRef<DraftState>(undefined);
  const leave = useRef<() => void>(undefined);
  useEffect(() => () => leave.current?.(), []);

  const own = (one: DraftState | undefined) => (one?.owner === owner && one.epoch === epoch ? one : undefined);
  const active = own(state);
  const text = active?.text ?? stored;
  const problemOf = (one: DraftState | undefined) => {
    const parsed = one && parse(one.text);
    return parsed && !parsed.ok
      ? { message: parsed.message, unfinished: focused && parsed.unfinished === true }
      : undefined;
  };
  const latest = () => own(ahead.current) ?? active;

  const show = (next: DraftState | undefined) => {
    leave.current?.();
    ahead.current = undefined;
    setState(next);
    // A field that keeps its text itself is to show this one, though it may be the one that was drawn last.
    redraw();
  };
  const goBack = (base: string) => {
    const before = parse(base);
    if (before.ok) commit(before.value);
  };
  const drop = () => {
    const dropped = latest();
    show(undefined);
    if (dropped) goBack(dropped.base);
  };

  return {
    text,
    latestText: () => latest()?.text ?? text,
    problem: problemOf(active),
    inputProps: {
      value: text,
      onChange: ({ target }) => {
        const base = latest()?.base ?? stored;
        const typed = { text: target.value, owner, epoch, base };
        leave.current?.();
        ahead.current = typed;
        leave.current = drawn(() => show(typed));
        const next = parse(target.value);
        if (next.ok) commit(next.value);
        else if (!next.unfinished) goBack(base);
      },
      onFocus: () => setFocused(true),
      onBlur: () => {
        setFocused(false);
        const left = latest();
        const isRefused = problemOf(left) !== undefined;
        show(isRefused ? left : undefined);
        if (left && isRefused) goBack(left.base);
      },
      onKeyDown: (event) => {
        const undoes = event.key.toLowerCase() === 'z' && (event.ctrlKey || event.metaKey) && !event.shiftKey;
        if (!undoes && event.key !== 'Escape') return;
        const problem = problemOf(latest());
        // Nothing to drop: the key leaves the field, so that the keys of the page can be used.
        if (event.key === 'Escape' && !problem) return event.currentTarget.blur();
        if (!problem) return;
        // The first undo only drops what could not be read: nothing of it is stored.
        event.preventDefault();
        drop();
      },
    },
  };
}

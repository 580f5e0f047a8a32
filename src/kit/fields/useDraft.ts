'use client';

import { useState, type ChangeEvent, type KeyboardEvent } from 'react';
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

/**
 * Keeps what is typed apart from what is stored. Text that can be read is committed with every key
 * stroke. Text that cannot stays in the field with its reason, and the record goes back to what it
 * was before the typing: on the way to "500" there is a "50" that nobody meant. While the text is
 * merely unfinished the last readable state stands until the field is left. A draft gives way to
 * the stored value on Escape, on undo and redo, and when another record comes on the bench.
 * @param owner names the record that the field belongs to
 * @param stored the stored value as text, which `parse` reads back as that value
 */
export function useDraft<T>(
  owner: string,
  stored: string,
  parse: (text: string) => Parsed<T>,
  commit: (value: T) => void,
): Draft {
  const epoch = useHistoryEpoch();
  const [state, setState] = useState<DraftState>();
  const [focused, setFocused] = useState(false);

  const active = state?.owner === owner && state.epoch === epoch ? state : undefined;
  const text = active?.text ?? stored;
  const parsed = active ? parse(active.text) : undefined;
  const problem =
    parsed && !parsed.ok ? { message: parsed.message, unfinished: focused && parsed.unfinished === true } : undefined;

  const goBack = (base: string) => {
    const before = parse(base);
    if (before.ok) commit(before.value);
  };
  const drop = () => {
    setState(undefined);
    if (active) goBack(active.base);
  };

  return {
    text,
    problem,
    inputProps: {
      value: text,
      onChange: ({ target }) => {
        const base = active?.base ?? stored;
        setState({ text: target.value, owner, epoch, base });
        const next = parse(target.value);
        if (next.ok) commit(next.value);
        else if (!next.unfinished) goBack(base);
      },
      onFocus: () => setFocused(true),
      onBlur: () => {
        setFocused(false);
        if (active && problem) goBack(active.base);
        else setState(undefined);
      },
      onKeyDown: (event) => {
        // Nothing to drop: the key leaves the field, so that the keys of the page can be used.
        if (event.key === 'Escape' && !problem) return event.currentTarget.blur();
        const undoes = event.key.toLowerCase() === 'z' && (event.ctrlKey || event.metaKey) && !event.shiftKey;
        if (!problem || !(undoes || event.key === 'Escape')) return;
        // The first undo only drops what could not be read: nothing of it is stored.
        event.preventDefault();
        drop();
      },
    },
  };
}

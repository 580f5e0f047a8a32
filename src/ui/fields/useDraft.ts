'use client';

import { useEffect, useReducer, useRef, useState, type ChangeEvent, type KeyboardEvent } from 'react';
import { useHistoryEpoch } from './HistoryEpoch';
import { t } from './text';
import { lastOf } from '../../core/items';

export type Parsed<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly message: string; readonly unfinished?: boolean };

interface DraftState {
  readonly text: string;
  readonly owner: string;
  readonly epoch: number;
  /** What was stored when typing began, as text: where the record goes back to when the text cannot be read. */
  readonly base: string;
  /** What this field has written since, the last one last, as text; first what was stored. */
  readonly wrote: readonly string[];
}

interface Draft {
  readonly text: string;
  /** What the field holds, ahead of `text` where that is drawn later. */
  readonly latestText: () => string;
  /** Why the text cannot be read; undefined when it can. */
  readonly problem: { readonly message: string; readonly unfinished: boolean } | undefined;
  /** Whether the problem is that of the text: another window's change is one of a text that can be read. */
  readonly isUnreadable: boolean;
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
 * Keeps what is typed apart from what is stored. Text that parses is committed with every key press. Text that does not
 * stays in the field with the reason, and the record reverts to its value from before typing began: on the way to "500"
 * there is a "50" that nobody meant. While the text is merely unfinished, the last valid value stays until the field loses
 * focus. A draft is discarded on Escape, on undo and redo, and when another record is shown. The record reverts only if the
 * stored value is still the one that this field wrote; a value written by another window stays, and the field says so.
 * @param owner id of the record that the field belongs to
 * @param stored the stored value as text, which `parse` turns back into that value
 * @param drawn when typed text is rendered: at once, or after more urgent work for a field that keeps its text itself
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
  /** The current content of the field. The state follows at the next render, so event handlers read this instead. */
  const newest = useRef<DraftState>(undefined);
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
  /** Shown until something else is typed: it is not about the text in the field. */
  const noticeOf = (by: { readonly owner: string; readonly stored: string } | undefined) =>
    by?.owner === owner && by.stored === stored && !active
      ? { message: stored === '' ? t('draft.overtakenEmptied') : t('draft.overtaken', { stored }), unfinished: true }
      : undefined;
  const latest = () => own(newest.current);

  /** A value as canonical text, however it was typed. */
  const valueOf = (typed: string) => {
    const parsed = parse(typed);
    return parsed.ok ? ((JSON.stringify(parsed.value) as string | undefined) ?? '') : typed;
  };
  const isOvertaken = ({ wrote }: DraftState) => !wrote.map(valueOf).includes(valueOf(stored));
  const [overtakenBy, setOvertakenBy] = useState<{ readonly owner: string; readonly stored: string }>();

  const show = (next: DraftState | undefined) => {
    leave.current?.();
    newest.current = next;
    setState(next);
    // A field that keeps its text itself is to show this one, though it may be the one that was drawn last.
    redraw();
  };
  /** Puts back what was stored before the typing; answers with the draft as it is then. */
  const goBack = (from: DraftState): DraftState => {
    if (isOvertaken(from)) {
      setOvertakenBy({ owner, stored });
      return { ...from, base: stored, wrote: [stored] };
    }
    if (valueOf(lastOf(from.wrote)) === valueOf(from.base)) return from;
    const before = parse(from.base);
    if (before.ok) commit(before.value);
    return { ...from, wrote: [...from.wrote, from.base] };
  };
  const drop = () => {
    const dropped = latest();
    show(undefined);
    if (dropped) goBack(dropped);
  };

  return {
    text,
    latestText: () => latest()?.text ?? stored,
    problem: problemOf(active) ?? noticeOf(overtakenBy),
    isUnreadable: problemOf(active) !== undefined,
    inputProps: {
      value: text,
      onChange: ({ target }) => {
        const before = latest();
        // What another window has written meanwhile is what this typing begins from.
        const { base, wrote } = before && !isOvertaken(before) ? before : { base: stored, wrote: [stored] };
        setOvertakenBy(undefined);
        const next = parse(target.value);
        const begun = { text: target.value, owner, epoch, base, wrote };
        const typed = next.ok ? { ...begun, wrote: [...wrote, target.value] } : next.unfinished ? begun : goBack(begun);
        leave.current?.();
        newest.current = typed;
        leave.current = drawn(() => show(typed));
        if (next.ok) commit(next.value);
      },
      onFocus: () => setFocused(true),
      onBlur: () => {
        setFocused(false);
        const left = latest();
        const isRefused = problemOf(left) !== undefined;
        const overtaken = left && isRefused && isOvertaken(left);
        const kept = left && isRefused ? goBack(left) : undefined;
        show(overtaken ? undefined : kept);
      },
      onKeyDown: (event) => {
        const undoes = event.key.toLowerCase() === 'z' && (event.ctrlKey || event.metaKey) && !event.shiftKey;
        if (!undoes && event.key !== 'Escape') return;
        const problem = problemOf(latest());
        // Nothing to drop: the key leaves the field, so that the keys of the page can be used.
        if (event.key === 'Escape' && !problem) {
          event.currentTarget.blur();
          return;
        }
        if (!problem) return;
        // The first undo only drops what could not be read: nothing of it is stored.
        event.preventDefault();
        drop();
      },
    },
  };
}

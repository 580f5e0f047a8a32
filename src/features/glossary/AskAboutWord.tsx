'use client';

import { useEffect, useState } from 'react';
import type { Term } from './terms';
import styles from './Glossary.module.css';
import { t } from './text';

/** Longer than any term: such a selection is meant to be copied. */
const MARKED_MAX = 30;

interface Asked {
  readonly term: Term;
  readonly left: number;
  readonly top: number;
}

/** Offers the meaning of a glossary term that the user selects by a double click or a long press. */
export function AskAboutWord({ onAsk }: { onAsk: (id: string) => void }) {
  const [asked, setAsked] = useState<Asked>();
  useEffect(() => {
    let looks = 0;
    const look = () => {
      looks += 1;
      const own = looks;
      void markedTerm().then((term) => own === looks && setAsked(term));
    };
    document.addEventListener('selectionchange', look);
    return () => {
      looks = -1;
      document.removeEventListener('selectionchange', look);
    };
  }, []);
  if (!asked) return null;
  return (
    <button
      type="button"
      className={styles.ask}
      style={{ left: asked.left, top: asked.top }}
      data-testid="ask-about-word"
      // The word stays marked while the button is pressed.
      onPointerDown={(event) => event.preventDefault()}
      onClick={() => {
        setAsked(undefined);
        onAsk(asked.term.id);
      }}
    >
      {t('askAboutWord.whatIsName', { name: asked.term.name })}
    </button>
  );
}

async function markedTerm(): Promise<Asked | undefined> {
  const selection = document.getSelection();
  const text = selection?.toString() ?? '';
  if (!selection || selection.rangeCount === 0 || text.trim() === '' || text.length > MARKED_MAX) return undefined;
  const { left, bottom } = selection.getRangeAt(0).getBoundingClientRect();
  const { termNamed } = await import('./find-terms');
  const term = termNamed(text);
  if (!term) return undefined;
  return { term, left: left + window.scrollX, top: bottom + window.scrollY + 6 };
}

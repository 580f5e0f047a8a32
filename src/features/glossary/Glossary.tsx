'use client';

import dynamic from 'next/dynamic';
import { createContext, use, useCallback, useState, type ReactNode } from 'react';
import { useShortcut } from '../shortcuts/useShortcut';
import { AskAboutWord } from './AskAboutWord';

// The sheet, its list and the terms are loaded on demand.
const GlossarySheet = dynamic(() => import('./GlossarySheet').then((module) => module.GlossarySheet), { ssr: false });

/** The glossary as it is opened. */
export interface OpenGlossary {
  /** The requested term; undefined for the list. */
  readonly id: string | undefined;
  /** The text of the page from which it was opened. */
  readonly pageText: string;
}

const GlossaryContext = createContext<(id?: string) => void>(() => undefined);

/** Opens the glossary, at a term or at those of this page. */
export function useGlossary(): (id?: string) => void {
  return use(GlossaryContext);
}

/** Holds the glossary: one sheet at the side that every stage can open at a word. */
export function GlossaryProvider({ children }: { children: ReactNode }) {
  const [opened, setOpened] = useState<OpenGlossary>();
  const [wasOpened, setWasOpened] = useState(false);
  const open = useCallback((id?: string) => {
    setWasOpened(true);
    setOpened({ id, pageText: document.querySelector('main')?.innerText ?? '' });
  }, []);
  useShortcut('glossary', () => open());
  return (
    <GlossaryContext value={open}>
      {children}
      <AskAboutWord onAsk={open} />
      {wasOpened && <GlossarySheet opened={opened} onClose={() => setOpened(undefined)} />}
    </GlossaryContext>
  );
}

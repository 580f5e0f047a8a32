'use client';

import { Drawer, Input } from 'antd';
import dynamic from 'next/dynamic';
import { createContext, use, useCallback, useMemo, useState, type ReactNode } from 'react';
import { useShortcut } from '../shell/useShortcut';
import { AskAboutWord } from './AskAboutWord';
import { termsIn } from './find-terms';
import type { Term } from './terms';
import { WORDS } from './text';

const GlossaryList = dynamic(() => import('./GlossaryList').then((module) => module.GlossaryList), { ssr: false });

interface Opened {
  /** The term asked for; undefined where only the list was. */
  readonly id: string | undefined;
  /** Terms of the page from which it was opened. */
  readonly onPage: readonly Term[];
}

const GlossaryContext = createContext<(id?: string) => void>(() => undefined);

/** Opens the glossary, at a term or at those of this page. */
export function useGlossary(): (id?: string) => void {
  return use(GlossaryContext);
}

/** Holds the glossary: one sheet at the side that every stage can open at a word. */
export function GlossaryProvider({ children }: { children: ReactNode }) {
  const [opened, setOpened] = useState<Opened>();
  const [wanted, setWanted] = useState('');
  const open = useCallback((id?: string) => {
    setWanted('');
    setOpened({ id, onPage: termsIn(document.querySelector('main')?.innerText ?? '') });
  }, []);
  useShortcut('glossary', () => open());
  const show = useMemo(
    () => (id: string) => {
      setWanted('');
      setOpened((now) => ({ id, onPage: now?.onPage ?? [] }));
    },
    [],
  );
  return (
    <GlossaryContext value={open}>
      {children}
      <AskAboutWord onAsk={open} />
      <Drawer
        title={WORDS.glossary.words}
        size={420}
        open={opened !== undefined}
        onClose={() => setOpened(undefined)}
        destroyOnHidden
        data-testid="glossary"
      >
        <Input
          id="glossary-search"
          allowClear
          placeholder={WORDS.glossary.searchTheWords}
          aria-label={WORDS.glossary.searchTheWords}
          value={wanted}
          onChange={({ target }) => {
            setWanted(target.value);
            // Whoever searches has left the word that was open: it must not take the focus back.
            setOpened((now) => now && { ...now, id: undefined });
          }}
        />
        {opened && <GlossaryList wanted={wanted} openId={opened.id} onPage={opened.onPage} onShow={show} />}
      </Drawer>
    </GlossaryContext>
  );
}

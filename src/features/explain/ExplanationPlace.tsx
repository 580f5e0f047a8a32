'use client';

import { createContext, useEffect, useMemo, useState, type ReactNode } from 'react';

interface ExplanationPlace {
  readonly place: HTMLElement | null;
  readonly open: OpenExplanation | undefined;
  readonly show: (open: OpenExplanation | undefined) => void;
}

export interface OpenExplanation {
  /** The figure that it explains. */
  readonly id: string;
  /** The part of the window that the figure is not in. */
  readonly side: 'left' | 'right';
  readonly edge: 'top' | 'bottom';
}

export const ExplanationContext = createContext<ExplanationPlace>({
  place: null,
  open: undefined,
  show: () => undefined,
});

/** Holds the slip: the one sheet on which the working of a figure is shown, beside what it belongs to. */
export function ExplanationProvider({ children }: { children: ReactNode }) {
  const [place, setPlace] = useState<HTMLElement | null>(null);
  const [open, show] = useState<OpenExplanation>();
  useEffect(() => {
    if (open === undefined) return;
    const close = (event: KeyboardEvent) => event.key === 'Escape' && show(undefined);
    window.addEventListener('keydown', close);
    return () => window.removeEventListener('keydown', close);
  }, [open]);
  const slip = useMemo(() => ({ place, open, show }), [place, open]);
  return (
    <ExplanationContext value={slip}>
      {children}
      <div ref={setPlace} aria-live="polite" />
    </ExplanationContext>
  );
}

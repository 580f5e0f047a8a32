'use client';

import { createContext, useEffect, useMemo, useState, type ReactNode } from 'react';

interface Slip {
  readonly place: HTMLElement | null;
  readonly open: OpenSlip | undefined;
  readonly show: (open: OpenSlip | undefined) => void;
}

export interface OpenSlip {
  /** The figure that it explains. */
  readonly id: string;
  /** The part of the window that the figure is not in. */
  readonly side: 'left' | 'right';
  readonly edge: 'top' | 'bottom';
}

export const SlipContext = createContext<Slip>({ place: null, open: undefined, show: () => undefined });

/** Holds the slip: the one sheet on which the working of a figure is shown, beside what it belongs to. */
export function SlipProvider({ children }: { children: ReactNode }) {
  const [place, setPlace] = useState<HTMLElement | null>(null);
  const [open, show] = useState<OpenSlip>();
  useEffect(() => {
    if (open === undefined) return;
    const close = (event: KeyboardEvent) => event.key === 'Escape' && show(undefined);
    window.addEventListener('keydown', close);
    return () => window.removeEventListener('keydown', close);
  }, [open]);
  const slip = useMemo(() => ({ place, open, show }), [place, open]);
  return (
    <SlipContext value={slip}>
      {children}
      <div ref={setPlace} aria-live="polite" />
    </SlipContext>
  );
}

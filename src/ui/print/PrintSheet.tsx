'use client';

import { useEffect, useState, type ReactNode } from 'react';
import { createPortal } from 'react-dom';

/** A sheet that is there for the printer alone: what is on screen stays off the paper. */
export function PrintSheet({ children }: { children: ReactNode }) {
  return createPortal(
    <div className="print-sheet" data-testid="print-sheet">
      {children}
    </div>,
    document.body,
  );
}

/** Renders a sheet, prints it and removes it. */
export function usePrint(): { readonly printing: boolean; readonly print: () => void } {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    if (!printing) return;
    const done = () => setPrinting(false);
    window.addEventListener('afterprint', done);
    // Two frames: one to lay the sheet out, one for its drawings to learn their width.
    const frame = requestAnimationFrame(() => requestAnimationFrame(() => window.print()));
    return () => {
      window.removeEventListener('afterprint', done);
      cancelAnimationFrame(frame);
    };
  }, [printing]);
  return { printing, print: () => setPrinting(true) };
}

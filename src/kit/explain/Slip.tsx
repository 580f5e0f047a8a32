'use client';

import { CloseOutlined } from '@ant-design/icons';
import { createContext, use, useEffect, useId, useMemo, useState, type ReactNode } from 'react';
import { createPortal } from 'react-dom';
import type { Explanation } from './explanation';
import styles from './Slip.module.css';

interface Slip {
  readonly place: HTMLElement | null;
  readonly openId: string | undefined;
  readonly show: (id: string | undefined) => void;
}

const SlipContext = createContext<Slip>({ place: null, openId: undefined, show: () => undefined });

/** Holds the slip: the one sheet on which the working of a figure is shown, beside what it belongs to. */
export function SlipProvider({ children }: { children: ReactNode }) {
  const [place, setPlace] = useState<HTMLElement | null>(null);
  const [openId, show] = useState<string>();
  useEffect(() => {
    if (openId === undefined) return;
    const close = (event: KeyboardEvent) => event.key === 'Escape' && show(undefined);
    window.addEventListener('keydown', close);
    return () => window.removeEventListener('keydown', close);
  }, [openId]);
  const slip = useMemo(() => ({ place, openId, show }), [place, openId]);
  return (
    <SlipContext value={slip}>
      {children}
      <div ref={setPlace} aria-live="polite" />
    </SlipContext>
  );
}

/** A figure that opens its working. The working follows the bench while the slip is open. */
export function Explained({
  explain,
  className,
  children,
}: {
  explain: () => Explanation;
  className?: string | undefined;
  children: ReactNode;
}) {
  const id = useId();
  const { place, openId, show } = use(SlipContext);
  const open = openId === id;
  return (
    <>
      <button
        type="button"
        className={`${styles.figure} ${className ?? ''}`}
        aria-expanded={open}
        title="How this is worked out"
        onClick={() => show(open ? undefined : id)}
      >
        {children}
      </button>
      {open && place && createPortal(<Working explanation={explain()} onClose={() => show(undefined)} />, place)}
    </>
  );
}

function Working({ explanation, onClose }: { explanation: Explanation; onClose: () => void }) {
  const { title, formula, worked, source, note } = explanation;
  return (
    <aside className={styles.slip} data-testid="slip" aria-label={`How it is worked out: ${title}`}>
      <header className={styles.head}>
        <h2>{title}</h2>
        <button type="button" className={styles.close} onClick={onClose} aria-label="Close" title="Close (Esc)">
          <CloseOutlined />
        </button>
      </header>
      <p className={styles.formula}>{formula}</p>
      <ul className={styles.worked}>
        {worked.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      {note && <p className={styles.note}>{note}</p>}
      <p className={styles.source}>{source}</p>
    </aside>
  );
}

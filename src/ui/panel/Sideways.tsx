'use client';

import { useEffect, useRef, useState, type ReactNode } from 'react';
import styles from './sheet.module.css';

interface SidewaysProps {
  /** Its content, for screen readers. */
  readonly label: string;
  readonly testId?: string;
  readonly children: ReactNode;
}

/** Holds what may be wider than its place, and is reached by key while it is: arrow keys move it then. */
export function Sideways({ label, testId, children }: SidewaysProps) {
  const ref = useRef<HTMLDivElement>(null);
  const [isWider, setWider] = useState(false);
  useEffect(() => {
    const place = ref.current;
    if (!place) return;
    const measure = () => setWider(place.scrollWidth > place.clientWidth);
    const observer = new ResizeObserver(measure);
    observer.observe(place);
    for (const child of place.children) observer.observe(child);
    return () => observer.disconnect();
  }, []);
  return (
    <div
      ref={ref}
      className={styles.sideways}
      data-testid={testId}
      {...(isWider && { tabIndex: 0, role: 'group', 'aria-label': label })}
    >
      {children}
    </div>
  );
}

import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import styles from './Field.module.css';

/** A field with its label above and its error message below. */
export function Field({
  id,
  label,
  problem,
  narrow = false,
  children,
}: {
  id: string;
  label: ReactNode;
  problem?: { readonly message: string; readonly unfinished: boolean } | undefined;
  /** For fields side by side: the message overlays what is below, so that nothing moves. */
  narrow?: boolean;
  children: ReactNode;
}) {
  return (
    <div className={styles.field}>
      <label className={styles.label} htmlFor={id}>
        {label}
      </label>
      {children}
      {problem && (
        <p
          id={`${id}-problem`}
          role="alert"
          className={clsx(problem.unfinished ? styles.hint : styles.problem, narrow && styles.over)}
        >
          {problem.message}
        </p>
      )}
    </div>
  );
}

import type { ReactNode } from 'react';
import styles from './Field.module.css';

/** A label above what it names, and below it the reason why what was typed cannot be read. */
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
  /** Narrow fields stand side by side: their message lies over what is below, so that nothing moves. */
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
          className={`${problem.unfinished ? styles.hint : styles.problem} ${narrow ? styles.over : ''}`}
        >
          {problem.message}
        </p>
      )}
    </div>
  );
}

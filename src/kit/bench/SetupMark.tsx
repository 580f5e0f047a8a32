import styles from './SetupMark.module.css';

/** The sign of the setup fitted now, the same everywhere: letter, round mark and full line, as well as a colour. */
export function SetupMark() {
  return (
    <span className={styles.mark}>
      <svg viewBox="0 0 16 16" width="16" height="16" aria-hidden>
        <circle cx="8" cy="8" r="7" />
      </svg>
      A
    </span>
  );
}

import { letterOf, SHAPE_PATHS, signOf } from './setup-sign';
import styles from './SetupMark.module.css';

/** The sign of a setup, the same everywhere: a letter and a shape, as well as a colour. */
export function SetupMark({ place }: { place: number }) {
  return (
    <span className={styles.mark} data-setup={signOf(place)}>
      <svg viewBox="0 0 16 16" width="14" height="14" aria-hidden>
        <path d={SHAPE_PATHS[place]} />
      </svg>
      {letterOf(place)}
    </span>
  );
}

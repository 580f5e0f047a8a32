import { LETTERS, signOf } from './setup-sign';
import styles from './SetupMark.module.css';

/** The sign of a setup, the same everywhere: a letter and a shape, as well as a colour. */
export function SetupMark({ place }: { place: number }) {
  return (
    <span className={styles.mark} data-setup={signOf(place)}>
      <svg viewBox="0 0 16 16" width="14" height="14" aria-hidden>
        <Shape place={place} />
      </svg>
      {LETTERS[place]}
    </span>
  );
}

/** The shape alone, in a box of 16 × 16, for drawings. */
export function Shape({ place }: { place: number }) {
  switch (place) {
    case 0:
      return <circle cx="8" cy="8" r="7" />;
    case 1:
      return <path d="M1.5 1.5h13v13h-13z" />;
    case 2:
      return <path d="M8 .8 15.6 15H.4z" />;
    default:
      return <path d="M8 .4 15.6 8 8 15.6.4 8z" />;
  }
}

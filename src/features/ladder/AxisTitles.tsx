import type { LadderPicture } from './scene';
import styles from './Ladder.module.css';

/** Titles of the left and right axis, above the ladder. */
export function AxisTitles({ of: { left, right } }: { of: Pick<LadderPicture, 'left' | 'right'> }) {
  return (
    <p className={styles.axisTitles}>
      <b>{left.title}</b>
      <b>{right.title}</b>
    </p>
  );
}

'use client';

import { BikePicker } from './BikePicker';
import { SetupLine } from './SetupLine';
import { WheelFields } from './WheelFields';
import styles from './Bench.module.css';

/** The bike, its wheel and its setup: shown on every stage, typed once. */
export function Bench() {
  return (
    <section className={styles.bench} aria-label="Bench">
      <div className={styles.row}>
        <BikePicker />
        <WheelFields />
      </div>
      <SetupLine />
    </section>
  );
}

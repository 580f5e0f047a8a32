'use client';

import { BikePicker } from './BikePicker';
import { CassetteChoice } from './CassetteChoice';
import { RiderLine } from './RiderLine';
import { SetupRow } from './SetupRow';
import { WheelFields } from './WheelFields';
import styles from './Bench.module.css';
import { WORDS } from './text';

/** The bike, its wheels and its setups: shown on every stage, typed once. */
export function Bench() {
  return (
    <section className={styles.bench} aria-label={WORDS.bench.bench}>
      <div className={styles.row}>
        <BikePicker />
        <WheelFields />
      </div>
      <SetupRow />
      <div className={styles.foot}>
        <CassetteChoice />
        <RiderLine />
      </div>
    </section>
  );
}

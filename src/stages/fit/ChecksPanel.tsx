'use client';

import { useReadyBench } from '../../kit/bench/BenchProvider';
import { CheckList } from '../../kit/verdict/CheckList';
import type { Fit } from './useFit';
import styles from './Fit.module.css';

/** Each check with its verdict, its sentence and what would mend it. */
export function ChecksPanel({ fit }: { fit: Fit }) {
  const { bench } = useReadyBench();
  return (
    <section className={styles.panel} aria-label="Checks">
      <h2>Will it go together</h2>
      <CheckList checks={fit.report.checks} setup={bench.setup} />
      <p className={styles.note}>
        By the published sheet. The part maker’s sheet wins over Rontel; have a qualified mechanic check what you are
        unsure of.
      </p>
    </section>
  );
}

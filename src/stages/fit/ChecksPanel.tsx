'use client';

import { useReadyBench } from '../../kit/bench/BenchProvider';
import { explainCheck } from '../../kit/explain/fit';
import { Explained } from '../../kit/explain/Slip';
import { VerdictMark } from '../../kit/verdict/VerdictMark';
import type { Fit } from './useFit';
import styles from './Fit.module.css';

/** Each check with its verdict, its sentence and what would mend it. */
export function ChecksPanel({ fit }: { fit: Fit }) {
  const { bench } = useReadyBench();
  return (
    <section className={styles.panel} aria-label="Checks">
      <h2>Will it go together</h2>
      <ul className={styles.checks}>
        {fit.report.checks.map((check) => (
          <li key={check.id} data-testid={`check-${check.id}`}>
            <Explained explain={() => explainCheck(check, bench.setup)}>
              <VerdictMark verdict={check.verdict} />
            </Explained>
            <span>
              {check.message}
              {check.fixes.length > 0 && <> To mend: {check.fixes.join('; or ')}.</>}
            </span>
          </li>
        ))}
      </ul>
      <p className={styles.note}>
        By the published sheet. The part maker’s sheet wins over Rontel; have a qualified mechanic check what you are
        unsure of.
      </p>
    </section>
  );
}

'use client';

import type { LimitsPolicy } from '../../core/fit';
import type { JobCard } from '../../core/job';
import { answerText } from '../../features/verdict/answer-words';
import styles from './Jobs.module.css';

/** The compatibility of the new setup; exceeded limits are always shown. */
export function CardVerdict({ card, school }: { card: JobCard; school: LimitsPolicy }) {
  return (
    <p className={styles.verdict} data-kind={card.answer.kind} data-testid="card-verdict">
      {answerText(card.answer, school)}
    </p>
  );
}

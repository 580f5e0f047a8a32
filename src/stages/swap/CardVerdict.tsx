'use client';

import type { LimitsPolicy } from '../../core/fit';
import type { JobCard } from '../../core/job';
import { answerText } from '../../kit/verdict/answer-words';
import styles from './Swap.module.css';

/** What Fit says of the setup that goes on; outside is always shown. */
export function CardVerdict({ card, school }: { card: JobCard; school: LimitsPolicy }) {
  return (
    <p className={styles.verdict} data-kind={card.answer.kind} data-testid="card-verdict">
      {answerText(card.answer, school)}
    </p>
  );
}

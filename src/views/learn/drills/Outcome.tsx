import { CheckOutlined, CloseOutlined } from '@ant-design/icons';
import type { ReactNode } from 'react';
import { grade, type Given, type Question } from '../../../core/lesson';
import { capital } from '../../../ui/format';
import { Glossed } from '../../../features/glossary/Glossed';
import { MISTAKE_TEXT, answerText, rightText } from '../learner/learn-words';
import styles from './Drills.module.css';
import { t } from '../learner/text';
import { drillText } from '../../../messages/drills';

/** Whether it was right; where not, which mistake leads to just that, and the working of this very question. */
export function Outcome({ question, given, after }: { question: Question; given: Given; after: ReactNode }) {
  const { isRight, mistake } = grade(question, given);
  const { answer, working } = question;
  return (
    <div className={styles.outcome} data-right={isRight} data-testid="outcome">
      <p className={styles.verdict} role="status">
        {isRight ? <CheckOutlined aria-hidden /> : <CloseOutlined aria-hidden />}
        {isRight
          ? t('outcome.right', { right: rightText(answer) })
          : t('outcome.notQuiteYouSaidAnswer', { answer: answerText(answer, given), right: rightText(answer) })}
      </p>
      {mistake && (
        <p className={styles.mistake} data-mistake={mistake.mistake}>
          <b>{capital(MISTAKE_TEXT[mistake.mistake])}.</b> <Glossed text={drillText(mistake.why)} />
        </p>
      )}
      <h3>{t('outcome.howItIsWorkedOut')}</h3>
      <ul className={styles.working}>
        {working.map(drillText).map((line) => (
          <li key={line}>
            <Glossed text={line} />
          </li>
        ))}
      </ul>
      <div className={styles.actions}>{after}</div>
    </div>
  );
}

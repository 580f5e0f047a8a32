import type { Answer, Level, Question } from '../../../core/lesson';
import { LEVEL_TEXT, rightText } from '../learner/learn-words';
import styles from './Worksheet.module.css';
import { t } from '../learner/text';
import { drillText } from '../../../messages/drills';
import { unitAfter } from '../../../messages/number-text';

interface WorksheetPaperProps {
  readonly title: string;
  readonly number: number;
  readonly level: Level;
  readonly questions: readonly Question[];
}

/** Questions on the first page, answers with their working on the second. */
export function WorksheetPaper({ title, number, level, questions }: WorksheetPaperProps) {
  return (
    <div>
      <section className={styles.page} aria-label={t('worksheetPaper.questions')}>
        <header>
          <h3>{title}</h3>
          <span>{t('worksheetPaper.sheetAndLevel', { number, level, level2: LEVEL_TEXT[level] })}</span>
          <span className={styles.line}>{t('worksheetPaper.name')}</span>
        </header>
        <ol>
          {questions.map((question) => (
            <li key={`${question.kind} ${question.seed}`}>
              {drillText(question.text)}
              <Room answer={question.answer} />
            </li>
          ))}
        </ol>
      </section>
      <section className={styles.page} aria-label={t('worksheetPaper.answers')}>
        <header>
          <h3>{t('worksheetPaper.answersToSheetNumber', { number })}</h3>
        </header>
        <ol>
          {questions.map((question) => (
            <li key={`${question.kind} ${question.seed}`}>
              <b>{rightText(question.answer)}</b>
              <span>{question.working.map(drillText).join('; ')}</span>
            </li>
          ))}
        </ol>
      </section>
    </div>
  );
}

/** Where the answer goes with a pencil. */
function Room({ answer }: { answer: Answer }) {
  if (answer.kind === 'number') {
    return (
      <p className={styles.room}>
        <i />
        {unitAfter(answer.unit)}
      </p>
    );
  }
  const items = answer.kind === 'choice' ? answer.options.map(drillText) : answer.items;
  return (
    <p className={styles.room}>
      {items.map((item) => (
        <span key={item}>
          <em data-number={answer.kind === 'order'} />
          {item}
        </span>
      ))}
    </p>
  );
}

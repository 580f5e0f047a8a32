'use client';

import { Button, Input, Radio } from 'antd';
import { useId, useState, type ReactNode, type SyntheticEvent } from 'react';
import { grade, type Given, type Grade, type Question } from '../../../core/lesson';
import { Field } from '../../../ui/fields/Field';
import { parseNumber } from '../../../ui/fields/parse-number';
import { OrderField } from './OrderField';
import { Outcome } from './Outcome';
import styles from './Drills.module.css';
import { t } from '../learner/text';
import { drillText } from '../../../messages/drills';
import { definite } from '../../../core/items';

/** Wide enough for any answer: absurd ones are wrong, not refused. */
const ANSWER_BOUNDS = { min: -100_000, max: 100_000 } as const;

interface QuestionFormProps {
  readonly question: Question;
  /** Such as “Answer”, or “That is my prediction”. */
  readonly sendText: string;
  /** Whether the field is where the learner goes on; in a lesson the reading comes first. */
  readonly takesFocus: boolean;
  /** Beside the button, while it is not answered. */
  readonly beside?: ReactNode;
  readonly onAnswer: (grade: Grade) => void;
  /** Below the working, when it is answered. */
  readonly after: ReactNode;
}

/** A question with its field, and when it is answered what was right about it and why. Keyed by question: it keeps what was given. */
export function QuestionForm({ question, sendText, takesFocus, beside, onAnswer, after }: QuestionFormProps) {
  const { answer, text } = question;
  const id = useId();
  const [typed, setTyped] = useState('');
  const [choice, setChoice] = useState<number>();
  const [order, setOrder] = useState<readonly number[]>(answer.kind === 'order' ? answer.items.map((_, i) => i) : []);
  const [problem, setProblem] = useState<string>();
  const [given, setGiven] = useState<Given>();
  const isAnswered = given !== undefined;

  const read = (): { readonly given: Given } | { readonly problem: string } => {
    if (answer.kind === 'order') return { given: order };
    if (answer.kind === 'choice')
      return choice === undefined ? { problem: t('questionForm.noAnswerSelectedSelect') } : { given: choice };
    const parsed = parseNumber(typed, {
      term: t('questionForm.yourAnswer'),
      unit: answer.unit,
      bounds: ANSWER_BOUNDS,
    });
    return parsed.ok ? { given: definite(parsed.value) } : { problem: parsed.message };
  };
  const send = (event: SyntheticEvent) => {
    event.preventDefault();
    if (isAnswered) return;
    const result = read();
    if ('problem' in result) {
      setProblem(result.problem);
      return;
    }
    setGiven(result.given);
    onAnswer(grade(question, result.given));
  };
  const shownProblem = problem === undefined ? undefined : { message: problem, unfinished: false };
  return (
    <form className={styles.form} onSubmit={send} data-testid="question" data-kind={question.kind}>
      <p className={styles.question} id={`${id}-text`}>
        {drillText(text)}
      </p>
      {answer.kind === 'number' && (
        <Field id="answer" label={t('questionForm.yourAnswerUnit', { unit: answer.unit })} problem={shownProblem}>
          <Input
            id="answer"
            value={typed}
            autoFocus={takesFocus}
            readOnly={isAnswered}
            inputMode="decimal"
            autoComplete="off"
            suffix={answer.unit}
            style={{ width: 180 }}
            aria-invalid={problem !== undefined}
            aria-describedby={`${id}-text`}
            onChange={({ target }) => {
              setTyped(target.value);
              setProblem(undefined);
            }}
          />
        </Field>
      )}
      {answer.kind === 'choice' && (
        <>
          <Radio.Group
            vertical
            aria-labelledby={`${id}-text`}
            value={choice}
            disabled={isAnswered}
            options={answer.options.map((option, i) => ({ value: i, label: drillText(option) }))}
            onChange={({ target }) => {
              setChoice(target.value as number);
              setProblem(undefined);
            }}
          />
          {problem && (
            <p role="alert" className={styles.problem}>
              {problem}
            </p>
          )}
        </>
      )}
      {answer.kind === 'order' && (
        <OrderField items={answer.items} order={order} disabled={isAnswered} onOrder={setOrder} />
      )}
      {isAnswered ? (
        <Outcome question={question} given={given} after={after} />
      ) : (
        <div className={styles.actions}>
          <Button type="primary" htmlType="submit">
            {sendText}
          </Button>
          {beside}
        </div>
      )}
    </form>
  );
}

'use client';

import { CheckOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useState } from 'react';
import { prediction, type LessonId } from '../../../core/lesson';
import { Glossed } from '../../../features/glossary/Glossed';
import { QuestionForm } from '../drills/QuestionForm';
import type { LearnBike } from '../learner/useLearn';
import type { Learning } from '../learner/useLearning';
import { Activity } from './Activity';
import { LESSON_WORDS } from '../learner/lesson-words';
import { Note, Panel } from '../../../ui/panel/Panel';
import styles from './Lessons.module.css';
import { t } from '../learner/text';

interface LessonPageProps {
  readonly id: LessonId;
  readonly learning: Learning;
  readonly bike: LearnBike;
  readonly next: LessonId | undefined;
  readonly onNext: (id: LessonId) => void;
}

/** One idea, one thing to do, and a prediction that is made before the answer is shown. */
export function LessonPage({ id, learning, bike, next, onNext }: LessonPageProps) {
  const { title, idea, task, seen } = LESSON_WORDS[id];
  const { learner } = learning;
  const [isDone, setDone] = useState(false);
  // The question stays the same while it is on screen, though the learner's record moves on by answering it.
  const [question] = useState(() => prediction(id, bike.lesson, (learner?.seed ?? 0) + (learner?.answered ?? 0)));
  return (
    <article className={styles.lesson} aria-label={title}>
      <Panel>
        <h2 className={styles.title}>{title}</h2>
        {idea.map((text) => (
          <p key={text} className={styles.idea}>
            <Glossed text={text} />
          </p>
        ))}
      </Panel>
      <Panel aria-label={t('lessonPage.toDo')}>
        <p className={styles.task}>
          <b>{task}</b>
          {isDone && (
            <span className={styles.seen} role="status" data-testid="task-done">
              <CheckOutlined aria-hidden /> {seen}
            </span>
          )}
        </p>
        <Activity id={id} bike={bike} onDone={() => setDone(true)} />
      </Panel>
      <Panel aria-label={t('lessonPage.yourPrediction')}>
        <h2>{t('lessonPage.whatDoYouThink')}</h2>
        <QuestionForm
          question={question}
          sendText={t('lessonPage.saveMyPrediction')}
          takesFocus={false}
          onAnswer={({ isRight }) => learning.finishLesson(id, isRight)}
          after={
            next ? (
              <Button type="primary" autoFocus onClick={() => onNext(next)}>
                {t('lessonPage.nextTitle', { title: LESSON_WORDS[next].title })}
              </Button>
            ) : (
              <span>{t('lessonPage.thatWasTheLastOne')}</span>
            )
          }
        />
        {!learner && <Note>{t('lessonPage.noLearnerSelectedSo')}</Note>}
      </Panel>
    </article>
  );
}

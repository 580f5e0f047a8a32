'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { fingerprintOf, type DrillKind } from '../../../core/lesson';
import type { LearnerRecord } from '../../../records';
import type { LearnBike } from '../learner/useLearn';
import type { Learning } from '../learner/useLearning';
import { LearnerForm } from '../learner/NewLearner';
import { HINT_TEXT, KIND_TEXT, LEVEL_TEXT } from '../learner/learn-words';
import { ask } from './ask';
import { Progress } from './Progress';
import { QuestionForm } from './QuestionForm';

import { Panel, PanelHead } from '../../../ui/panel/Panel';
import styles from './Drills.module.css';
import { t } from '../learner/text';

/** Generated questions about real drivetrains, scheduled for the learner. */
export function DrillsView({ learning, bike }: { learning: Learning; bike: LearnBike }) {
  const [only, setOnly] = useState<DrillKind>();
  const { learner } = learning;
  if (!learner) {
    return (
      <Panel aria-label={t('drillsView.whoIsLearning')}>
        <h2>{t('drillsView.whoIsLearningAsked')}</h2>
        <p>{t('drillsView.drillsAdaptEachLearners')}</p>
        <LearnerForm onAdd={learning.add} />
      </Panel>
    );
  }
  return (
    <div className={styles.layout}>
      <Drill key={`${learner.id} ${only ?? 'all'}`} learner={learner} learning={learning} bike={bike} only={only} />
      <Progress learner={learner} only={only} onOnly={setOnly} />
    </div>
  );
}

function Drill({
  learner,
  learning,
  bike,
  only,
}: {
  learner: LearnerRecord;
  learning: Learning;
  bike: LearnBike;
  only: DrillKind | undefined;
}) {
  const [{ question, level }, setAsked] = useState(() => ask(learner, bike, only, undefined, Date.now()));
  const [hasHelp, setHelp] = useState(false);
  const next = () => {
    setHelp(false);
    setAsked(ask(learner, bike, only, question, Date.now()));
  };
  return (
    <Panel aria-label={t('drillsView.drill')}>
      <PanelHead>
        <h2>{KIND_TEXT[question.kind]}</h2>
        <span className={styles.level} data-testid="level">
          {t('drillsView.level', { level, level2: LEVEL_TEXT[level] })}
        </span>
      </PanelHead>
      <QuestionForm
        key={`${question.kind} ${question.seed} ${level}`}
        question={question}
        sendText={t('drillsView.answer')}
        takesFocus
        beside={
          hasHelp ? (
            <p className={styles.hint} role="status">
              {HINT_TEXT[question.kind]}
            </p>
          ) : (
            <Button type="text" onClick={() => setHelp(true)} title={t('drillsView.hintCorrectAnswerDoes')}>
              {t('drillsView.hint')}
            </Button>
          )
        }
        onAnswer={({ isRight, mistake }) =>
          learning.answer({
            kind: question.kind,
            fingerprint: fingerprintOf(question),
            recall: !isRight ? 'wrong' : hasHelp ? 'helped' : 'right',
            mistake: mistake?.mistake,
          })
        }
        after={
          <Button type="primary" autoFocus onClick={next}>
            {t('drillsView.nextQuestion')}
          </Button>
        }
      />
    </Panel>
  );
}

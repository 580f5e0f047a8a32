'use client';

import { Button } from 'antd';
import { REMEDIES, STEP_TITLES, SYMPTOMS_OF, type StepProgress, type Symptom } from '../../core/swap';
import { withOptional } from '../../kit/fields/with-optional';
import type { Work } from './useWork';
import styles from './Work.module.css';
import { WORDS } from './words/text';

/** What a check found wrong, and what helps: a branch that comes back to the check. */
export function TroublePanel({ work }: { work: Work }) {
  const { job, steps, step, editStepOf, goTo } = work;
  const symptoms = SYMPTOMS_OF[step.id];
  if (!symptoms) return null;
  const trouble = job.progress[step.id]?.trouble;
  const say = (what: string, edit: (before: StepProgress) => StepProgress) => editStepOf(step.id, what, edit);
  if (!trouble) {
    return (
      <div className={styles.trouble} data-testid="troubles">
        <span>{WORDS.troublePanel.notRight}</span>
        {symptoms.map((symptom) => (
          <Button
            key={symptom}
            size="large"
            onClick={() => say('trouble', (before) => ({ ...before, trouble: symptom }))}
          >
            {REMEDIES[symptom].title}
          </Button>
        ))}
      </div>
    );
  }
  const { title, stop, remedies } = REMEDIES[trouble];
  return (
    <div className={styles.remedies} data-testid="remedies">
      <h3>
        {title}
        {stop && WORDS.troublePanel.doNotRideUntilIt}
      </h3>
      <ol>
        {remedies.map(({ text, goTo: back }) => (
          <li key={text}>
            {text}{' '}
            {back !== undefined && back !== step.id && steps.some(({ id }) => id === back) && (
              <Button size="middle" onClick={() => goTo(back)}>
                {WORDS.troublePanel.backToStepTitle(STEP_TITLES[back])}
              </Button>
            )}
          </li>
        ))}
      </ol>
      <div className={styles.trouble}>
        <Button
          size="large"
          type="primary"
          onClick={() => say('mended', ({ trouble: mended, ...before }) => withMended(before, mended ?? trouble))}
        >
          {WORDS.troublePanel.mended}
        </Button>
        <Button size="large" onClick={() => say('trouble', (before) => withOptional(before, 'trouble', undefined))}>
          {WORDS.troublePanel.itWasNothing}
        </Button>
      </div>
    </div>
  );
}

const withMended = (step: StepProgress, symptom: Symptom): StepProgress => ({
  ...step,
  mended: [...(step.mended ?? []), symptom],
});

'use client';

import { Button, Input, Radio, Select } from 'antd';
import { useMemo, useState } from 'react';
import { fitReport, type CheckId } from '../../core/fit';
import { countedLimits, passedLimits, type Outcome } from '../../core/job';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { SetupChoice } from '../../features/setups-bar/SetupChoice';
import { fitInputOf } from '../../features/workspace/fit-input';
import { DateField } from '../../ui/fields/DateField';
import { Field } from '../../ui/fields/Field';
import { CausesField } from '../../features/verdict/CausesField';
import { OUTCOME_TEXT } from '../../features/workshop/words';
import { GROUP_TEXT, groupOf } from '../../features/verdict/check-words';
import { formatShorthand } from '../../formats/shorthand';
import { NAME_LENGTH_MAX, NOTE_LENGTH_MAX, TRIAL_SUBJECTS, jobSideOf, type TrialSubject } from '../../records';
import { addTrial } from '../../store';
import { Note } from '../../ui/panel/Panel';
import styles from './Log.module.css';
import { t } from './text';
import { firstOf, definite } from '../../core/items';

const OUTCOMES_OF: Readonly<Record<TrialSubject, readonly Outcome[]>> = {
  pastLimit: ['works', 'worksWithNotes', 'reverted'],
  experiment: ['noEffect', 'works', 'worksWithNotes', 'reverted'],
};

/** Records a trial without a job card: a bike that has long exceeded a limit, or an experiment. */
export function TrialForm() {
  const { workspace, workshop, edits } = useReadyWorkspace();
  const { bike, setup, setups, fromLink } = workspace;
  const { parts, experience, db } = workshop;
  const [about, setAbout] = useState<TrialSubject>();
  const [outcome, setOutcome] = useState<Outcome>('works');
  const [text, setText] = useState('');
  const [day, setDay] = useState('');
  const [causes, setCauses] = useState<readonly CheckId[]>([]);
  const passed = useMemo(
    () => passedLimits(fitReport(fitInputOf(bike, setup, setups, { parts, experience })), setup.parts.hangerExtenderMm),
    [bike, setup, setups, parts, experience],
  );
  const isPutBack = outcome === 'reverted';
  const choose = (next: TrialSubject) => {
    setAbout(next);
    setOutcome(firstOf(OUTCOMES_OF[next]));
  };
  const isMissing = text.trim() === '' || (about === 'pastLimit' && passed.length === 0);
  const add = () =>
    edits.write(async () => {
      const now = Date.now();
      await addTrial(
        db,
        {
          bikeId: bike.id,
          name: (about === 'pastLimit' ? t('trialForm.ranPast', { setup: formatShorthand(setup) }) : text.trim()).slice(
            0,
            NAME_LENGTH_MAX,
          ),
          work: { kind: 'trial', about: definite(about), side: jobSideOf(bike, setup, parts) },
          outcome,
          outcomeNote: text.trim(),
          passed: about === 'pastLimit' ? countedLimits(passed, isPutBack, causes) : [],
          atMs: day === '' ? now : new Date(`${day}T12:00:00`).getTime(),
        },
        now,
      );
      setText('');
      setDay('');
      setCauses([]);
      setAbout(undefined);
    });
  return (
    <form
      className={styles.trial}
      onSubmit={(event) => {
        event.preventDefault();
        if (!isMissing && !fromLink) add();
      }}
    >
      <Radio.Group
        aria-label={t('trialForm.recordByHand')}
        {...(about !== undefined && { value: about })}
        onChange={({ target }) => choose(target.value as TrialSubject)}
        options={TRIAL_SUBJECTS.map((value) => ({ value, label: t(`trialForm.subjects.${value}`) }))}
        optionType="button"
        size="small"
      />
      {about !== undefined && (
        <>
          <SetupChoice />
          <Note data-testid="trial-of">
            {about === 'experiment'
              ? t('trialForm.experimentOf', { setup: formatShorthand(setup) })
              : passed.length === 0
                ? t('trialForm.passesNone', { setup: formatShorthand(setup) })
                : t('trialForm.passes', {
                    setup: formatShorthand(setup),
                    limits: passed
                      .map(({ id, overT }) =>
                        t('trialForm.passedBy', { limit: GROUP_TEXT[groupOf(id)].toLowerCase(), overT }),
                      )
                      .join(', '),
                  })}
          </Note>
          <Field id="trial-text" label={t(`trialForm.labels.${about}`)}>
            <Input
              id="trial-text"
              maxLength={NOTE_LENGTH_MAX}
              placeholder={t(`trialForm.examples.${about}`)}
              value={text}
              onChange={({ target }) => setText(target.value)}
            />
          </Field>
          <Field id="trial-outcome" label={t('trialForm.result')}>
            <Select<Outcome>
              id="trial-outcome"
              value={outcome}
              style={{ width: 180 }}
              options={OUTCOMES_OF[about].map((value) => ({ value, label: OUTCOME_TEXT[value] }))}
              onChange={setOutcome}
            />
          </Field>
          {about === 'pastLimit' && isPutBack && <CausesField limits={passed} causes={causes} onChange={setCauses} />}
          <DateField id="trial-day" label={t('trialForm.date')} value={day} onChange={setDay} />
          <Button htmlType="submit" disabled={isMissing || fromLink}>
            {t('trialForm.record')}
          </Button>
        </>
      )}
    </form>
  );
}

'use client';

import { judgeReading } from '../../core/swap';
import { capital, short } from '../../kit/format';
import { NoteField } from '../../kit/fields/NoteField';
import { NumberField } from '../../kit/fields/NumberField';
import { withOptional } from '../../kit/fields/with-optional';
import type { Work } from './useWork';
import styles from './Work.module.css';
import { WORDS } from './words/text';

/** The reading that a step asks for, judged as it is typed, and a note. */
export function StepFields({ work }: { work: Work }) {
  const { job, step, editStepOf } = work;
  const { reading } = step;
  const progress = job.progress[step.id];
  const judged = reading && progress?.value !== undefined ? judgeReading(reading, progress.value) : undefined;
  const owner = `${job.id} ${step.id}`;
  return (
    <div className={styles.fields}>
      {reading && step.id !== 'weigh' && (
        <>
          <NumberField
            id="reading"
            label={
              reading.expected === undefined
                ? capital(reading.what)
                : WORDS.stepFields.capitalExpectedUnitExpected(
                    capital(reading.what),
                    short(reading.expected, 2),
                    reading.unit,
                  )
            }
            term={reading.what}
            unit={reading.unit}
            bounds={reading}
            optional
            owner={owner}
            width="100%"
            placeholder={WORDS.stepFields.notReadYet}
            value={progress?.value}
            check={(value) => {
              if (value === undefined) return undefined;
              const told = judgeReading(reading, value);
              return told.kind === 'impossible' ? told.message : undefined;
            }}
            onCommit={(value) => editStepOf(step.id, 'reading', (before) => withOptional(before, 'value', value))}
          />
          {judged && (
            <p className={judged.kind === 'doubtful' ? styles.doubt : styles.good} role="status" data-testid="judged">
              {'message' in judged
                ? judged.message
                : judged.kind === 'asExpected'
                  ? WORDS.stepFields.asWorkedOut
                  : WORDS.stepFields.plausible}
            </p>
          )}
        </>
      )}
      <NoteField
        id="step-note"
        label={WORDS.stepFields.note}
        owner={owner}
        placeholder={WORDS.stepFields.whatWasFoundWhatWas}
        value={progress?.note}
        onCommit={(note) => editStepOf(step.id, 'note', (before) => withOptional(before, 'note', note))}
      />
    </div>
  );
}

'use client';

import { judgeReading, type ReadingId, type StepReading } from '../../core/job';
import { distanceText } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { MeasureField } from '../../features/fields/MeasureField';
import { NoteField } from '../../features/fields/NoteField';
import { NumberField } from '../../ui/fields/NumberField';
import { withOptional } from '../../ui/fields/with-optional';
import { judgementText, readingTitle, targetText } from '../../messages/job';
import { READING } from '../../records';
import { TorqueField } from './TorqueField';
import type { Work } from './useWork';
import styles from './Work.module.css';
import { t } from './text';
import { definite } from '../../core/items';

/** The readings of a step, each judged against this job's target as it is typed, and a note. */
export function StepFields({ work }: { work: Work }) {
  const { job, step, editStepOf } = work;
  const progress = job.progress[step.id];
  return (
    <div className={styles.fields}>
      {step.readings.map((reading, i) => (
        <ReadingField key={reading.id} work={work} reading={reading} isFirst={i === 0} />
      ))}
      <NoteField
        id="step-note"
        label={t('stepFields.note')}
        owner={`${job.id} ${step.id}`}
        placeholder={t('stepFields.whatWasFoundWhatWas')}
        value={progress?.note}
        onCommit={(note) => editStepOf(step.id, 'step.note', (before) => withOptional(before, 'note', note))}
      />
    </div>
  );
}

/** A reading is stored as typed, plausible or not; the judgement is shown below. */
function ReadingField({ work, reading, isFirst }: { work: Work; reading: StepReading; isFirst: boolean }) {
  const { job, step, editStepOf } = work;
  const units = useUnits();
  const value = job.progress[step.id]?.values?.[reading.id];
  const judged = value === undefined ? undefined : judgeReading(reading, value);
  const isGood = judged && ['onTarget', 'inWindow', 'noTarget'].includes(judged.kind);
  const torque = step.torques.find(({ joint }) => reading.id === `torque.${joint}`);
  const target = targetText(reading);
  const set = (next: number | undefined) =>
    editStepOf(step.id, { undo: 'step.values', of: reading.id }, (before) => ({
      ...before,
      values: withReading(before.values, reading.id, next),
    }));
  const common = {
    id: isFirst ? 'reading' : `reading-${reading.id.replace('.', '-')}`,
    label:
      target === undefined
        ? readingTitle(reading.id)
        : t('stepFields.titleTarget', { title: readingTitle(reading.id), target }),
    term: readingTitle(reading.id),
    bounds: READING,
    owner: `${job.id} ${step.id}`,
    placeholder: t('stepFields.notReadYet'),
    value,
    onCommit: set,
  };
  return (
    <>
      {reading.unit === 'km' ? (
        <MeasureField {...common} measure="distance" />
      ) : (
        <NumberField {...common} unit={reading.unit} optional width="100%" />
      )}
      {judged && (
        <p
          className={isGood ? styles.good : styles.doubt}
          role="status"
          data-testid={isFirst ? 'judged' : `judged-${reading.id}`}
        >
          {judgementText(reading, definite(value), judged, work.rings, (km) => distanceText(units, km))}
        </p>
      )}
      {torque && <TorqueField bike={work.bike} torque={torque} />}
    </>
  );
}

function withReading(
  values: Readonly<Partial<Record<ReadingId, number>>> = {},
  id: ReadingId,
  value: number | undefined,
): Readonly<Partial<Record<ReadingId, number>>> {
  const { [id]: _before, ...others } = values;
  return value === undefined ? others : { ...others, [id]: value };
}

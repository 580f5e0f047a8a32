'use client';

import { Button, Input } from 'antd';
import { useState } from 'react';
import { MeasureField } from '../../features/fields/MeasureField';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { DateField } from '../../ui/fields/DateField';
import { Field } from '../../ui/fields/Field';
import { NOTE_KM, NOTE_LENGTH_MAX } from '../../records';
import { addNote } from '../../store';
import styles from './Log.module.css';
import { t } from './text';

/** Adds an observation, or unrecorded kilometres, which count towards wear. */
export function NoteForm() {
  const { workspace, workshop, edits } = useReadyWorkspace();
  const [text, setText] = useState('');
  const [km, setKm] = useState<number>();
  const [day, setDay] = useState('');
  const [round, setRound] = useState(0);
  const add = () =>
    edits.write(async () => {
      const now = Date.now();
      // The middle of the day that was meant, wherever one is.
      const atMs = day === '' ? now : new Date(`${day}T12:00:00`).getTime();
      await addNote(
        workshop.db,
        { bikeId: workspace.bike.id, atMs, text: text.trim(), ...(km !== undefined && { km }) },
        now,
      );
      setText('');
      setKm(undefined);
      setDay('');
      setRound(round + 1);
    });
  return (
    <form
      className={styles.noteForm}
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() !== '' && !workspace.fromLink) add();
      }}
    >
      <Field id="note-text" label={t('noteForm.writeDown')}>
        <Input
          id="note-text"
          maxLength={NOTE_LENGTH_MAX}
          placeholder={t('noteForm.whatWasNoticedOrWhere')}
          value={text}
          onChange={({ target }) => setText(target.value)}
        />
      </Field>
      <MeasureField
        measure="distance"
        key={round}
        id="note-km"
        label={t('noteForm.unrecordedDistance')}
        term={t('noteForm.distance')}
        bounds={NOTE_KM}
        owner={`note ${round}`}
        width={140}
        value={km}
        onCommit={setKm}
      />
      <DateField id="note-day" label={t('noteForm.on')} value={day} onChange={setDay} />
      <Button htmlType="submit" disabled={text.trim() === '' || workspace.fromLink}>
        {t('noteForm.keepIt')}
      </Button>
    </form>
  );
}

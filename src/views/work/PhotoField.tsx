'use client';

import { CameraOutlined, DeleteOutlined } from '@ant-design/icons';
import { Alert, Button } from 'antd';
import { useRef, useState } from 'react';
import type { StepId } from '../../core/job';
import { useWorkspace } from '../../features/workspace/WorkspaceProvider';
import { addPhoto, removePhoto, useDb, useLive, readPhotos } from '../../store';
import { smallPhoto } from './photo';
import { Jpeg } from '../../ui/picture/Jpeg';
import styles from './Work.module.css';
import { t } from './text';

/** Photos of a step: taken or picked, made small, kept with the job. */
export function PhotoField({ jobId, stepId }: { jobId: string; stepId: StepId }) {
  const db = useDb();
  const state = useWorkspace();
  const picker = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const photos = useLive(db, (from) => readPhotos(from, jobId), { deps: [jobId] })?.filter(
    (one) => one.stepId === stepId,
  );
  if (state.kind !== 'ready') return null;
  const { edits } = state;
  const take = async (file: File) => {
    setProblem(undefined);
    setBusy(true);
    const result = await smallPhoto(file);
    setBusy(false);
    if (!result.ok) {
      setProblem(result.message);
      return;
    }
    edits.write(() => addPhoto(db, { jobId, stepId, takenAtMs: Date.now(), jpeg: result.jpeg }));
  };
  return (
    <div className={styles.photos}>
      <Button size="large" icon={<CameraOutlined />} loading={busy} onClick={() => picker.current?.click()}>
        {t('photoField.photo')}
      </Button>
      <input
        ref={picker}
        type="file"
        accept="image/*"
        hidden
        data-testid="photo-file"
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          target.value = '';
          if (file) void take(file);
        }}
      />
      {problem && <Alert type="error" showIcon title={problem} data-testid="photo-problem" />}
      {(photos ?? []).map(({ id, jpeg, takenAtMs }) => (
        <figure key={id}>
          <Jpeg
            bytes={jpeg}
            alt={t('photoField.takenToLocaleString', { toLocaleString: new Date(takenAtMs).toLocaleString() })}
          />
          <Button
            icon={<DeleteOutlined />}
            aria-label={t('photoField.removeThisPhoto')}
            onClick={() => edits.write(() => removePhoto(db, id, Date.now()))}
          />
        </figure>
      ))}
    </div>
  );
}

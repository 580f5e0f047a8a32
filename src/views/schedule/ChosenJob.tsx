'use client';

import { CloseOutlined, ToolOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useRouter } from 'next/navigation';
import { useUnits } from '../../features/workspace/useUnits';
import { useWorkspace } from '../../features/workspace/WorkspaceProvider';
import { DateField } from '../../ui/fields/DateField';
import { Field } from '../../ui/fields/Field';
import { withOptional } from '../../ui/fields/with-optional';
import { cardHeadline } from '../../features/workshop/card-words';
import { StateSelect } from '../../features/workshop/StateSelect';
import { useJobEdits } from '../../features/workshop/useJobEdits';
import type { BoardJob } from './board';
import styles from './Schedule.module.css';
import { t } from './text';

/** The job that was picked on the board: its day and state by field, for those who do not drag. */
export function ChosenJob({ chosen, onClose }: { chosen: BoardJob; onClose: () => void }) {
  const units = useUnits();
  const { job, card, bikeName } = chosen;
  const { edit } = useJobEdits(job);
  const state = useWorkspace();
  const router = useRouter();
  if (state.kind !== 'ready') return null;
  const { edits } = state;
  const toCard = () => {
    edits.editPreferences({ currentBikeId: job.bikeId });
    router.push(`/jobs?job=${job.id}`);
  };
  return (
    <section className={styles.chosen} aria-label={t('chosenJob.chosenJob')} data-testid="chosen-job">
      <div>
        <h2>
          {job.name} <span>{bikeName}</span>
        </h2>
        <p>
          {job.state === 'done'
            ? (job.outcomeNote ?? '')
            : card
              ? cardHeadline(card, units)
              : t('chosenJob.reCheckAfterTheFirst')}
        </p>
      </div>
      <Field id="chosen-state" label={t('chosenJob.state')}>
        <StateSelect job={job} id="chosen-state" />
      </Field>
      {job.state !== 'done' && (
        <DateField
          id="chosen-day"
          label={t('chosenJob.day')}
          value={job.dueOn ?? ''}
          onChange={(day) => edit('job.dueOn', (before) => withOptional(before, 'dueOn', day || undefined))}
        />
      )}
      <Button onClick={toCard}>{t('chosenJob.card')}</Button>
      {job.state !== 'done' && (
        <Button type="primary" icon={<ToolOutlined />} onClick={() => router.push(`/work?job=${job.id}`)}>
          {t('chosenJob.workOnIt')}
        </Button>
      )}
      <Button type="text" icon={<CloseOutlined />} aria-label={t('chosenJob.closeTheJob')} onClick={onClose} />
    </section>
  );
}

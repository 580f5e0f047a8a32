'use client';

import { useState } from 'react';
import { BoardView } from './BoardView';
import { BuyPanel } from './BuyPanel';
import { ChosenJob } from './ChosenJob';
import { DuePanel } from './DuePanel';
import { useSchedule } from './useSchedule';
import { PageHeading } from '../../ui/panel/Panel';
import styles from './Schedule.module.css';
import { t } from './text';

/** The jobs of the whole workshop: by day and state, what is to be bought for them, and what is due. */
export function ScheduleView() {
  const schedule = useSchedule();
  const [chosenId, choose] = useState<string>();
  if (!schedule) return null;
  const chosen = schedule.jobs.find(({ job }) => job.id === chosenId);
  return (
    <>
      <PageHeading>{t('scheduleView.schedule')}</PageHeading>
      <BoardView schedule={schedule} chosenId={chosenId} onChoose={choose} />
      {chosen && <ChosenJob key={chosen.job.id} chosen={chosen} onClose={() => choose(undefined)} />}
      <div className={styles.below}>
        <BuyPanel schedule={schedule} />
        <DuePanel schedule={schedule} />
      </div>
    </>
  );
}

'use client';

import { early } from '../../kit/shell/early';

const Stage = early(() => import('../../stages/schedule/ScheduleStage').then(({ ScheduleStage }) => ScheduleStage));

export function SchedulePlace() {
  return <Stage />;
}

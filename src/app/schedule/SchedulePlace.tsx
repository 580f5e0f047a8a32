'use client';

import { lazyWithPreload } from '../../kit/shell/lazy-with-preload';

const Stage = lazyWithPreload(() =>
  import('../../stages/schedule/ScheduleStage').then(({ ScheduleStage }) => ScheduleStage),
);

export function SchedulePlace() {
  return <Stage />;
}

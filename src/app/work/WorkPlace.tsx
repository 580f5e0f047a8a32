'use client';

import { early } from '../../kit/shell/early';

const Stage = early(() => import('../../stages/work/WorkStage').then(({ WorkStage }) => WorkStage));

export function WorkPlace() {
  return <Stage />;
}

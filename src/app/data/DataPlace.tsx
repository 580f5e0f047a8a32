'use client';

import { early } from '../../kit/shell/early';

const Stage = early(() => import('../../stages/data/DataStage').then(({ DataStage }) => DataStage));

export function DataPlace() {
  return <Stage />;
}

'use client';

import { early } from '../../kit/shell/early';

const Stage = early(() => import('../../stages/find/FindStage').then(({ FindStage }) => FindStage));

export function FindPlace() {
  return <Stage />;
}

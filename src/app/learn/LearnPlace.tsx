'use client';

import { early } from '../../kit/shell/early';

const Stage = early(() => import('../../stages/learn/LearnStage').then(({ LearnStage }) => LearnStage));

export function LearnPlace() {
  return <Stage />;
}

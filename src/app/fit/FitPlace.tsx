'use client';

import { early } from '../../kit/shell/early';

const Stage = early(() => import('../../stages/fit/FitStage').then(({ FitStage }) => FitStage));

export function FitPlace() {
  return <Stage />;
}

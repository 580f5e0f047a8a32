'use client';

import { early } from '../../kit/shell/early';

const Stage = early(() => import('../../stages/swap/SwapStage').then(({ SwapStage }) => SwapStage));

export function SwapPlace() {
  return <Stage />;
}

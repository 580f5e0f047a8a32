'use client';

import { lazyWithPreload } from '../../kit/shell/lazy-with-preload';

const Stage = lazyWithPreload(() => import('../../stages/swap/SwapStage').then(({ SwapStage }) => SwapStage));

export function SwapPlace() {
  return <Stage />;
}

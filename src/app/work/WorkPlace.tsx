'use client';

import { lazyWithPreload } from '../../kit/shell/lazy-with-preload';

const Stage = lazyWithPreload(() => import('../../stages/work/WorkStage').then(({ WorkStage }) => WorkStage));

export function WorkPlace() {
  return <Stage />;
}

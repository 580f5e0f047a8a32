'use client';

import { lazyWithPreload } from '../../kit/shell/lazy-with-preload';

const Stage = lazyWithPreload(() => import('../../stages/learn/LearnStage').then(({ LearnStage }) => LearnStage));

export function LearnPlace() {
  return <Stage />;
}

'use client';

import { lazyWithPreload } from '../../kit/shell/lazy-with-preload';

const Stage = lazyWithPreload(() => import('../../stages/fit/FitStage').then(({ FitStage }) => FitStage));

export function FitPlace() {
  return <Stage />;
}

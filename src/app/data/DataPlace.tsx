'use client';

import { lazyWithPreload } from '../../kit/shell/lazy-with-preload';

const Stage = lazyWithPreload(() => import('../../stages/data/DataStage').then(({ DataStage }) => DataStage));

export function DataPlace() {
  return <Stage />;
}

'use client';

import { lazyWithPreload } from '../../kit/shell/lazy-with-preload';

const Stage = lazyWithPreload(() => import('../../stages/find/FindStage').then(({ FindStage }) => FindStage));

export function FindPlace() {
  return <Stage />;
}

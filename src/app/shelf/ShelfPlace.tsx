'use client';

import { lazyWithPreload } from '../../kit/shell/lazy-with-preload';

const Stage = lazyWithPreload(() => import('../../stages/shelf/ShelfStage').then(({ ShelfStage }) => ShelfStage));

export function ShelfPlace() {
  return <Stage />;
}

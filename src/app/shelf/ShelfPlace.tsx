'use client';

import { early } from '../../kit/shell/early';

const Stage = early(() => import('../../stages/shelf/ShelfStage').then(({ ShelfStage }) => ShelfStage));

export function ShelfPlace() {
  return <Stage />;
}

'use client';

import { lazyWithPreload } from '../../kit/shell/lazy-with-preload';

const Stage = lazyWithPreload(() => import('../../stages/gears/GearsStage').then(({ GearsStage }) => GearsStage));

export function GearsPlace() {
  return <Stage />;
}

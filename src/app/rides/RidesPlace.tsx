'use client';

import { lazyWithPreload } from '../../kit/shell/lazy-with-preload';

const Stage = lazyWithPreload(() => import('../../stages/rides/RidesStage').then(({ RidesStage }) => RidesStage));

export function RidesPlace() {
  return <Stage />;
}

'use client';

import { lazyWithPreload } from '../../kit/shell/lazy-with-preload';

const Stage = lazyWithPreload(() => import('../../stages/log/LogStage').then(({ LogStage }) => LogStage));

export function LogPlace() {
  return <Stage />;
}

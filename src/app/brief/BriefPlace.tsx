'use client';

import { lazyWithPreload } from '../../kit/shell/lazy-with-preload';

const Stage = lazyWithPreload(() => import('../../stages/brief/BriefStage').then(({ BriefStage }) => BriefStage));

export function BriefPlace() {
  return <Stage />;
}

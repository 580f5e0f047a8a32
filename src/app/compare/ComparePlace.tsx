'use client';

import { lazyWithPreload } from '../../kit/shell/lazy-with-preload';

const Stage = lazyWithPreload(() =>
  import('../../stages/compare/CompareStage').then(({ CompareStage }) => CompareStage),
);

export function ComparePlace() {
  return <Stage />;
}

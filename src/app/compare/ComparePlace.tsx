'use client';

import { early } from '../../kit/shell/early';

const Stage = early(() => import('../../stages/compare/CompareStage').then(({ CompareStage }) => CompareStage));

export function ComparePlace() {
  return <Stage />;
}

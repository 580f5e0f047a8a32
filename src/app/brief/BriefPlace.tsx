'use client';

import { early } from '../../kit/shell/early';

const Stage = early(() => import('../../stages/brief/BriefStage').then(({ BriefStage }) => BriefStage));

export function BriefPlace() {
  return <Stage />;
}

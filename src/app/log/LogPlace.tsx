'use client';

import { early } from '../../kit/shell/early';

const Stage = early(() => import('../../stages/log/LogStage').then(({ LogStage }) => LogStage));

export function LogPlace() {
  return <Stage />;
}

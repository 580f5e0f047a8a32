'use client';

import { early } from '../../kit/shell/early';

const Stage = early(() => import('../../stages/gears/GearsStage').then(({ GearsStage }) => GearsStage));

export function GearsPlace() {
  return <Stage />;
}

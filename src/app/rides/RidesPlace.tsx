'use client';

import { early } from '../../kit/shell/early';

const Stage = early(() => import('../../stages/rides/RidesStage').then(({ RidesStage }) => RidesStage));

export function RidesPlace() {
  return <Stage />;
}

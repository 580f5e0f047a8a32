'use client';

import { useMemo } from 'react';
import { firstOf } from '../../core/items';
import { briefInUse, type BriefInUse } from './brief-in-use';
import { useReadyWorkspace } from './WorkspaceProvider';

/** The needs of the open bike. */
export function useBrief(): BriefInUse {
  const { workspace, workshop } = useReadyWorkspace();
  const { bike, setups } = workspace;
  const { rides } = workshop;
  const fitted = firstOf(setups);
  return useMemo(() => briefInUse(bike, fitted, rides), [bike, fitted, rides]);
}

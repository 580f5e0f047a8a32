'use client';

import { useMemo } from 'react';
import { sameName } from '../../core/fit';
import { SHIFT_FAMILIES } from '../../core/catalog/shift-families';
import { FREEHUB_FAMILIES } from '../../core/catalog/freehubs';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';

/** Names that are offered: built in, and whatever the workshop already uses. */
interface PartOffers {
  readonly splines: readonly string[];
  readonly families: readonly string[];
}

export function usePartOffers(): PartOffers {
  const { workspace, workshop } = useReadyWorkspace();
  const { setups, setup } = workspace;
  const { bikes } = workshop;
  return useMemo(
    () => ({
      splines: once([
        ...FREEHUB_FAMILIES.map(({ spline }) => spline),
        ...bikes.flatMap(({ wheelsets }) => wheelsets.map(({ freehub }) => freehub?.spline)),
        ...setups.map(({ parts }) => parts.cassetteSpline),
      ]),
      families: once([
        ...SHIFT_FAMILIES.filter(({ shifting }) => shifting === (setup.parts.shifting ?? 'cable')).map(
          ({ name }) => name,
        ),
        ...setups.flatMap(({ parts }) => [parts.shifterFamily, parts.derailleurFamily]),
      ]),
    }),
    [setups, setup, bikes],
  );
}

function once(names: readonly (string | undefined)[]): string[] {
  return names
    .filter((name) => name !== undefined)
    .filter((name, i, known) => known.findIndex((other) => sameName(other, name)) === i);
}

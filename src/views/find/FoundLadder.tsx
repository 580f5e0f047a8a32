'use client';

import { useCallback, useMemo, useState } from 'react';
import type { FoundFacts } from '../../core/find';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace, type Workspace } from '../../features/workspace/WorkspaceProvider';
import { LETTERS } from '../../features/setup-mark/setup-sign';
import { setupName } from '../../features/search/part-words';
import { pictureOf, type LadderRequest } from '../../features/ladder/request';
import { AxisTitles } from '../../features/ladder/AxisTitles';
import { Ladder } from '../../features/ladder/Ladder';
import { frameAtPreferred, laneRequestOf, laneRequests } from '../../features/ladder/lanes';
import type { Find } from './useFind';
import { firstOf, definite } from '../../core/items';

const HEIGHT = 420;

/** The ladder of a setup that was found beside that of A. */
export function FoundLadder({ find, found }: { find: Find; found: FoundFacts }) {
  const units = useUnits();
  const { workspace, preferences } = useReadyWorkspace();
  const { inUse, context } = find;
  const [chosen, choose] = useState<LadderRequest['chosen']>({ place: 0, key: undefined });
  // The letter that it would have in the workspace.
  const place = Math.min(workspace.setups.length, LETTERS.length - 1);
  const askedOf = useCallback(
    (typed: Workspace): LadderRequest => {
      const { bike } = typed;
      const [fitted] = laneRequests({ bike, setups: typed.setups.slice(0, 1) }, inUse);
      const { hubStages } = firstOf(typed.setups);
      const setup = { chainrings: found.chainrings, cogs: found.cassette.cogs, hubStages };
      return {
        lanes: [definite(fitted), laneRequestOf(place, setupName(found), setup, context.rolloutMm, bike, inUse)],
        chosen,
      };
    },
    [found, inUse, context, place, chosen],
  );
  const picture = useMemo(
    () => pictureOf(askedOf(workspace), frameAtPreferred(inUse, preferences.stepReading, units, HEIGHT)),
    [askedOf, workspace, inUse, preferences.stepReading, units],
  );
  return (
    <>
      <AxisTitles of={picture} />
      <Ladder
        picture={picture}
        askedOf={askedOf}
        onSelect={({ place: at, gear }) => choose({ place: at, key: gear.key })}
      />
    </>
  );
}

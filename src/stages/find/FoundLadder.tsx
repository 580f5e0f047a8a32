'use client';

import { useCallback, useMemo, useState } from 'react';
import type { FoundFacts } from '../../core/find';
import { useUnits } from '../../kit/bench/useUnits';
import { useReadyBench, type Bench } from '../../kit/bench/BenchProvider';
import { LETTERS } from '../../kit/bench/setup-sign';
import { setupName } from '../../kit/finding/part-words';
import { pictureOf, type LadderRequest } from '../../kit/ladder/request';
import { AxisTitles } from '../../kit/ladder/AxisTitles';
import { Ladder } from '../../kit/ladder/Ladder';
import { frameAtPreferred, laneRequestOf, laneRequests } from '../../kit/ladder/lanes';
import type { Find } from './useFind';

const HEIGHT = 420;

/** The ladder of a setup that was found beside that of A. */
export function FoundLadder({ find, found }: { find: Find; found: FoundFacts }) {
  const units = useUnits();
  const { bench, preferences } = useReadyBench();
  const { inUse, context } = find;
  const [chosen, choose] = useState<LadderRequest['chosen']>({ place: 0, key: undefined });
  // The letter that it would have on the bench.
  const place = Math.min(bench.setups.length, LETTERS.length - 1);
  const askedOf = useCallback(
    (typed: Bench): LadderRequest => {
      const { bike } = typed;
      const [fitted] = laneRequests({ bike, setups: typed.setups.slice(0, 1) }, inUse);
      const { hubStages } = typed.setups[0]!;
      const setup = { chainrings: found.chainrings, cogs: found.cassette.cogs, hubStages };
      return {
        lanes: [fitted!, laneRequestOf(place, setupName(found), setup, context.rolloutMm, bike, inUse)],
        chosen,
      };
    },
    [found, inUse, context, place, chosen],
  );
  const picture = useMemo(
    () => pictureOf(askedOf(bench), frameAtPreferred(inUse, preferences.stepReading, units, HEIGHT)),
    [askedOf, bench, inUse, preferences.stepReading, units],
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

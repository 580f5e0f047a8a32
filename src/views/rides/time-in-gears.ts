import { gearsOf, rolloutMm, sameGears } from '../../core/gears';
import type { GearUse, Replay } from '../../core/recording';
import { formatShorthand } from '../../formats/shorthand';
import { titleOf } from '../../features/ladder/lanes';
import { SETUPS_MAX, wheelOf, wheelsetOf, type BikeRecord, type RideRecord, type SetupRecord } from '../../records';
import type { TimeInGears } from './UseLadder';
import { t } from './text';
import { itemAt } from '../../core/items';

/**
 * The time in each gear as it was ridden, then as it would have been on every other setup of the workspace.
 * @param replays one for each setup, in their order
 */
export function timeInGears(
  ride: RideRecord,
  use: Pick<GearUse, 'shares'>,
  replays: readonly Pick<Replay, 'secondsByGear' | 'drivingS'>[],
  bike: BikeRecord,
  setups: readonly SetupRecord[],
): readonly TimeInGears[] {
  const own = setups.findIndex((setup) => sameGears(setup, ride.setup));
  // What was ridden and is not in the workspace takes a letter that is free, else that of A.
  const place = own >= 0 ? own : setups.length < SETUPS_MAX ? setups.length : 0;
  return [
    {
      place,
      title: t('useLadder.asRidden', { setup: formatShorthand(ride.setup) }),
      setup: ride.setup,
      rolloutMm: rolloutMm(wheelOf(wheelsetOf(bike, ride))),
      shares: use.shares,
    },
    ...setups.flatMap((setup, i): TimeInGears[] => {
      const replay = replays[i];
      if (i === place || !replay) return [];
      const { drivingS, secondsByGear } = replay;
      return [
        {
          place: i,
          title: t('useLadder.wouldBe', { setup: titleOf(setup) }),
          setup,
          rolloutMm: rolloutMm(wheelOf(wheelsetOf(bike, setup))),
          shares: gearsOf(setup).map((gear, g) => ({
            gear,
            share: drivingS > 0 ? itemAt(secondsByGear, g) / drivingS : 0,
          })),
        },
      ];
    }),
  ];
}

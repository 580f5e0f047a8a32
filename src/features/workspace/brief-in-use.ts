import {
  bandOf,
  contradictions,
  fillBrief,
  needsOf,
  riddenSizes,
  usedGears,
  type Contradiction,
  type FilledBrief,
  type Needs,
  type UsedGears,
} from '../../core/needs';
import { rolloutMm, type CadenceBand } from '../../core/gears';
import { wheelOf, wheelsetOf, type BikeRecord, type RideRecord, type SetupRecord } from '../../records';
import { recordedSeconds } from '../../records/selectors/recorded-seconds';

/** The needs of a bike, with defaults for blanks. */
export interface BriefInUse {
  readonly brief: FilledBrief;
  /** Conflicting numbers; figures that depend on them are hidden meanwhile. */
  readonly contradictions: readonly Contradiction[];
  readonly needs: Needs;
  /** Which gears of A are in use; undefined where nothing is known. */
  readonly used: UsedGears | undefined;
}

/** The rider's cadences; undefined while the needs conflict. */
export const bandInUse = ({ contradictions, brief }: BriefInUse): CadenceBand | undefined =>
  contradictions.length > 0 ? undefined : bandOf(brief);

/** Fills the needs of a bike with the setup that is fitted and what was recorded on it. */
export function briefInUse(bike: BikeRecord, fitted: SetupRecord, rides: readonly RideRecord[]): BriefInUse {
  const { brief: said } = bike;
  const recordedS = recordedSeconds(rides, bike.id, fitted);
  const wheel = wheelOf(wheelsetOf(bike, fitted));
  const brief = fillBrief(said, riddenSizes(fitted, said, recordedS, rolloutMm(wheel)));
  return {
    brief,
    contradictions: contradictions(brief),
    needs: needsOf(brief),
    used: usedGears(fitted, said, recordedS),
  };
}

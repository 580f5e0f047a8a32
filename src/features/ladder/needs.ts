import { zonesOf } from '../../core/needs';
import { stepTolerance } from '../../core/compare';
import type { BriefInUse } from '../workspace/brief-in-use';
import type { LadderNeeds } from './layout';

/** The rider's needs as the ladder shows them; undefined while they conflict. */
export function ladderNeeds({ brief, needs, contradictions }: BriefInUse): LadderNeeds | undefined {
  if (contradictions.length > 0) return undefined;
  return {
    easiestMaxM: needs.easiestMaxM,
    hardestMinM: needs.hardestMinM,
    zones: zonesOf(brief),
    preferredRpm: brief.preferredRpm,
    tolerance: {
      climbing: stepTolerance(brief, 'climbing'),
      between: stepTolerance(brief, 'between'),
      fast: stepTolerance(brief, 'fast'),
    },
  };
}

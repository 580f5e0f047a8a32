import { zonesOf } from '../../core/brief';
import { stepTolerance } from '../../core/compare';
import type { BriefInUse } from '../bench/useBrief';
import type { LadderNeeds } from './layout';

/** What the rider needs, as the ladder shows it; undefined while the brief contradicts itself. */
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

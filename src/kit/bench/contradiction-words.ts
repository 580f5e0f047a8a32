import type { Contradiction, FilledBrief } from '../../core/brief';
import { speedText, type SpeedUnit } from '../format';

/** What conflicts and how to put it right, with speeds in the unit that this person reads. */
export function contradictionText({ code, message }: Contradiction, brief: FilledBrief, unit: SpeedUnit): string {
  const speed = (kmh: number) => speedText(unit, kmh);
  switch (code) {
    case 'speeds':
      return `usual speed ${speed(brief.cruisingSpeedKmh)}, top pedalled speed ${speed(brief.topSpeedKmh)}: the usual one must be below the top`;
    case 'zones':
      return `climbing ends at ${speed(brief.climbingBelowKmh)}, fast begins at ${speed(brief.fastAboveKmh)}: the first must be below`;
    default:
      return message;
  }
}

import type { FilledBrief } from '../needs';
import { percent } from '../units';
import type { NeedAnswer } from './advice';
import type { SetupFigures } from './figures';
import { firstOf } from '../items';

/** The figure of a need and what it is held against, in `unit`; null where it is no number, or not known. */
interface Measured {
  readonly value: number | null;
  readonly limit: number | null;
  readonly unit: string | null;
}

const NO_NUMBER: Measured = { value: null, limit: null, unit: null };

/** Returns the figure of a need with what it is held against. */
export function measuredNeed(answer: NeedAnswer, { report, needs }: SetupFigures, brief: FilledBrief): Measured {
  switch (answer.id) {
    case 'climb':
      return { value: firstOf(report.gears).developmentM, limit: needs.easiestMaxM, unit: 'm' };
    case 'lowestRatio':
      return { value: answer.ratio, limit: answer.neededRatio, unit: ': 1' };
    case 'topSpeed':
      return { value: answer.topKmh, limit: brief.topSpeedKmh, unit: 'km/h' };
    case 'steps.climbing':
    case 'steps.between':
    case 'steps.fast':
      return {
        value: answer.largest ? percent(answer.largest.speedStep) : null,
        limit: percent(answer.toleranceFraction),
        unit: '%',
      };
    case 'gaps':
      return { value: answer.count, limit: 0, unit: 'gaps' };
    case 'cruising':
      return { value: answer.cadenceRpm, limit: brief.cruisingRpm, unit: 'rpm' };
    case 'frontShifting':
      return { value: answer.frontShifts, limit: 0, unit: 'shifts' };
    case 'quiet':
      return { value: answer.cogsFromEnd, limit: null, unit: 'cogs' };
    case 'weight':
      return { value: answer.massG ?? null, limit: null, unit: 'g' };
    case 'chainSecurity':
    case 'limits':
      return NO_NUMBER;
  }
}

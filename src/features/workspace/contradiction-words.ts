import type { Contradiction, FilledBrief } from '../../core/needs';
import { speedText, type SpeedUnit } from '../units/speed';
import { textOf } from '../../messages/core';
import { t } from './text';

/** What conflicts and how to resolve it, with speeds in the user's unit. */
export function contradictionText({ code, message }: Contradiction, brief: FilledBrief, unit: SpeedUnit): string {
  const speed = (kmh: number) => speedText(unit, kmh);
  switch (code) {
    case 'speeds':
      return t('contradictionWords.contradictionText.speeds', {
        cruisingSpeedKmh: speed(brief.cruisingSpeedKmh),
        topSpeedKmh: speed(brief.topSpeedKmh),
      });
    case 'zones':
      return t('contradictionWords.contradictionText.zones', {
        climbingBelowKmh: speed(brief.climbingBelowKmh),
        fastAboveKmh: speed(brief.fastAboveKmh),
      });
    default:
      return textOf(message);
  }
}

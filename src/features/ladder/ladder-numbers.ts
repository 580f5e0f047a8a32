import { speedKmh, stepBetween, type StepReading } from '../../core/gears';
import { letterOf } from '../setup-mark/setup-sign';
import { gearName, stepText } from '../explanations/gears';
import { fixed } from '../../ui/format';
import { SPEED_UNIT_TEXT, speedIn, type SpeedUnit } from '../units/speed';
import type { NumbersTable } from '../../ui/numbers/Numbers';
import type { LadderLane } from './layout';
import { t } from './text';

/** Every rung of the ladder with the step to the next of its row, and the gaps; a lane after the other. */
export function ladderNumbers(lanes: readonly LadderLane[], reading: StepReading, unit: SpeedUnit): NumbersTable {
  const speed = (kmh: number) => fixed(speedIn(unit, kmh), 1);
  const rows = lanes.flatMap(({ place, report, coverage, cadenceRpm }) => {
    const letter = letterOf(place);
    const gears = report.gears.map((gear) => {
      const next = report.gears.find(
        ({ chainring, hubStage, developmentM }) =>
          chainring === gear.chainring && hubStage === gear.hubStage && developmentM > gear.developmentM,
      );
      return [
        t('ladderNumbers.gear', {
          letter,
          gear: gearName(gear),
          crossChained: gear.crossChained ? 'yes' : 'no',
        }),
        fixed(gear.developmentM, 2),
        speed(speedKmh(gear.developmentM, cadenceRpm)),
        next ? stepText(stepBetween(gear, next), reading) : '',
      ];
    });
    const gaps = (coverage?.gaps ?? []).map(({ fromKmh, toKmh }) => [
      t('ladderNumbers.letterGap', { letter }),
      '',
      `${speed(fromKmh)}–${speed(toKmh)}`,
      '',
    ]);
    return [...gears, ...gaps];
  });
  return {
    columns: [
      'gear',
      t('ladderNumbers.developmentM'),
      t('ladderNumbers.speedSpeedUnit', { speedUnit: SPEED_UNIT_TEXT[unit] }),
      t('ladderNumbers.stepToTheNextOn'),
    ],
    rows,
  };
}

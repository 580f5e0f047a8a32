import { speedKmh, stepBetween, type StepReading } from '../../core/gears';
import { letterOf } from '../bench/setup-sign';
import { gearName, stepText } from '../explain/gears';
import { fixed, SPEED_UNIT_TEXT, speedIn, type SpeedUnit } from '../format';
import type { NumbersTable } from '../numbers/Numbers';
import type { LadderLane } from './layout';
import { t } from './text';

/** Every rung of the ladder with the step to the next of its row, and the holes; a lane after the other. */
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
        `${letter} ${gearName(gear)}${gear.crossChained ? ', cross-chained' : ''}`,
        fixed(gear.developmentM, 2),
        speed(speedKmh(gear.developmentM, cadenceRpm)),
        next ? stepText(stepBetween(gear, next), reading) : '',
      ];
    });
    const holes = (coverage?.holes ?? []).map(({ fromKmh, toKmh }) => [
      t('ladderNumbers.letterHole', { letter }),
      '',
      `${speed(fromKmh)}–${speed(toKmh)}`,
      '',
    ]);
    return [...gears, ...holes];
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

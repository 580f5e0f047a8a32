import { shownIn, unitText } from '../../features/units/measures';
import { letterOf } from '../../features/setup-mark/setup-sign';
import { gearName } from '../../features/explanations/gears';
import { fixed } from '../../ui/format';
import { SPEED_UNIT_TEXT, speedIn } from '../../features/units/speed';
import type { NumbersTable } from '../../ui/numbers/Numbers';
import type { ProfileViewProps } from './ProfileView';
import { t } from './text';
import { itemAt } from '../../core/items';

/** Number of rows along the route. */
const PLACES = 40;

/** Elevation along the route, with each setup's values. */
export function profileNumbers({
  profile,
  rides,
  units,
}: Pick<ProfileViewProps, 'profile' | 'rides' | 'units'>): NumbersTable {
  const { stepM, elevationM } = profile;
  const unit = SPEED_UNIT_TEXT[units.speedUnit];
  const last = elevationM.length - 1;
  const count = Math.min(PLACES, last);
  const columns = rides.flatMap(({ place }) => {
    const letter = letterOf(place);
    return [
      `${letter}: ${unit}`,
      t('profileNumbers.letterRpm', { letter }),
      t('profileNumbers.letterGear', { letter }),
    ];
  });
  const rows = Array.from({ length: count + 1 }, (_, i) => {
    const at = Math.round((i / count) * last);
    const distanceM = at * stepM;
    const ridden = rides.flatMap(({ ride, rules }) => {
      const point = ride.points.find((one) => one.distanceM >= distanceM) ?? ride.points.at(-1);
      if (!point) return ['', '', ''];
      const { speedKmh, cadenceRpm, gear } = point;
      return [
        fixed(speedIn(units.speedUnit, speedKmh), 1),
        cadenceRpm === 0 ? t('profileNumbers.letRoll') : fixed(cadenceRpm, 0),
        gearName(itemAt(rules.gears, gear)),
      ];
    });
    return [
      fixed(shownIn('distance', units, distanceM / 1000), 2),
      fixed(shownIn('height', units, itemAt(elevationM, at)), 0),
      ...ridden,
    ];
  });
  return {
    columns: [unitText('distance', units), t('profileNumbers.height', { unit: unitText('height', units) }), ...columns],
    rows,
  };
}

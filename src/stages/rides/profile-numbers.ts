import { shownIn, unitText } from '../../kit/measures';
import { letterOf } from '../../kit/bench/setup-sign';
import { gearName } from '../../kit/explain/gears';
import { fixed, SPEED_UNIT_TEXT, speedIn } from '../../kit/format';
import type { NumbersTable } from '../../kit/numbers/Numbers';
import type { ProfileViewProps } from './ProfileView';
import { t } from './words/text';

/** So many places along the way: more than can be read at once help nobody. */
const PLACES = 40;

/** Height along the way, and what each setup does there. */
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
        gearName(rules.gears[gear]!),
      ];
    });
    return [
      fixed(shownIn('distance', units, distanceM / 1000), 2),
      fixed(shownIn('height', units, elevationM[at]!), 0),
      ...ridden,
    ];
  });
  return {
    columns: [unitText('distance', units), t('profileNumbers.height', { unit: unitText('height', units) }), ...columns],
    rows,
  };
}

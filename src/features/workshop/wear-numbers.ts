import { dateText, short } from '../../ui/format';
import type { NumbersTable } from '../../ui/numbers/Numbers';
import type { ChainWear } from './wear-of';
import { distanceText, type Units } from '../units/measures';
import { t } from './text';

/** The readings of a chain, and where the line through them meets the limit. */
export function wearNumbers({ readings, answer, limitPercent }: ChainWear, units: Units): NumbersTable {
  const forecast = answer.kind === 'forecast' || answer.kind === 'reached' ? answer.forecast : undefined;
  return {
    columns: ['reading', 'distance', t('wearNumbers.wearPercent')],
    rows: [
      ...readings.map(({ atMs, km, wearPercent }) => [dateText(atMs), distanceText(units, km), short(wearPercent, 2)]),
      ...(forecast
        ? [[t('wearNumbers.limitReachedTrend'), distanceText(units, forecast.limitKm), short(limitPercent, 2)]]
        : []),
      ...(forecast?.spreadKm ?? []).map((km, i) => [
        i === 0 ? t('wearNumbers.earliest80Percent') : t('wearNumbers.latest80Percent'),
        distanceText(units, km),
        short(limitPercent, 2),
      ]),
    ],
  };
}

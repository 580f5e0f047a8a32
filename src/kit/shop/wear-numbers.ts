import { dateText, short } from '../format';
import type { NumbersTable } from '../numbers/Numbers';
import type { ChainWear } from './wear-of';
import { kmText } from './words';

/** The readings of a chain, and where the line through them meets the limit. */
export function wearNumbers({ readings, answer, limitPercent }: ChainWear): NumbersTable {
  const forecast = answer.kind === 'forecast' || answer.kind === 'reached' ? answer.forecast : undefined;
  return {
    columns: ['reading', 'distance', 'wear, %'],
    rows: [
      ...readings.map(({ atMs, km, wearPercent }) => [dateText(atMs), kmText(km), short(wearPercent, 2)]),
      ...(forecast ? [['limit, by the line', kmText(forecast.limitKm), short(limitPercent, 2)]] : []),
      ...(forecast?.spreadKm ?? []).map((km, i) => [
        i === 0 ? 'earliest, 80 %' : 'latest, 80 %',
        kmText(km),
        short(limitPercent, 2),
      ]),
    ],
  };
}

import { dateText, fixed, short } from '../format';
import type { ChainWear } from './wear-of';
import { distanceText, keptFrom, unitText, type Units } from '../measures';

/** What a mechanic says of a chain, with the next step. */
export function wearSentence(wear: ChainWear, units: Units): string {
  const { answer, limitPercent, nowKm, speeds, limitAtMs, spreadMs, readings } = wear;
  const limit = `${short(limitPercent, 2)} %`;
  const by = speeds === undefined ? `${limit} (assumed: 11-speed and up)` : `${limit} for ${speeds}-speed`;
  const last = readings.at(-1);
  switch (answer.kind) {
    case 'tooFew':
      return last
        ? `${short(last.wearPercent, 2)} % at ${distanceText(units, last.km)}. A second reading after some weeks of riding gives a forecast. The limit is ${by}.`
        : `Not measured yet. The limit is ${by}.`;
    case 'notWearing':
      return 'The readings are not increasing. Measure again at the same spot on the chain.';
    case 'reached':
      return `${short(last!.wearPercent, 2)} %: at the limit of ${by}. Replace the chain now. A new chain can skip on worn cogs, so test-ride before you sign off.`;
    case 'forecast': {
      const { limitKm, spreadKm, ratePer1000Km } = answer.forecast;
      const left = limitKm - nowKm;
      const spread = spreadKm
        ? ` (80 % between ${distanceText(units, Math.max(0, spreadKm[0] - nowKm))} and ${distanceText(units, Math.max(0, spreadKm[1] - nowKm))})`
        : ' (only two readings, so no range can be given)';
      const date =
        limitAtMs === undefined
          ? ', no date, because nothing was ridden in the last 90 days'
          : `: about ${dateText(limitAtMs)}${spreadMs ? `, ${dateText(spreadMs[0])} to ${dateText(spreadMs[1])}` : ''}`;
      return left <= 0
        ? `On trend it has already reached ${by}: measure it.`
        : `${fixed(keptFrom('distance', units, ratePer1000Km), 2)} % in 1000 ${unitText('distance', units)}. At ${by} in ${distanceText(units, left)}${spread}${date}.`;
    }
  }
}

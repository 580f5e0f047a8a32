import { dateText, fixed, short } from '../../ui/format';
import type { ChainWear } from './wear-of';
import { distanceText, keptFrom, unitText, type Units } from '../units/measures';
import { t } from './text';
import { definite } from '../../core/items';

/** The state of a chain as text, with the next step. */
export function wearSentence(wear: ChainWear, units: Units): string {
  const { answer, limitPercent, nowKm, speeds, limitAtMs, spreadMs, readings } = wear;
  const limit = `${short(limitPercent, 2)}%`;
  const by =
    speeds === undefined
      ? t('wearWords.wearSentence.assumed11SpeedAndUp', { limit })
      : t('wearWords.wearSentence.forSpeed', { limit, speeds });
  const last = readings.at(-1);
  switch (answer.kind) {
    case 'tooFew':
      return last
        ? t('wearWords.wearSentence.tooFew.atASecondReadingAfter', {
            wearPercent: short(last.wearPercent, 2),
            km: distanceText(units, last.km),
            by,
          })
        : t('wearWords.wearSentence.tooFew.notMeasuredYetTheLimit', { by });
    case 'notWearing':
      return t('wearWords.wearSentence.notWearing');
    case 'reached':
      return t('wearWords.wearSentence.reached', { wearPercent: short(definite(last).wearPercent, 2), by });
    case 'forecast': {
      const { limitKm, spreadKm, ratePer1000Km } = answer.forecast;
      const left = limitKm - nowKm;
      const spread = spreadKm
        ? t('wearWords.wearSentence.forecast.80BetweenAnd', {
            spreadKm: distanceText(units, Math.max(0, spreadKm[0] - nowKm)),
            spreadKm2: distanceText(units, Math.max(0, spreadKm[1] - nowKm)),
          })
        : t('wearWords.wearSentence.forecast.onlyTwoReadingsSoNo');
      const date =
        limitAtMs === undefined
          ? t('wearWords.wearSentence.forecast.noDateBecauseNothingWas')
          : t('wearWords.wearSentence.forecast.aboutSpreadMsTo', {
              limitAtMs: dateText(limitAtMs),
              spreadMs: spreadMs ? 'yes' : 'no',
              spreadMs2: spreadMs ? dateText(spreadMs[0]) : '',
              spreadMs3: spreadMs ? dateText(spreadMs[1]) : '',
            });
      return left <= 0
        ? t('wearWords.wearSentence.forecast.onTrendItHasAlready', { by })
        : t('wearWords.wearSentence.forecast.in1000AtIn', {
            ratePer1000Km: fixed(keptFrom('distance', units, ratePer1000Km), 2),
            unit: unitText('distance', units),
            by,
            left: distanceText(units, left),
            spread,
            date,
          });
    }
  }
}

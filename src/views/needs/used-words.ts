import { RARE_COG_SHARE, RARE_RING_SHARE, type UsedGears } from '../../core/needs';
import { gearName } from '../../features/explanations/gears';
import { percent } from '../../core/units';
import { short } from '../../ui/format';
import { listed } from '../../messages/job';
import { t } from './text';

/** Gear usage by recordings, which replaces what is entered. */
export function recordedText({ usual, rareCogs, rareRings, recordedS }: UsedGears): string {
  const teeth = (list: readonly number[]) => listed(list.map((count) => `${count}T`));
  const rare = [
    ...(rareCogs.length > 0
      ? [
          t('usedWords.recordedText.cogsWithLessThanOf', {
            rarecogshare: short(percent(RARE_COG_SHARE), 0),
            rareCogs: teeth(rareCogs),
          }),
        ]
      : []),
    ...(rareRings.length > 0
      ? [
          t('usedWords.recordedText.ringsWithLessThan', {
            rareringshare: short(percent(RARE_RING_SHARE), 0),
            rareRings: teeth(rareRings),
          }),
        ]
      : []),
  ];
  const sentences = [
    t('usedWords.recordedText.yourRecordingsOnTheseGears', { recordedS: short(recordedS / 3600, 1) }),
    t('usedWords.recordedText.halfOfTheTimeOr', { usual: listed(usual.map(gearName)) }),
    ...(rare.length > 0
      ? [t('usedWords.recordedText.rarelyUsed', { rare: rare.join('; ') })]
      : [t('usedWords.recordedText.noCogOrRingWas')]),
  ];
  return sentences.join(' ');
}

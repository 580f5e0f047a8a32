import { RARE_COG_SHARE, RARE_RING_SHARE, type UsedGears } from '../../../core/brief';
import { gearName } from '../../../kit/explain/gears';
import { percent } from '../../../core/units';
import { short } from '../../../kit/format';
import { listed } from '../../../messages/job';

/** What recordings say of the gears in use: it stands in for what is entered. */
export function recordedText({ usual, rareCogs, rareRings, recordedS }: UsedGears): string {
  const teeth = (list: readonly number[]) => listed(list.map((count) => `${count}T`));
  const rare = [
    ...(rareCogs.length > 0
      ? [`cogs with less than ${short(percent(RARE_COG_SHARE), 0)} % of the time: ${teeth(rareCogs)}`]
      : []),
    ...(rareRings.length > 0
      ? [`rings with less than ${short(percent(RARE_RING_SHARE), 0)} %: ${teeth(rareRings)}`]
      : []),
  ];
  const sentences = [
    `Your recordings on these gears (${short(recordedS / 3600, 1)} hours of pedalling) replace your entries here, but for the speed on the flat.`,
    `Half of the time or more was spent in ${listed(usual.map(gearName))}.`,
    ...(rare.length > 0 ? [`Rarely used: ${rare.join('; ')}.`] : ['No cog or ring was rarely used.']),
  ];
  return sentences.join(' ');
}

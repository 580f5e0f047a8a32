import { pushesFor, type BigChange, type ClicksPerPush, type Crossover, type Setup } from '../../core/gears';
import type { FrontControl } from '../../core/fit';
import { listed } from '../../messages/job';
import { fixed, percentText } from '../format';
import { t } from './text';

/** Cogs as clicks: three clicks. */
export const clicksText = (count: number) => t('shifting.clicksText.count1', { count });

const pushesText = (count: number) => t('shifting.pushesText.count1', { count });

/** How to make the change, in words: going easier and going harder, in clicks and pushes, and what step is left. */
export function crossoverWords(
  { step, rearClicks, changesRing, changesHubStage }: Crossover,
  { cogs }: Setup,
  perPush: ClicksPerPush,
  control: FrontControl = 'lever',
) {
  const { from, to } = step;
  const what = [
    changesRing && t('shifting.crossoverWords.theRing', { chainring: from.chainring }),
    changesHubStage && t('shifting.crossoverWords.theHubS', { hubStage: from.hubStage }),
  ];
  const back = [
    changesRing && t('shifting.crossoverWords.theRing', { chainring: to.chainring }),
    changesHubStage && t('shifting.crossoverWords.theHubS', { hubStage: to.hubStage }),
  ];
  const join = (parts: (string | false)[]) => listed(parts.filter((part) => part !== false));
  // Seen from the harder gear: a smaller cog on the easier side softens the drop.
  const softens = cogs.indexOf(from.cog) < cogs.indexOf(to.cog);
  const rear = (harder: boolean) => {
    if (rearClicks === 0) return '';
    const way = harder ? 'harder' : 'easier';
    return t('shifting.crossoverWords.rear.andGo', {
      clicks: clicksText(rearClicks),
      way,
      pushes: pushesText(pushesFor(rearClicks, perPush[way])),
    });
  };
  if (control !== 'lever' && changesRing && !changesHubStage) {
    const clicks =
      rearClicks === 0 ? '' : t('shifting.crossoverWords.andTheRearBy', { rearClicks: clicksText(rearClicks) });
    const ease = t('shifting.crossoverWords.easeOffWhileItMoves');
    return {
      easier: t('shifting.crossoverWords.easier', {
        cog: to.cog,
        chainring: from.chainring,
        clicks,
        ease,
        value: fixed(-100 * step.cadenceDrop, 1),
      }),
      harder: t('shifting.crossoverWords.harder', {
        cog: from.cog,
        chainring: to.chainring,
        clicks,
        ease,
        speedStep: percentText(step.speedStep),
      }),
    };
  }
  return {
    easier: t('shifting.crossoverWords.easierWords.atTheDropTo2', {
      cog: to.cog,
      what: join(what),
      softens: rear(softens),
      value: fixed(-100 * step.cadenceDrop, 1),
    }),
    harder: t('shifting.crossoverWords.harderWords.atTheChangeUpTo2', {
      cog: from.cog,
      back: join(back),
      softens: rear(!softens),
      speedStep: percentText(step.speedStep),
    }),
  };
}

/** A big change at once, such as from a crest into the descent. */
export function bigChangeWords({ rearClicks, pushesHarder, pushesEasier, frontShifts, hubShifts }: BigChange): string {
  const front =
    frontShifts === 0
      ? t('shifting.bigChangeWords.noRingChange')
      : frontShifts === 1
        ? t('shifting.bigChangeWords.oneRingChange')
        : t('shifting.bigChangeWords.ringChanges', { frontShifts });
  const hub =
    hubShifts === 0
      ? ''
      : hubShifts === 1
        ? t('shifting.bigChangeWords.andOneHubShift')
        : t('shifting.bigChangeWords.andHubShifts', { hubShifts });
  const back =
    pushesEasier === pushesHarder ? '' : t('shifting.bigChangeWords.back', { pushesEasier: pushesText(pushesEasier) });
  return t('shifting.bigChangeWords.inOfTheLever', {
    rearClicks: clicksText(rearClicks),
    pushesHarder: pushesText(pushesHarder),
    back,
    front,
    hub,
  });
}

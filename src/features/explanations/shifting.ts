import { pushesFor, type BigChange, type ClicksPerPush, type Crossover, type Setup } from '../../core/gears';
import type { FrontControl } from '../../core/fit';
import { percentText } from '../../ui/format';
import { t } from './text';

/** How to make the change, in words: going easier and going harder, in clicks and pushes, and what step is left. */
export function crossoverWords(
  { step, rearClicks, changesRing, changesHubStage }: Crossover,
  { cogs }: Setup,
  perPush: ClicksPerPush,
  control: FrontControl = 'lever',
) {
  const { from, to } = step;
  const drop = percentText(-step.cadenceDrop);
  const speedStep = percentText(step.speedStep);
  if (control !== 'lever' && changesRing && !changesHubStage) {
    return {
      easier: t('shifting.crossover.easierBySystem', { cog: to.cog, chainring: from.chainring, rearClicks, drop }),
      harder: t('shifting.crossover.harderBySystem', {
        cog: from.cog,
        chainring: to.chainring,
        rearClicks,
        step: speedStep,
      }),
    };
  }
  const changes = changesRing && changesHubStage ? 'both' : changesHubStage ? 'hub' : 'ring';
  // Seen from the harder gear: a smaller cog on the easier side softens the drop.
  const softens = cogs.indexOf(from.cog) < cogs.indexOf(to.cog);
  const rear = (isHarder: boolean) => {
    const way = isHarder ? 'harder' : 'easier';
    return { clicks: rearClicks, way, pushes: rearClicks === 0 ? 0 : pushesFor(rearClicks, perPush[way]) } as const;
  };
  return {
    easier: t('shifting.crossover.easier', {
      cog: to.cog,
      changes,
      chainring: from.chainring,
      hubStage: from.hubStage,
      ...rear(softens),
      drop,
    }),
    harder: t('shifting.crossover.harder', {
      cog: from.cog,
      changes,
      chainring: to.chainring,
      hubStage: to.hubStage,
      ...rear(!softens),
      step: speedStep,
    }),
  };
}

/** A big change at once, such as from a crest into the descent. */
export function bigChangeWords({ rearClicks, pushesHarder, pushesEasier, frontShifts, hubShifts }: BigChange): string {
  return t('shifting.bigChange', {
    rearClicks,
    pushesHarder,
    differ: pushesEasier === pushesHarder ? 'no' : 'yes',
    pushesEasier,
    frontShifts,
    hubShifts,
  });
}

import type { BigChange, Crossover, Setup } from '../../core/gears';
import { fixed, percentText } from '../format';

/** Cogs as clicks: three clicks. */
export const clicksText = (count: number) => `${count} ${count === 1 ? 'click' : 'clicks'}`;

/** How to make the change, in words: going easier and going harder, and what step is left. */
export function crossoverWords({ step, rearClicks, changesRing, changesHubStage }: Crossover, { cogs }: Setup) {
  const { from, to } = step;
  const what = [changesRing && `the ${from.chainring} ring`, changesHubStage && `the hub’s ×${from.hubStage}`];
  const back = [changesRing && `the ${to.chainring} ring`, changesHubStage && `the hub’s ×${to.hubStage}`];
  const join = (parts: (string | false)[]) => parts.filter((part) => part !== false).join(' and ');
  // Seen from the harder gear: a smaller cog on the easier side softens the drop.
  const softens = cogs.indexOf(from.cog) < cogs.indexOf(to.cog);
  const rear = (harder: boolean) =>
    rearClicks === 0 ? '' : ` and go ${clicksText(rearClicks)} ${harder ? 'harder' : 'easier'}`;
  return {
    easier: `At the ${to.cog}, drop to ${join(what)}${rear(softens)}: ${fixed(-100 * step.cadenceDrop, 1)} %`,
    harder: `At the ${from.cog}, change up to ${join(back)}${rear(!softens)}: +${percentText(step.speedStep)}`,
  };
}

/** A big change at once, such as from a crest into the descent. */
export function bigChangeWords({ rearClicks, leverPushes, frontShifts }: BigChange): string {
  const front =
    frontShifts === 0 ? 'no ring change' : frontShifts === 1 ? 'one ring change' : `${frontShifts} ring changes`;
  return `${clicksText(rearClicks)} in ${leverPushes} lever ${leverPushes === 1 ? 'push' : 'pushes'}, and ${front}`;
}

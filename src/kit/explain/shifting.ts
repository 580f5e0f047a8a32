import { pushesFor, type BigChange, type ClicksPerPush, type Crossover, type Setup } from '../../core/gears';
import type { FrontControl } from '../../core/fit';
import { fixed, percentText } from '../format';

/** Cogs as clicks: three clicks. */
export const clicksText = (count: number) => `${count} ${count === 1 ? 'click' : 'clicks'}`;

const pushesText = (count: number) => `${count} ${count === 1 ? 'push' : 'pushes'}`;

/** How to make the change, in words: going easier and going harder, in clicks and pushes, and what step is left. */
export function crossoverWords(
  { step, rearClicks, changesRing, changesHubStage }: Crossover,
  { cogs }: Setup,
  perPush: ClicksPerPush,
  control: FrontControl = 'lever',
) {
  const { from, to } = step;
  const what = [changesRing && `the ${from.chainring} ring`, changesHubStage && `the hub’s ×${from.hubStage}`];
  const back = [changesRing && `the ${to.chainring} ring`, changesHubStage && `the hub’s ×${to.hubStage}`];
  const join = (parts: (string | false)[]) => parts.filter((part) => part !== false).join(' and ');
  // Seen from the harder gear: a smaller cog on the easier side softens the drop.
  const softens = cogs.indexOf(from.cog) < cogs.indexOf(to.cog);
  const rear = (harder: boolean) => {
    if (rearClicks === 0) return '';
    const way = harder ? 'harder' : 'easier';
    return ` and go ${clicksText(rearClicks)} ${way} (${pushesText(pushesFor(rearClicks, perPush[way]))})`;
  };
  if (control !== 'lever' && changesRing && !changesHubStage) {
    const clicks = rearClicks === 0 ? '' : `, and the rear by ${clicksText(rearClicks)}`;
    const ease = 'ease off while it moves';
    return {
      easier: `At the ${to.cog}, the system drops to the ${from.chainring} ring${clicks}; ${ease}: ${fixed(-100 * step.cadenceDrop, 1)} %`,
      harder: `At the ${from.cog}, the system changes up to the ${to.chainring} ring${clicks}; ${ease}: +${percentText(step.speedStep)}`,
    };
  }
  return {
    easier: `At the ${to.cog}, drop to ${join(what)}${rear(softens)}: ${fixed(-100 * step.cadenceDrop, 1)} %`,
    harder: `At the ${from.cog}, change up to ${join(back)}${rear(!softens)}: +${percentText(step.speedStep)}`,
  };
}

/** A big change at once, such as from a crest into the descent. */
export function bigChangeWords({ rearClicks, pushesHarder, pushesEasier, frontShifts, hubShifts }: BigChange): string {
  const front =
    frontShifts === 0 ? 'no ring change' : frontShifts === 1 ? 'one ring change' : `${frontShifts} ring changes`;
  const hub = hubShifts === 0 ? '' : hubShifts === 1 ? ', and one hub shift' : `, and ${hubShifts} hub shifts`;
  const back = pushesEasier === pushesHarder ? '' : ` (${pushesText(pushesEasier)} back)`;
  return `${clicksText(rearClicks)} in ${pushesText(pushesHarder)} of the lever${back}, ${front}${hub}`;
}

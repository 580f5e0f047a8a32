import type { DerailleurForRoles, DriveForRoles } from '../../../core/job';
import { gearSizeText, type Units } from '../../../kit/measures';
import { short } from '../../../kit/format';
import { cardHeadline, itemText } from '../../../kit/shop/card-words';
import { minutesText } from '../../../kit/shop/words';
import { listed } from '../../../messages/job';
import type { RoleChange, RoleState } from '../../../records';

/** How a role's setup stands to what the role needs. */
export function roleAnswer({ fitted, needs, contradictions, brief }: RoleState, units: Units): string {
  if (contradictions.length > 0) return 'its details conflict: check climb, speed and cadence';
  if (!fitted) return 'choose a setup';
  const { easiestM, hardestM, easyEnough, hardEnough } = fitted;
  const ends = [
    easyEnough ? '' : `easiest gear ${gearSizeText(units, easiestM)}, ${gearSizeText(units, needs.easiestMaxM)} needed`,
    hardEnough ? '' : `hardest gear ${gearSizeText(units, hardestM)}, ${gearSizeText(units, needs.hardestMinM)} needed`,
    needs.walks ? `on ${short(brief.steepestGradePercent, 1)} % you will walk` : '',
  ].filter((text) => text !== '');
  return ends.length === 0
    ? `yes: ${gearSizeText(units, easiestM)}–${gearSizeText(units, hardestM)}, ${gearSizeText(units, needs.easiestMaxM)}–${gearSizeText(units, needs.hardestMinM)} needed`
    : `${easyEnough && hardEnough ? 'yes, but ' : 'no: '}${ends.join('; ')}`;
}

/** What comes off and goes on between two roles. */
export function changeText({ card }: RoleChange, units: Units): string {
  if (!card) return 'the same setup: nothing to change';
  if (card.kind === 'nothing') return cardHeadline(card, units);
  // Names of parts have commas of their own.
  const names = (items: typeof card.on) => [...new Set(items.map(itemText))].join(' · ');
  const parts = [
    card.off.length > 0 ? `off: ${names(card.off)}` : '',
    card.on.length > 0 ? `on: ${names(card.on)}` : '',
  ].filter((text) => text !== '');
  return parts.length > 0 ? parts.join('; ') : 'adjustment only';
}

export const changeMinutes = ({ card }: RoleChange) => minutesText(card?.minutes ?? 0);

const pairName = ({ from, to }: RoleChange) => `${from.role.name} and ${to.role.name}`;

/** The quickest and the longest change; empty with fewer than two. */
export function changesSummary(changes: readonly RoleChange[]): string {
  const [least, most] = [changes[0], changes.at(-1)];
  if (!least || !most || least === most) return '';
  return `Smallest change: between ${pairName(least)}, ${changeMinutes(least)}. Largest: between ${pairName(most)}, ${changeMinutes(most)}.`;
}

/** Whether one rear derailleur and one chain serve all roles, and what stands in the way. */
export function driveText(drive: DriveForRoles, roles: readonly RoleState[]): readonly string[] {
  const { needs, derailleurs, found, inTheWay, cogCounts } = drive;
  const best = derailleurs[0]!;
  const nameOf = (place: number) => roles[place]!.role.name;
  const needed = `Needed: ${needs.capacityT}T capacity and a largest cog of ${needs.largestCogT}T.`;
  const without =
    inTheWay === undefined
      ? []
      : [`Without ${nameOf(inTheWay)}, one derailleur and chain would do for the other roles.`];
  const speeds = cogCounts.length > 0 ? [speedsText(cogCounts)] : [];
  switch (found) {
    case 'yes':
      return [`Yes: the derailleur ${best.name} suits every role, with one chain of ${linksText(best)}.`, needed];
    case 'notKnown':
      return [
        `Perhaps: nothing known rules out the derailleur ${best.name}, but ${unknownText(best)} not known.`,
        needed,
        ...(best.chain === 'suits' ? [`One chain of ${linksText(best)} would do.`] : []),
      ];
    case 'no':
      return [
        ...(best.passed.length > 0
          ? [
              `No: the derailleur ${best.name} comes closest; ${best.passed.map(({ role, check }) => `for ${nameOf(role)}: ${check.message}`).join(' ')}`,
            ]
          : []),
        ...(best.chain === 'tooFar'
          ? [
              `No single chain works: one role needs ${best.window.minLinks} links for big-big, and more than ${best.window.maxLinks} are slack in another.`,
            ]
          : []),
        ...speeds,
        needed,
        ...without,
      ];
  }
}

const speedsText = (counts: readonly number[]) =>
  `No single chain and shifter works: the roles have ${listed(counts.map(String))} cogs.`;

function linksText({ window: { minLinks, maxLinks } }: DerailleurForRoles): string {
  if (maxLinks === undefined || maxLinks === minLinks)
    return `${minLinks} links${maxLinks === undefined ? ' or more' : ''}`;
  return `${minLinks} to ${maxLinks} links`;
}

const UNKNOWN_FIGURES = { totalCapacity: 'its capacity', largestCog: 'its largest cog' } as const;

function unknownText({ notKnown, chain }: DerailleurForRoles): string {
  const all = [...notKnown.map((id) => UNKNOWN_FIGURES[id]), ...(chain === 'notKnown' ? ['its cage length'] : [])];
  return `${listed(all)} ${all.length === 1 ? 'is' : 'are'}`;
}

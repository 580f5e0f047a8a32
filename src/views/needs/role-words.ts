import type { DerailleurForRoles, DriveForRoles } from '../../core/job';
import { gearSizeText, type Units } from '../../features/units/measures';
import { short } from '../../ui/format';
import { cardHeadline, itemText } from '../../features/workshop/card-words';
import { minutesText } from '../../features/workshop/words';
import { listed } from '../../messages/job';
import type { RoleChange, RoleState } from '../../records/selectors/roles';
import { textOf } from '../../messages/core';
import { t } from './text';
import { firstOf, itemAt, definite } from '../../core/items';

/** Whether a role's setup meets the role's needs, as text. */
export function roleAnswer({ fitted, needs, contradictions, brief }: RoleState, units: Units): string {
  if (contradictions.length > 0) return t('roleWords.roleAnswer.itsDetailsConflictCheckClimb');
  if (!fitted) return t('roleWords.roleAnswer.chooseASetup');
  const { easiestM, hardestM, easyEnough, hardEnough } = fitted;
  const ends = [
    easyEnough
      ? ''
      : t('roleWords.roleAnswer.easiestGearNeeded', {
          easiestM: gearSizeText(units, easiestM),
          easiestMaxM: gearSizeText(units, needs.easiestMaxM),
        }),
    hardEnough
      ? ''
      : t('roleWords.roleAnswer.hardestGearNeeded', {
          hardestM: gearSizeText(units, hardestM),
          hardestMinM: gearSizeText(units, needs.hardestMinM),
        }),
    needs.walks
      ? t('roleWords.roleAnswer.onYouWillWalk', { steepestGradePercent: short(brief.steepestGradePercent, 1) })
      : '',
  ].filter((text) => text !== '');
  return ends.length === 0
    ? t('roleWords.roleAnswer.needed', {
        easiestM: gearSizeText(units, easiestM),
        hardestM: gearSizeText(units, hardestM),
        easiestMaxM: gearSizeText(units, needs.easiestMaxM),
        hardestMinM: gearSizeText(units, needs.hardestMinM),
      })
    : t('roleWords.roleAnswer.easyEnough', {
        easyEnough: easyEnough && hardEnough ? 'yes' : 'no',
        ends: ends.join('; '),
      });
}

/** What comes off and goes on between two roles. */
export function changeText({ card }: RoleChange, units: Units): string {
  if (!card) return t('roleWords.changeText.theSameSetupNothingTo');
  if (card.kind === 'nothing') return cardHeadline(card, units);
  // Names of parts have commas of their own.
  const names = (items: typeof card.on) => [...new Set(items.map(itemText))].join(' · ');
  const parts = [
    card.off.length > 0 ? t('roleWords.changeText.off', { off: names(card.off) }) : '',
    card.on.length > 0 ? t('roleWords.changeText.on', { on: names(card.on) }) : '',
  ].filter((text) => text !== '');
  return parts.length > 0 ? parts.join('; ') : t('roleWords.changeText.adjustmentOnly');
}

export const changeMinutes = ({ card }: RoleChange) => minutesText(card?.minutes ?? 0);

const pairName = ({ from, to }: RoleChange) =>
  t('roleWords.pairName.and', { name: from.role.name, name2: to.role.name });

/** The quickest and the longest change; empty with fewer than two. */
export function changesSummary(changes: readonly RoleChange[]): string {
  const [least, most] = [changes[0], changes.at(-1)];
  if (!least || !most || least === most) return '';
  return t('roleWords.changesSummary.smallestChangeBetweenLargestBetween', {
    least: pairName(least),
    least2: changeMinutes(least),
    most: pairName(most),
    most2: changeMinutes(most),
  });
}

/** Whether one rear derailleur and one chain serve all roles, and the obstacle if not. */
export function driveText(drive: DriveForRoles, roles: readonly RoleState[]): readonly string[] {
  const { needs, derailleurs, found, inTheWay, cogCounts } = drive;
  const best = firstOf(derailleurs);
  const nameOf = (place: number) => itemAt(roles, place).role.name;
  const needed = t('roleWords.driveText.neededTCapacityAndA', {
    capacityT: needs.capacityT,
    largestCogT: needs.largestCogT,
  });
  const without =
    inTheWay === undefined
      ? []
      : [t('roleWords.driveText.withoutOneDerailleurAndChain', { inTheWay: nameOf(inTheWay) })];
  const speeds = cogCounts.length > 0 ? [speedsText(cogCounts)] : [];
  switch (found) {
    case 'yes':
      return [
        t('roleWords.driveText.yes.yesTheDerailleurSuitsEvery', { name: best.name, best: linksText(best) }),
        needed,
      ];
    case 'notKnown':
      return [
        t('roleWords.driveText.notKnown.perhapsNothingKnownRulesOut', { name: best.name, best: unknownText(best) }),
        needed,
        ...(best.chain === 'suits'
          ? [t('roleWords.driveText.notKnown.oneChainOfWouldDo', { best: linksText(best) })]
          : []),
      ];
    case 'no':
      return [
        ...(best.passed.length > 0
          ? [
              t('roleWords.driveText.no.noTheDerailleurComesClosest', {
                name: best.name,
                passed: best.passed
                  .map(({ role, check }) =>
                    t('roleWords.driveText.no.for', { role: nameOf(role), message: textOf(check.message) }),
                  )
                  .join(' '),
              }),
            ]
          : []),
        ...(best.chain === 'tooFar'
          ? [
              t('roleWords.driveText.no.noSingleChainWorksOne', {
                minLinks: best.window.minLinks,
                maxLinks: definite(best.window.maxLinks),
              }),
            ]
          : []),
        ...speeds,
        needed,
        ...without,
      ];
  }
}

const speedsText = (counts: readonly number[]) =>
  t('roleWords.speedsText.noSingleChainAndShifter', { counts: listed(counts.map(String)) });

function linksText({ window: { minLinks, maxLinks } }: DerailleurForRoles): string {
  if (maxLinks === undefined || maxLinks === minLinks)
    return t('roleWords.linksText.linksMaxLinks', { minLinks, maxLinks: maxLinks === undefined ? 'yes' : 'no' });
  return t('roleWords.linksText.toLinks', { minLinks, maxLinks });
}

const UNKNOWN_FIGURES = {
  totalCapacity: t('roleWords.unknownFigures.totalCapacity'),
  largestCog: t('roleWords.unknownFigures.largestCog'),
} as const;

function unknownText({ notKnown, chain }: DerailleurForRoles): string {
  const all = [
    ...notKnown.map((id) => UNKNOWN_FIGURES[id]),
    ...(chain === 'notKnown' ? [t('roleWords.unknownText.itsCageLength')] : []),
  ];
  return t('roleWords.unknownText.allCount1', { all: listed(all), allCount: all.length });
}

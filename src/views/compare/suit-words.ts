import type { FilledBrief } from '../../core/needs';
import type { DifferenceRow, NeedAnswer, RowId, Suit, SuitFact } from '../../core/compare';
import { gearName, sizeChangeText } from '../../features/explanations/gears';
import { fixed, percentText, short } from '../../ui/format';
import { moneyText, partMassText, type Units } from '../../features/units/measures';
import { listed } from '../../messages/job';
import { t } from './text';

const NEED_PHRASE: Readonly<Partial<Record<NeedAnswer['id'], string>>> = {
  climb: t('suitWords.needPhrase.climb'),
  lowestRatio: t('suitWords.needPhrase.lowestRatio'),
  topSpeed: t('suitWords.needPhrase.topSpeed'),
  cruising: t('suitWords.needPhrase.cruising'),
};

/** A fact as part of a sentence about its setup. */
function factPhrase(fact: SuitFact, brief: FilledBrief, units: Units): string {
  switch (fact.id) {
    case 'meetsAll':
      return t('suitWords.factPhrase.meetsAll');
    case 'misses':
      return t('suitWords.factPhrase.misses', { needs: listed(fact.needs.map((id) => NEED_PHRASE[id] ?? id)) });
    case 'oneHand':
      return t('suitWords.factPhrase.oneHand');
    case 'bothHands':
      return t('suitWords.factPhrase.bothHands', { frontShifts: fact.frontShifts });
    case 'systemShifts':
      return fact.control === 'automatic'
        ? t('suitWords.factPhrase.systemShifts.oneHandShiftsEverythingBecause')
        : t('suitWords.factPhrase.systemShifts.onePairOfButtonsGoes');
    case 'smallerSteps':
      return t('suitWords.factPhrase.smallerSteps', { own: percentText(fact.own), other: percentText(fact.other) });
    case 'largerSteps':
      return t('suitWords.factPhrase.largerSteps', { own: percentText(fact.own), other: percentText(fact.other) });
    case 'noGaps':
      return t('suitWords.factPhrase.noGaps', { lowRpm: short(brief.lowRpm, 1), highRpm: short(brief.highRpm, 1) });
    case 'gaps':
      return t('suitWords.factPhrase.gaps', {
        count: fact.count,
        lowRpm: short(brief.lowRpm, 1),
        highRpm: short(brief.highRpm, 1),
      });
    case 'widerRange':
      return t('suitWords.factPhrase.widerRange', { own: percentText(fact.own), other: percentText(fact.other) });
    case 'narrowerRange':
      return t('suitWords.factPhrase.narrowerRange', { own: percentText(fact.own), other: percentText(fact.other) });
    case 'moreClearance':
      return t('suitWords.factPhrase.moreClearance', { mm: fixed(fact.mm, 0) });
    case 'lessClearance':
      return t('suitWords.factPhrase.lessClearance', { mm: fixed(fact.mm, 0) });
    case 'chainMayDrop':
      return t('suitWords.factPhrase.chainMayDrop');
    case 'losesRare':
      return t('suitWords.factPhrase.losesRare', { gears: listed(fact.gears.map(gearName)) });
    case 'keepsUsual':
      return t('suitWords.factPhrase.keepsUsual');
    case 'changesUsual':
      return t('suitWords.factPhrase.changesUsual', {
        gear: gearName(fact.job.gear),
        nearest: gearName(fact.job.nearest),
        change: sizeChangeText(fact.job.change),
      });
    case 'quiet':
      return t('suitWords.factPhrase.quiet', { ring: fact.ring, cog: fact.cog });
    case 'noisy':
      return t('suitWords.factPhrase.noisy', { ring: fact.ring, cog: fact.cog });
    case 'lighter':
      return t('suitWords.factPhrase.lighter', { grams: partMassText(units, fact.grams) });
    case 'heavier':
      return t('suitWords.factPhrase.heavier', { grams: partMassText(units, fact.grams) });
    case 'nothingToBuy':
      return t('suitWords.factPhrase.nothingToBuy');
    case 'costs':
      return t('suitWords.factPhrase.costs', { cost: moneyText(units, fact.cost) });
  }
}

/** Who a setup suits, and the other side's case: two plain sentences. */
export function suitText(letter: string, { speaksFor, against }: Suit, brief: FilledBrief, units: Units): string {
  const sentence = (facts: readonly SuitFact[]) => facts.map((fact) => factPhrase(fact, brief, units)).join('; ');
  const pro =
    speaksFor.length > 0
      ? t('suitWords.suitText.for', { letter, speaksFor: sentence(speaksFor) })
      : t('suitWords.suitText.thereIsNothingInFavour', { letter });
  const contra =
    against.length > 0
      ? t('suitWords.suitText.againstIt', { against: sentence(against) })
      : t('suitWords.suitText.thereIsNothingAgainstIt');
  return `${pro} ${contra}`;
}

const GAIN_PHRASE: Readonly<Partial<Record<RowId, string>>> = {
  easiest: t('suitWords.gainPhrase.easiest'),
  topSpeed: t('suitWords.gainPhrase.topSpeed'),
  gaps: t('suitWords.gainPhrase.gaps'),
  frontShifts: t('suitWords.gainPhrase.frontShifts'),
  doubleShifts: t('suitWords.gainPhrase.doubleShifts'),
  riddenStep: t('suitWords.gainPhrase.riddenStep'),
  mass: t('suitWords.gainPhrase.mass'),
  frontDrag: t('suitWords.gainPhrase.frontDrag'),
};

/** What the money of a setup buys against A; empty where nothing is bought or its cost is not known. */
export function boughtText(cost: number | undefined, rows: readonly DifferenceRow[], units: Units): string {
  if (cost === undefined || cost === 0 || rows.length === 0) return '';
  const gains = rows.flatMap(({ id, judgement }) =>
    judgement === 'better' && GAIN_PHRASE[id] ? [GAIN_PHRASE[id]] : [],
  );
  const buys = gains.length > 0 ? listed(gains) : t('suitWords.boughtText.nothingThatMattersForYour');
  return t('suitWords.boughtText.buys', { cost: moneyText(units, cost), buys });
}

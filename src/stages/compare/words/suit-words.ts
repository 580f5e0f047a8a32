import type { FilledBrief } from '../../../core/brief';
import type { DifferenceRow, NeedAnswer, RowId, Suit, SuitFact } from '../../../core/compare';
import { gearName, sizeChangeText } from '../../../kit/explain/gears';
import { fixed, percentText, short } from '../../../kit/format';
import { moneyText, partMassText, type Units } from '../../../kit/measures';
import { listed } from '../../../messages/job';

const NEED_PHRASE: Readonly<Partial<Record<NeedAnswer['id'], string>>> = {
  climb: 'the steepest climb',
  lowestRatio: 'the lowest ratio',
  topSpeed: 'the top speed',
  cruising: 'a straight chainline at your usual speed',
};

/** A fact as part of a sentence about its setup. */
function factPhrase(fact: SuitFact, brief: FilledBrief, units: Units): string {
  switch (fact.id) {
    case 'meetsAll':
      return 'easy enough for your steepest climb and fast enough for your top speed';
    case 'misses':
      return `it falls short of ${listed(fact.needs.map((id) => NEED_PHRASE[id] ?? id))}`;
    case 'oneHand':
      return 'one hand shifts everything, and there is no front derailleur to adjust, clean or clog with mud';
    case 'bothHands':
      return `both hands shift (${fact.frontShifts} front ${fact.frontShifts === 1 ? 'shift' : 'shifts'} in the sequence), and a front derailleur needs adjusting and cleaning`;
    case 'systemShifts':
      return fact.control === 'automatic'
        ? 'one hand shifts everything, because the front shifts automatically; it still needs adjusting and cleaning, and you must ease off while it shifts'
        : 'one pair of buttons goes through all gears in order; the front derailleur still needs adjusting and cleaning, and you must ease off while it shifts';
    case 'smallerSteps':
      return `steps are smaller at the speeds you ride (${percentText(fact.own)} on average; up to ${percentText(fact.other)} among the others)`;
    case 'largerSteps':
      return `steps are larger at the speeds you ride (${percentText(fact.own)} on average; ${percentText(fact.other)} at best among the others)`;
    case 'noGaps':
      return `no gaps at ${short(brief.lowRpm, 1)}–${short(brief.highRpm, 1)} rpm`;
    case 'gaps':
      return `${fact.count} ${fact.count === 1 ? 'gap' : 'gaps'} at ${short(brief.lowRpm, 1)}–${short(brief.highRpm, 1)} rpm`;
    case 'widerRange':
      return `a wider range (${percentText(fact.own)}, against ${percentText(fact.other)})`;
    case 'narrowerRange':
      return `a narrower range (${percentText(fact.own)}, against ${percentText(fact.other)})`;
    case 'moreClearance':
      return `${fixed(fact.mm, 0)} mm more ground clearance at the ring`;
    case 'lessClearance':
      return `${fixed(fact.mm, 0)} mm less ground clearance at the ring`;
    case 'chainMayDrop':
      return 'the chain may drop on rough ground unless a guide, or a narrow-wide ring with a clutch, holds it';
    case 'losesRare':
      return `it gives up ${listed(fact.gears.map(gearName))}, which you rarely use`;
    case 'keepsUsual':
      return 'every gear you usually ride has an equivalent';
    case 'changesUsual':
      return `of the gears you usually ride, ${gearName(fact.job.gear)} changes most: ${gearName(fact.job.nearest)} is ${sizeChangeText(fact.job.change)}`;
    case 'quiet':
      return `a quiet gear at your usual speed (${fact.ring}/${fact.cog})`;
    case 'noisy':
      return `the gear for your usual speed (${fact.ring}/${fact.cog}) runs near the end of the cassette and is louder`;
    case 'lighter':
      return `${partMassText(units, fact.grams)} lighter`;
    case 'heavier':
      return `${partMassText(units, fact.grams)} heavier`;
    case 'nothingToBuy':
      return 'nothing to buy';
    case 'costs':
      return `${moneyText(units, fact.cost)} to buy`;
  }
}

/** Who a setup suits, and the other side's case: two plain sentences. */
export function suitText(letter: string, { speaksFor, against }: Suit, brief: FilledBrief, units: Units): string {
  const sentence = (facts: readonly SuitFact[]) => facts.map((fact) => factPhrase(fact, brief, units)).join('; ');
  const pro =
    speaksFor.length > 0 ? `For ${letter}: ${sentence(speaksFor)}.` : `There is nothing in favour of ${letter}.`;
  const contra = against.length > 0 ? `Against it: ${sentence(against)}.` : 'There is nothing against it.';
  return `${pro} ${contra}`;
}

const GAIN_PHRASE: Readonly<Partial<Record<RowId, string>>> = {
  easiest: 'an easier gear for the climb',
  topSpeed: 'more top speed',
  holes: 'fewer gaps',
  frontShifts: 'fewer front shifts',
  doubleShifts: 'fewer double shifts',
  riddenStep: 'smaller steps at your speeds',
  mass: 'less weight',
  frontDrag: 'less drag',
};

/** What the money of a setup buys against A; empty where nothing is bought or its cost is not known. */
export function boughtText(cost: number | undefined, rows: readonly DifferenceRow[], units: Units): string {
  if (cost === undefined || cost === 0 || rows.length === 0) return '';
  const gains = rows.flatMap(({ id, judgement }) =>
    judgement === 'better' && GAIN_PHRASE[id] ? [GAIN_PHRASE[id]] : [],
  );
  const buys = gains.length > 0 ? listed(gains) : 'nothing that matters for your needs';
  return `${moneyText(units, cost)} buys ${buys}.`;
}

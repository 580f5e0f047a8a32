import { message, type Message } from '../message';
import type { FindBike } from './builder';
import type { FindAim } from './aims';
import { layoutOf, ringChoices, type RingRule } from './ring-choices';

/** Setups that one search goes through at most: some seconds' work on a small machine. */
const SEARCHED_MAX = 300_000;

/** Why a search cannot begin. */
export interface FindProblem {
  readonly field: 'layouts' | 'rings' | 'cassettes' | 'keep' | 'aims' | 'space';
  /** Value, bounds, and what to do. */
  readonly message: Message;
}

export interface FindQuestion {
  readonly rings: RingRule;
  readonly cassetteCount: number;
  readonly aims: readonly FindAim[];
  readonly bike?: FindBike | undefined;
}

/** Everything that leaves a search empty, contradictory or too large, with the numbers; nothing is repaired. */
export function checkFind(question: FindQuestion, searchedMax = SEARCHED_MAX): FindProblem[] {
  const { rings, cassetteCount, aims, bike } = question;
  const { layouts, minT, maxT } = rings;
  const problems: FindProblem[] = [];
  const say = (field: FindProblem['field'], text: Message) => problems.push({ field, message: text });
  if (layouts.length === 0) say('layouts', message('find.layouts'));
  if (minT > maxT) say('rings', message('find.ringsTurnedRound', { min: minT, max: maxT }));
  else if (layouts.length > 0) {
    const choices = ringChoices(rings);
    const searched = choices.length * cassetteCount;
    if (choices.length === 0) {
      say('rings', noRings(rings));
    } else if (searched > searchedMax) {
      const values = { rings: choices.length, cassettes: cassetteCount, setups: searched, most: searchedMax };
      say('space', message('find.tooMany', values));
    }
  }
  if (cassetteCount === 0) say('cassettes', message('find.noCassette'));
  if (aims.length === 0) say('aims', message('find.noAim'));
  if (bike) problems.push(...lockProblems(bike, rings));
  return problems;
}

/** Why no ring is searched. */
function noRings({ layouts, minT, maxT, only, ringDifferenceMaxT }: RingRule): Message {
  const range = { min: minT, max: maxT, apart: ringDifferenceMaxT };
  if (!only) return message('find.noPair', range);
  if (only.length === 0) return message('find.noneNamed');
  const which = layouts.length > 1 ? 'both' : layouts[0] === '1x' ? 'one' : 'two';
  return message('find.noneAtHand', { ...range, rings: only.map(String), layouts: which });
}

/** Locks that contradict what is searched. */
function lockProblems({ present, keep }: FindBike, { layouts, minT, maxT, only }: RingRule): FindProblem[] {
  const { chainrings } = present.setup;
  const teeth = chainrings.join('/');
  const problems: FindProblem[] = [];
  const say = (text: Message) => problems.push({ field: 'keep', message: text });
  const layout = layoutOf(chainrings);
  if (keep.includes('ring')) {
    const tried = chainrings.filter((ring) => ring >= minT && ring <= maxT && (!only || only.includes(ring)));
    const isTwoAlone = !layouts.includes('1x');
    // From two rings one may be kept and the other taken off.
    if (tried.length === 0 || (layout === '2x' && isTwoAlone && tried.length < 2)) {
      say(message('find.ringsNotSearched', { rings: teeth, min: minT, max: maxT }));
    } else if (layout === '1x' && isTwoAlone) {
      say(message('find.ringButTwo', { ring: teeth }));
    }
  }
  if (layout === '1x' && !layouts.includes('1x')) {
    for (const part of ['crank', 'frontDerailleur'] as const) {
      if (!keep.includes(part)) continue;
      say(part === 'crank' ? message('find.crankButTwo', { ring: teeth }) : message('find.noFrontDerailleur'));
    }
  }
  return problems;
}

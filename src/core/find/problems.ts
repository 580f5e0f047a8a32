import type { FindBike } from './builder';
import type { FindAim } from './aims';
import { layoutOf, ringChoices, type Layout, type RingRule } from './ring-choices';

/** Setups that one search goes through at most: some seconds' work on a small machine. */
const SEARCHED_MAX = 300_000;

/** Why a search cannot begin. */
export interface FindProblem {
  readonly field: 'layouts' | 'rings' | 'cassettes' | 'keep' | 'aims' | 'space';
  /** Value, bounds, and what to do. */
  readonly message: string;
}

export interface FindQuestion {
  readonly rings: RingRule;
  readonly cassetteCount: number;
  readonly aims: readonly FindAim[];
  readonly bike?: FindBike | undefined;
}

/** Everything that leaves a search empty, contradictory or too large, with the numbers; nothing is mended. */
export function checkFind(question: FindQuestion, searchedMax = SEARCHED_MAX): FindProblem[] {
  const { rings, cassetteCount, aims, bike } = question;
  const { layouts, minT, maxT, only, ringDifferenceMaxT } = rings;
  const problems: FindProblem[] = [];
  const say = (field: FindProblem['field'], message: string) => problems.push({ field, message });
  if (layouts.length === 0) say('layouts', 'neither one ring nor two is searched: choose one at least');
  if (minT > maxT) say('rings', `rings from ${minT} to ${maxT}T: give the smaller number first`);
  else if (layouts.length > 0) {
    const choices = ringChoices(rings);
    const searched = choices.length * cassetteCount;
    if (choices.length === 0) {
      say(
        'rings',
        only
          ? `none of the rings at hand (${only.join(', ') || 'none named'}) makes ${named(layouts)} between ${minT} and ${maxT}T, two at most ${ringDifferenceMaxT}T apart: widen the range, or search any ring`
          : `no two rings between ${minT} and ${maxT}T are 1 to ${ringDifferenceMaxT}T apart: widen the range`,
      );
    } else if (searched > searchedMax) {
      say(
        'space',
        `${choices.length} choices of rings × ${cassetteCount} cassettes are ${searched} setups: at most ${searchedMax} are searched; narrow the rings or leave cassettes out`,
      );
    }
  }
  if (cassetteCount === 0) say('cassettes', 'no cassette is left to search: choose more speeds, or build one');
  if (aims.length === 0) say('aims', 'no aim is chosen: choose one at least, or nothing tells the setups apart');
  if (bike) problems.push(...lockProblems(bike, rings));
  return problems;
}

const named = (layouts: readonly Layout[]) =>
  layouts.map((layout) => (layout === '1x' ? 'one ring' : 'two rings')).join(' or ');

/** Locks that contradict what is searched. */
function lockProblems({ present, keep }: FindBike, { layouts, minT, maxT, only }: RingRule): FindProblem[] {
  const { chainrings } = present.setup;
  const teeth = chainrings.join('/');
  const problems: FindProblem[] = [];
  const say = (message: string) => problems.push({ field: 'keep', message });
  const layout = layoutOf(chainrings);
  if (keep.includes('ring')) {
    const tried = chainrings.filter((ring) => ring >= minT && ring <= maxT && (!only || only.includes(ring)));
    // From two rings one may be kept and the other taken off.
    if (tried.length === 0 || (tried.length < 2 && !layouts.includes('1x'))) {
      say(
        `the rings ${teeth} are kept, but not among those searched (${minT} to ${maxT}T): let the ring go, or search them too`,
      );
    } else if (layout === '1x' && !layouts.includes('1x')) {
      say(`the ring ${teeth} is kept, but only two rings are searched: let it go, or search one ring too`);
    }
  }
  if (layout === '1x' && !layouts.includes('1x')) {
    for (const part of ['crank', 'frontDerailleur'] as const) {
      if (!keep.includes(part)) continue;
      say(
        part === 'crank'
          ? `the crank for one ring (${teeth}) is kept, but only two rings are searched: let it go, or search one ring too`
          : 'no front derailleur is to be bought, but only two rings are searched and the bike has one: let it go, or search one ring too',
      );
    }
  }
  return problems;
}

import type { FilledBrief, Needs, UsedGears } from '../../core/brief';
import { stepTolerance } from '../../core/compare';
import {
  FIND_NEEDS,
  type BriefAsk,
  type Change,
  type FilledFind,
  type FindAim,
  type FindNeed,
  type FindProgress,
  type FindResult,
  type FoundFacts,
  type FrontRoom,
  type Layout,
  type LayoutAdvice,
  type LeastChange,
  type Miss,
} from '../../core/find';
import type { Zone } from '../../core/gears';
import { listed } from '../../messages/job';
import { SPEED_UNIT_TEXT, fixed, percentText, short, speedIn, speedText } from '../format';
import {
  moneyText,
  gearSizeDigits,
  gearSizeIn,
  gearSizeText,
  gearSizeUnit,
  massChangeText,
  type Units,
} from '../measures';
import { USE_TEXT, ZONE_TEXT } from '../words';
import { AIM_NAME, aimText } from './aim-words';
import { KIND_TEXT, PART_NAME, partsText, setupName } from './part-words';

/** What a need of the brief asks of a setup, with its figure. */
export function askText(ask: BriefAsk, brief: FilledBrief, needs: Needs, units: Units): string {
  switch (ask) {
    case 'easiest':
      return `have an easiest gear of ${gearSizeText(units, needs.easiestMaxM)} or less`;
    case 'lowestRatio':
      return `have an easiest ratio of ${short(brief.lowestRatio ?? 0, 3)} or less`;
    case 'topSpeed':
      return `reach ${speedText(units.speedUnit, brief.topSpeedKmh)} at ${short(brief.highRpm, 1)} rpm`;
    default: {
      const zone = ask.slice('step.'.length) as Zone;
      return `have steps of ${percentText(stepTolerance(brief, zone))} or less, ${ZONE_TEXT[zone]}`;
    }
  }
}

/** What stands against a setup, with its figure and the one that is asked for. */
export function missText(
  { facts, missed }: Miss,
  settings: FilledFind,
  brief: FilledBrief,
  needs: Needs,
  units: Units,
): string {
  const { metrics, build } = facts;
  const step = (zone: Zone) =>
    `step ${ZONE_TEXT[zone]} ${percentText(metrics.zoneSteps[zone])}, ${percentText(stepTolerance(brief, zone))} allowed`;
  const texts: Readonly<Record<FindNeed, () => string>> = {
    easiest: () => {
      const [own, needed] = apart(
        gearSizeIn(units, metrics.easiestDevelopmentM),
        gearSizeIn(units, needs.easiestMaxM),
        gearSizeDigits(units),
      );
      const unit = gearSizeUnit(units);
      return `easiest gear ${own} ${unit}, ${needed} ${unit} needed`;
    },
    lowestRatio: () => {
      const [own, needed] = apart(metrics.easiestRatio, brief.lowestRatio ?? 0, 2);
      return `easiest ratio ${own}, ${needed} needed`;
    },
    topSpeed: () => {
      const [own, needed] = apart(
        speedIn(units.speedUnit, metrics.topSpeedKmh),
        speedIn(units.speedUnit, brief.topSpeedKmh),
        1,
      );
      return `top speed ${own}, ${needed} ${SPEED_UNIT_TEXT[units.speedUnit]} needed`;
    },
    keep: () => `cannot keep the ${listed([...new Set(build.breaches)].map((part) => PART_NAME[part]))}`,
    cost: () => `costs ${moneyText(units, build.cost)}, ${moneyText(units, settings.costMax ?? 0)} allowed`,
    mass: () =>
      `weight ${massChangeText(units, build.massChangeG)}, ${massChangeText(units, settings.massChangeMaxG ?? 0)} allowed`,
    fit: () =>
      build.capacityOverT > 0
        ? `not compatible: ${build.capacityRequiredT}T of capacity needed, ${build.capacityOverT}T over the published limit`
        : KIND_TEXT[build.kind],
    largestStep: () => `largest step ${percentText(metrics.largestStep)}`,
    'step.climbing': () => step('climbing'),
    'step.between': () => step('between'),
    'step.fast': () => step('fast'),
  };
  return missed.map(({ need }) => texts[need]()).join('; ');
}

/** Digits after the point at most: beyond, two figures are the same to anybody. */
const DIGITS_MAX = 4;

/** Two figures with as many digits as it takes to tell them apart. */
export function apart(own: number, needed: number, digits: number): readonly [own: string, needed: string] {
  const texts = [fixed(own, digits), fixed(needed, digits)] as const;
  return texts[0] === texts[1] && digits < DIGITS_MAX ? apart(own, needed, digits + 1) : texts;
}

/** The best there is where nothing meets the needs, and what it lacks. */
export function bestThereIs(miss: Miss, told: (miss: Miss) => string): string {
  const name = setupName(miss.facts);
  return miss.justAbout
    ? `${name} just about meets your needs: ${told(miss)}, a difference smaller than the uncertainty of tyre and power`
    : `No setup meets all your needs. ${name} comes closest: ${told(miss)}`;
}

/** What a search is doing with the setups that it counts. */
export const PHASE_TEXT: Readonly<Record<FindProgress['phase'], string>> = {
  sieving: 'Checking requirements:',
  weighing: 'Ranking:',
  riding: 'Simulating the route:',
};

const NEED_NAME: Readonly<Record<FindNeed, string>> = {
  easiest: 'easy enough',
  lowestRatio: 'with a low enough ratio',
  topSpeed: 'fast enough',
  keep: 'with the parts you keep',
  cost: 'within the budget',
  mass: 'light enough',
  fit: 'compatible',
  largestStep: 'with small enough steps',
  'step.climbing': 'with small enough steps climbing',
  'step.between': 'with small enough steps cruising',
  'step.fast': 'with small enough steps fast',
};

const count = (value: number) => value.toLocaleString();

/** How many are left after each need: "18 377 searched → 9 120 easy enough → …". Needs at which none fell are left out. */
export function funnelText({ searched, fellAt }: FindResult): string {
  let left = searched;
  const parts = [`${count(searched)} searched`];
  for (const need of FIND_NEEDS) {
    if (fellAt[need] === 0) continue;
    left -= fellAt[need];
    parts.push(`${count(left)} ${NEED_NAME[need]}`);
  }
  return parts.join(' → ');
}

/** How many meet the needs, and how many of them are worth choosing between. @param rows answers, equal ones as one */
export function headline({ searched, met }: FindResult, rows: number): string {
  const setups = `${count(met)} of ${count(searched)} setups ${met === 1 ? 'meets' : 'meet'} your needs`;
  if (met === 1) return setups;
  return rows === 1 ? `${setups}; one is better than all others` : `${setups}; these ${count(rows)} are the best`;
}

/** How many of those that meet the needs are known to be compatible; empty where all are. */
export function compatibleText({ met, compatible }: FindResult): string {
  if (met === 0 || compatible === met) return '';
  const why = 'the largest cog and capacity of a derailleur, or the room for a front derailleur, are not known';
  return compatible === 0
    ? `All may be compatible: ${why}.`
    : `${count(compatible)} are known to be compatible and come first; the others may be: ${why}.`;
}

/** The needs that can be asked of: a lowest ratio only where the rider needs one. */
export const asksOf = (asks: readonly BriefAsk[], { lowestRatio }: FilledBrief): readonly BriefAsk[] =>
  asks.filter((ask) => ask !== 'lowestRatio' || lowestRatio !== undefined);

/** What keeps setups out, and how many more there would be without it. */
export interface RequirementCost {
  readonly need: FindNeed;
  readonly text: string;
  /** Setups that meet everything else. */
  readonly setups: number;
}

/** Every requirement that is asked, with what it alone costs, the dearest first. */
export function requirementCosts(
  { onlyMissed, fellAt }: FindResult,
  { asks, costMax, massChangeMaxG, keep }: FilledFind,
  brief: FilledBrief,
  needs: Needs,
  units: Units,
): readonly RequirementCost[] {
  const texts: readonly (readonly [FindNeed, string | undefined])[] = [
    ...asksOf(asks, brief).map((ask) => [ask, askText(ask, brief, needs, units)] as const),
    ['keep', keep.length > 0 ? `keep the ${listed(keep.map((part) => PART_NAME[part]))}` : undefined],
    ['cost', costMax === undefined ? undefined : `cost ${moneyText(units, costMax)} or less`],
    [
      'mass',
      massChangeMaxG === undefined
        ? undefined
        : `weigh at most ${massChangeText(units, massChangeMaxG)} compared with A`,
    ],
    ['fit', fellAt.fit > 0 ? 'be compatible' : undefined],
  ];
  return texts
    .flatMap(([need, text]) => (text === undefined ? [] : [{ need, text, setups: onlyMissed[need] }]))
    .sort((a, b) => b.setups - a.setups);
}

/** Says how many more setups there would be without a requirement. */
export const costText = ({ setups }: RequirementCost): string =>
  setups === 0 ? 'rules out none by itself' : `rules out ${count(setups)} setups that meet everything else`;

/** What the setup fitted now would need changed least, in sentences. */
export function leastSentences(
  least: LeastChange,
  told: (miss: Miss) => string,
): readonly { readonly what: string; readonly text: string; readonly found: FoundFacts | undefined }[] {
  const { present, presentMiss, ring, cassette } = least;
  const change = (what: string, tries: Change, one: string) => ({
    what,
    found: tries.least,
    text: tries.least
      ? `${setupName(tries.least)}; parts to buy: ${partsText(tries.least.build.buy)}.`
      : tries.closest
        ? `None of ${tries.tried} is enough. Closest: ${setupName(tries.closest.facts)}: ${told(tries.closest)}.`
        : `There is no other ${one} in the search.`,
  });
  if (!presentMiss) {
    return [{ what: 'No change', found: undefined, text: `${setupName(present)} meets your needs as it is.` }];
  }
  return [
    { what: 'As it is', found: undefined, text: `${setupName(present)}: ${told(presentMiss)}.` },
    change('Chainring only', ring, 'ring'),
    change('Cassette only', cassette, 'cassette'),
  ];
}

const otherLayout = (layout: Layout): Layout => (layout === '1x' ? '2x' : '1x');

/** "1x or 2x?" answered, with what would change the answer. */
export interface LayoutAnswer {
  readonly verdict: string;
  readonly tips: readonly string[];
}

/** Says which of 1x and 2x meets the needs, with the best of each, and what would change the answer. */
export function layoutSentences(
  advice: LayoutAdvice,
  {
    aims,
    brief,
    frontRoom,
    used,
  }: {
    readonly aims: readonly FindAim[];
    readonly brief: FilledBrief;
    readonly frontRoom: FrontRoom;
    readonly used?: UsedGears | undefined;
  },
  units: Units,
  told: (miss: Miss) => string,
): LayoutAnswer {
  const answer = layoutAnswer(advice, { aims, brief, frontRoom }, units, told);
  const rare = used && [
    ...used.rareRings.map((teeth) => `${teeth}T ring`),
    ...used.rareCogs.map((teeth) => `${teeth}T cog`),
  ];
  if (!rare || rare.length === 0) return answer;
  return {
    ...answer,
    tips: [...answer.tips, `You rarely use your ${listed(rare)}: a setup without them loses little.`],
  };
}

function layoutAnswer(
  advice: LayoutAdvice,
  {
    aims,
    brief,
    frontRoom,
  }: { readonly aims: readonly FindAim[]; readonly brief: FilledBrief; readonly frontRoom: FrontRoom },
  units: Units,
  told: (miss: Miss) => string,
): LayoutAnswer {
  const { kind, layout, sides, speaks } = advice;
  const missed = (one: Layout): string[] => {
    const { closest } = sides[one];
    if (!closest) return [];
    const about = closest.justAbout ? 'just about meets your needs too' : 'comes closest';
    return [`${one}: ${setupName(closest.facts)} ${about}: ${told(closest)}.`];
  };
  switch (kind) {
    case 'notSearched': {
      const [one] = advice.searched;
      const best = one && sides[one].best;
      if (frontRoom.room === 'no') {
        const why = `this frame takes no front derailleur${frontRoom.assumed ? ` (assumed for ${USE_TEXT[brief.use]})` : ''}`;
        const verdict = best
          ? `1x: ${why}. Best: ${setupName(best)}.`
          : `1x: ${why}, though no 1x meets all your needs.`;
        return {
          verdict,
          tips: [
            ...(one && !best ? missed(one) : []),
            'On a frame that takes a front derailleur, 2x would be searched too.',
          ],
        };
      }
      return { verdict: `Only ${one} was searched. Include both for an answer.`, tips: [] };
    }
    case 'neither':
      return { verdict: 'Neither meets all your needs.', tips: [...missed('1x'), ...missed('2x')] };
    case 'only': {
      const other = otherLayout(layout!);
      return {
        verdict: `${layout}: ${setupName(sides[layout!].best!)} is the best that meets your needs; no ${other} does.`,
        tips: missed(other),
      };
    }
    case 'both': {
      const best = (one: Layout) => setupName(sides[one].best!);
      const tip = ({ aim, layout: better }: (typeof speaks)[number]) => {
        const at = aims.indexOf(aim);
        const value = (one: Layout) => aimText(aim, sides[one].best!.values[at]!, units);
        return `${upper(AIM_NAME[aim])}: better with ${better} (${value(better)}, against ${value(otherLayout(better))}).`;
      };
      const first = speaks[0];
      if (!first || !layout) {
        const verdict = `Both meet your needs, equal on every criterion: 1x with ${best('1x')}, 2x with ${best('2x')}.`;
        return { verdict, tips: [] };
      }
      const other = otherLayout(layout);
      return {
        verdict: `${layout}, going by ${AIM_NAME[first.aim]}, the first of your criteria that differs: ${best(layout)}. Both meet your needs; the best ${other} is ${best(other)}.`,
        tips: speaks.map(tip),
      };
    }
  }
}

const upper = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

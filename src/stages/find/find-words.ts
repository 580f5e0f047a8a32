import type { FilledBrief, Needs } from '../../core/brief';
import { stepTolerance } from '../../core/compare';
import type {
  BriefAsk,
  Change,
  FilledFind,
  FindAim,
  FindNeed,
  FindProgress,
  FindResult,
  Found,
  FoundFacts,
  LayoutAdvice,
  LeastChange,
  Miss,
  PartKind,
  Reason,
} from '../../core/find';
import { FIND_NEEDS } from '../../core/find';
import type { FitKind } from '../../core/fit';
import type { Zone } from '../../core/gears';
import { formatShorthand } from '../../formats/shorthand';
import { fixed, percentText, short, speedText, type SpeedUnit } from '../../kit/format';
import { ZONE_TEXT } from '../../kit/words';

export const AIM_NAME: Readonly<Record<FindAim, string>> = {
  largestStep: 'largest step',
  meanStep: 'mean step',
  holes: 'holes',
  frontShifts: 'front shifts',
  doubleShifts: 'double shifts',
  newParts: 'parts to buy',
  cost: 'cost',
  mass: 'weight',
  outOfBand: 'time out of the band',
  easiest: 'easiest gear',
  topSpeed: 'top speed',
  capacity: 'capacity asked for',
};

/** What each aim makes small, or large, in a sentence of its own. */
export const AIM_MEANING: Readonly<Record<FindAim, string>> = {
  largestStep: 'the largest speed step on the way through the gears',
  meanStep: 'the even step that, taken as often, spans the same range',
  holes: 'the share of speeds at which no gear keeps you in your cadence band',
  frontShifts: 'ring changes on the way from the easiest gear to the hardest',
  doubleShifts: 'changes at which both hands shift at once',
  newParts: 'parts that must be bought',
  cost: 'what those parts cost, by your prices',
  mass: 'against the setup fitted now, estimated by teeth',
  outOfBand: 'pedalled below or above your band, or walked, on the chosen road',
  easiest: 'metres a crank turn, less is easier',
  topSpeed: 'hardest gear at your highest comfortable cadence',
  capacity: 'teeth of chain that the rear derailleur must take up',
};

export const PART_NAME: Readonly<Record<PartKind, string>> = {
  ring: 'ring',
  crank: 'crank with rings',
  frontDerailleur: 'front derailleur with shifter',
  cassette: 'cassette',
  shifter: 'shifter',
  freehub: 'freehub body',
  chain: 'chain',
  rearDerailleur: 'rear derailleur',
};

export const KIND_TEXT: Readonly<Record<FitKind, string>> = {
  goes: 'goes together',
  open: 'goes, as far as is known',
  goesWithChecks: 'past a limit: worth a trial',
  doesNot: 'does not go together',
  cannotWork: 'cannot work',
};

export function setupName({ chainrings, cassette }: Pick<FoundFacts, 'chainrings' | 'cassette'>): string {
  return formatShorthand({ chainrings, cogs: cassette.cogs });
}

/** Where several parts stand in a list to be ticked. */
export const PART_SHORT: Readonly<Record<PartKind, string>> = {
  ...PART_NAME,
  ring: 'rings',
  crank: 'crank',
  frontDerailleur: 'front derailleur',
};

/** "ring, cassette and chain"; a kind that is bought twice is counted. */
export function partsText(parts: readonly PartKind[]): string {
  const names = [...new Set(parts)].map((part) => {
    const count = parts.filter((one) => one === part).length;
    return count > 1 ? `${count} ${PART_NAME[part]}s` : PART_NAME[part];
  });
  return names.length === 0 ? 'nothing' : joined(names);
}

function joined(names: readonly string[]): string {
  if (names.length < 2) return names.join('');
  return `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

const minutes = (seconds: number) => `${fixed(seconds / 60, 1)} min`;
const signed = (value: number, unit: string) => `${value > 0 ? '+' : ''}${fixed(value, 0)} ${unit}`;

/** The value of an aim as a person reads it. */
export function aimText(aim: FindAim, value: number, speedUnit: SpeedUnit): string {
  switch (aim) {
    case 'largestStep':
    case 'meanStep':
    case 'holes':
      return percentText(value);
    case 'frontShifts':
    case 'doubleShifts':
    case 'newParts':
      return String(value);
    case 'cost':
      return short(value, 0);
    case 'mass':
      return signed(value, 'g');
    case 'outOfBand':
      return minutes(value);
    case 'easiest':
      return `${fixed(value, 2)} m`;
    case 'topSpeed':
      return speedText(speedUnit, -value);
    case 'capacity':
      return `${value}T`;
  }
}

/** "largest step 11.8 %", "2 parts to buy", "no front shifts". */
export function aimPhrase(aim: FindAim, value: number, speedUnit: SpeedUnit): string {
  switch (aim) {
    case 'frontShifts':
    case 'doubleShifts': {
      const name = aim === 'frontShifts' ? 'front shift' : 'double shift';
      return value === 0 ? `no ${name}s` : `${value} ${name}${value === 1 ? '' : 's'}`;
    }
    case 'newParts':
      return value === 0 ? 'nothing to buy' : `${value} ${value === 1 ? 'part' : 'parts'} to buy`;
    case 'holes':
      return value === 0 ? 'no holes' : `holes ${percentText(value)}`;
    default:
      return `${AIM_NAME[aim]} ${aimText(aim, value, speedUnit)}`;
  }
}

/** How the best of an aim is called. */
const BEST: Readonly<Record<FindAim, string>> = {
  largestStep: 'Smallest largest step',
  meanStep: 'Finest steps on the whole',
  holes: 'Fewest holes',
  frontShifts: 'Fewest front shifts',
  doubleShifts: 'Fewest double shifts',
  newParts: 'Fewest parts to buy',
  cost: 'Cheapest',
  mass: 'Lightest',
  outOfBand: 'Least time out of the band',
  easiest: 'Easiest gear of all',
  topSpeed: 'Fastest',
  capacity: 'Least capacity asked for',
};

/** One line for why a setup is among those that none beats. */
export function whyText(reason: Reason, found: Found, aims: readonly FindAim[], speedUnit: SpeedUnit): string {
  if (!reason.givesUp) return 'Best in every one of these aims';
  const { bestIn, among, sharedBy } = reason;
  const value = (aim: FindAim) => found.values[aims.indexOf(aim)]!;
  if (bestIn === undefined) return 'A balance: none is as good in all of these';
  const figure = aimText(bestIn, value(bestIn), speedUnit);
  const shared = sharedBy > 1 ? `, with ${sharedBy - 1} ${sharedBy === 2 ? 'other' : 'others'}` : '';
  if (among === undefined) return `${BEST[bestIn]}: ${figure}${shared}`;
  return `${BEST[bestIn]} (${figure}) among those with ${boundPhrase(among, value(among), speedUnit)}${shared}`;
}

/** "at most 2 parts to buy", "at least 45 km/h". */
function boundPhrase(aim: FindAim, value: number, speedUnit: SpeedUnit): string {
  if (aim === 'topSpeed') return `${aimText(aim, value, speedUnit)} or more`;
  if (value === 0) return aimPhrase(aim, value, speedUnit);
  return `${aimPhrase(aim, value, speedUnit)} or less`;
}

/** One line for what it gives up. */
export function givesUpText({ givesUp }: Reason, speedUnit: SpeedUnit): string {
  if (!givesUp) return 'Gives up nothing for it';
  const { aim, value, best, bestValue } = givesUp;
  return `Gives up: ${aimPhrase(aim, value, speedUnit)}, where ${setupName(best)} has ${aimText(aim, bestValue, speedUnit)}`;
}

/** What a need of the brief asks of a setup, with its figure. */
export function askText(ask: BriefAsk, brief: FilledBrief, needs: Needs, speedUnit: SpeedUnit): string {
  switch (ask) {
    case 'easiest':
      return `have an easiest gear of ${fixed(needs.easiestMaxM, 2)} m or less`;
    case 'topSpeed':
      return `reach ${speedText(speedUnit, brief.topSpeedKmh)} at ${short(brief.highRpm, 1)} rpm`;
    default: {
      const zone = ask.slice('step.'.length) as Zone;
      return `step ${percentText(stepTolerance(brief, zone))} at most, ${ZONE_TEXT[zone]}`;
    }
  }
}

/** What stands against a setup, with its figure and the one that is asked for. */
export function missText(
  { facts, missed }: Miss,
  settings: FilledFind,
  brief: FilledBrief,
  needs: Needs,
  speedUnit: SpeedUnit,
): string {
  const { metrics, build, cost, massChangeG } = facts;
  const step = (zone: Zone) =>
    `step ${ZONE_TEXT[zone]} ${percentText(metrics.zoneSteps[zone])}, ${percentText(stepTolerance(brief, zone))} allowed`;
  const texts: Readonly<Record<FindNeed, () => string>> = {
    easiest: () =>
      `easiest gear ${fixed(metrics.easiestDevelopmentM, 2)} m, ${fixed(needs.easiestMaxM, 2)} m asked for`,
    topSpeed: () =>
      `top speed ${speedText(speedUnit, metrics.topSpeedKmh)}, ${speedText(speedUnit, brief.topSpeedKmh)} asked for`,
    keep: () => `cannot keep the ${joined([...new Set(build.breaches)].map((part) => PART_NAME[part]))}`,
    cost: () => `costs ${short(cost, 0)}, ${short(settings.costMax ?? 0, 0)} allowed`,
    mass: () => `weight ${signed(massChangeG, 'g')}, ${signed(settings.massChangeMaxG ?? 0, 'g')} asked for`,
    fit: () =>
      build.capacityOverT > 0
        ? `does not go together: ${build.capacityRequiredT}T of capacity, ${build.capacityOverT}T over the sheet`
        : KIND_TEXT[build.kind],
    largestStep: () => `largest step ${percentText(metrics.largestStep)}`,
    'step.climbing': () => step('climbing'),
    'step.between': () => step('between'),
    'step.fast': () => step('fast'),
  };
  return missed.map(({ need }) => texts[need]()).join('; ');
}

/** What a search is doing with the setups that it counts. */
export const PHASE_TEXT: Readonly<Record<FindProgress['phase'], string>> = {
  sieving: 'By the needs:',
  weighing: 'Against each other:',
  riding: 'On the road:',
};

const NEED_NAME: Readonly<Record<FindNeed, string>> = {
  easiest: 'easy enough',
  topSpeed: 'fast enough',
  keep: 'with the parts you keep',
  cost: 'within the budget',
  mass: 'light enough',
  fit: 'that go together',
  largestStep: 'with small enough steps',
  'step.climbing': 'with fine enough steps climbing',
  'step.between': 'with fine enough steps in between',
  'step.fast': 'with fine enough steps when fast',
};

const count = (value: number) => value.toLocaleString('en').replace(/,/g, '\u202f');

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

export function headline({ searched, met, front }: FindResult): string {
  if (met === 0) return `None of ${count(searched)} setups meets the brief`;
  const setups = `${count(met)} of ${count(searched)} setups ${met === 1 ? 'meets' : 'meet'} the brief`;
  if (met === 1) return setups;
  if (front.length === met) return `${setups}; none of them beats another`;
  return front.length === 1
    ? `${setups}; one beats all the rest`
    : `${setups}; none beats these ${count(front.length)}`;
}

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
      ? `${setupName(tries.least)}; buys ${partsText(tries.least.build.newParts)}.`
      : tries.closest
        ? `None of ${tries.tried} does. Closest: ${setupName(tries.closest.facts)}: ${told(tries.closest)}.`
        : `There is no other ${one} to try.`,
  });
  if (!presentMiss) {
    return [{ what: 'Nothing', found: undefined, text: `${setupName(present)} meets the brief as it is.` }];
  }
  return [
    { what: 'As it is', found: undefined, text: `${setupName(present)}: ${told(presentMiss)}.` },
    change('Another ring only', ring, 'ring'),
    change('Another cassette only', cassette, 'cassette'),
  ];
}

const LAYOUT_NAME = { '1x': 'one ring', '2x': 'two rings' } as const;

/** "One ring or two?", with what would tip it. */
export function layoutSentences(
  advice: LayoutAdvice,
  aims: readonly FindAim[],
  speedUnit: SpeedUnit,
  told: (miss: Miss) => string,
): { readonly verdict: string; readonly tips: readonly string[] } {
  const { kind, layout, sides, speaks } = advice;
  switch (kind) {
    case 'notSearched':
      return { verdict: 'Only one of them was searched: search both for an answer.', tips: [] };
    case 'neither':
      return {
        verdict: 'Neither meets the brief.',
        tips: (['1x', '2x'] as const).flatMap((one) => {
          const { closest } = sides[one];
          return closest
            ? [`${upper(LAYOUT_NAME[one])} would do if you let go of: ${told(closest)} (${setupName(closest.facts)}).`]
            : [];
        }),
      };
    case 'only': {
      const other = layout === '1x' ? '2x' : '1x';
      const { closest } = sides[other];
      return {
        verdict: `${upper(LAYOUT_NAME[layout!])}: nothing else meets the brief.`,
        tips: closest
          ? [`${upper(LAYOUT_NAME[other])} would do if you let go of: ${told(closest)} (${setupName(closest.facts)}).`]
          : [],
      };
    }
    case 'both': {
      const tip = ({ aim, layout: better }: (typeof speaks)[number]) => {
        const at = aims.indexOf(aim);
        const worse = better === '1x' ? '2x' : '1x';
        const [own, other] = [sides[better].best!.values[at]!, sides[worse].best!.values[at]!];
        return `${upper(AIM_NAME[aim])} speaks for ${LAYOUT_NAME[better]}: ${aimText(aim, own, speedUnit)} against ${aimText(aim, other, speedUnit)}.`;
      };
      return {
        verdict: layout
          ? `Both meet the brief. Your first aim in which they differ, ${AIM_NAME[speaks[0]!.aim]}, speaks for ${LAYOUT_NAME[layout]}.`
          : 'Both meet the brief, and are alike in every aim.',
        tips: speaks.map(tip),
      };
    }
  }
}

const upper = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

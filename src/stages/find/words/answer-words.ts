import type { FilledBrief, Needs } from '../../../core/brief';
import { stepTolerance } from '../../../core/compare';
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
  type LayoutAdvice,
  type LeastChange,
  type Miss,
} from '../../../core/find';
import type { Zone } from '../../../core/gears';
import { fixed, percentText, short, speedText, type SpeedUnit } from '../../../kit/format';
import { ZONE_TEXT } from '../../../kit/words';
import { AIM_NAME, aimText, signed } from './aim-words';
import { KIND_TEXT, PART_NAME, joined, partsText, setupName } from './part-words';

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

import type { FilledBrief, Needs, UsedGears } from '../../core/needs';
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
import { fixed, percentText, short } from '../../ui/format';
import { SPEED_UNIT_TEXT, speedIn, speedText } from '../units/speed';
import {
  moneyText,
  gearSizeDigits,
  gearSizeIn,
  gearSizeText,
  gearSizeUnit,
  massChangeText,
  type Units,
} from '../units/measures';
import { USE_TEXT, ZONE_TEXT } from '../rider/words';
import { AIM_NAME, aimText } from './aim-words';
import { KIND_TEXT, PART_NAME, partsText, setupName } from './part-words';
import { t } from './text';
import { itemAt, definite } from '../../core/items';

/** A need as text, with its figure. */
export function askText(ask: BriefAsk, brief: FilledBrief, needs: Needs, units: Units): string {
  switch (ask) {
    case 'easiest':
      return t('answerWords.askText.easiest', { easiestMaxM: gearSizeText(units, needs.easiestMaxM) });
    case 'lowestRatio':
      return t('answerWords.askText.lowestRatio', { lowestRatio: short(brief.lowestRatio ?? 0, 3) });
    case 'topSpeed':
      return t('answerWords.askText.topSpeed', {
        speedUnit: speedText(units.speedUnit, brief.topSpeedKmh),
        highRpm: short(brief.highRpm, 1),
      });
    default: {
      const zone = ask.slice('step.'.length) as Zone;
      return t('answerWords.askText.haveStepsOfOrLess', {
        brief: percentText(stepTolerance(brief, zone)),
        zone: ZONE_TEXT[zone],
      });
    }
  }
}

/** Why a setup misses a need: its figure and the required one. */
export function missText(
  { facts, missed }: Miss,
  settings: FilledFind,
  brief: FilledBrief,
  needs: Needs,
  units: Units,
): string {
  const { metrics, build } = facts;
  const step = (zone: Zone) =>
    t('answerWords.missText.step.stepAllowed', {
      zone: ZONE_TEXT[zone],
      zone2: percentText(metrics.zoneSteps[zone]),
      brief: percentText(stepTolerance(brief, zone)),
    });
  const texts: Readonly<Record<FindNeed, () => string>> = {
    easiest: () => {
      const [own, needed] = apart(
        gearSizeIn(units, metrics.easiestDevelopmentM),
        gearSizeIn(units, needs.easiestMaxM),
        gearSizeDigits(units),
      );
      const unit = gearSizeUnit(units);
      return t('answerWords.missText.easiest.easiestGearNeeded', { own, unit, needed });
    },
    lowestRatio: () => {
      const [own, needed] = apart(metrics.easiestRatio, brief.lowestRatio ?? 0, 2);
      return t('answerWords.missText.lowestRatio.easiestRatioNeeded', { own, needed });
    },
    topSpeed: () => {
      const [own, needed] = apart(
        speedIn(units.speedUnit, metrics.topSpeedKmh),
        speedIn(units.speedUnit, brief.topSpeedKmh),
        1,
      );
      return t('answerWords.missText.topSpeed.topSpeedNeeded', {
        own,
        needed,
        speedUnitText: SPEED_UNIT_TEXT[units.speedUnit],
      });
    },
    keep: () =>
      t('answerWords.missText.keep.cannotKeepThe', {
        value: listed([...new Set(build.breaches)].map((part) => PART_NAME[part])),
      }),
    cost: () =>
      t('answerWords.missText.cost.costsAllowed', {
        cost: moneyText(units, build.cost),
        costMax: moneyText(units, settings.costMax ?? 0),
      }),
    mass: () =>
      t('answerWords.missText.mass.weightAllowed', {
        massChangeG: massChangeText(units, build.massChangeG),
        massChangeMaxG: massChangeText(units, settings.massChangeMaxG ?? 0),
      }),
    fit: () =>
      build.capacityOverT > 0
        ? t('answerWords.missText.fit.notCompatibleTOfCapacity', {
            capacityRequiredT: build.capacityRequiredT,
            capacityOverT: build.capacityOverT,
          })
        : KIND_TEXT[build.kind],
    largestStep: () =>
      t('answerWords.missText.largestStep.largestStep', { largestStep: percentText(metrics.largestStep) }),
    'step.climbing': () => step('climbing'),
    'step.between': () => step('between'),
    'step.fast': () => step('fast'),
  };
  return missed.map(({ need }) => texts[need]()).join('; ');
}

/** Digits after the point at most: beyond, two figures are the same to anybody. */
const DIGITS_MAX = 4;

/** Two figures with enough digits to differ. */
function apart(own: number, needed: number, digits: number): readonly [own: string, needed: string] {
  const texts = [fixed(own, digits), fixed(needed, digits)] as const;
  return texts[0] === texts[1] && digits < DIGITS_MAX ? apart(own, needed, digits + 1) : texts;
}

/** The best there is where nothing meets the needs, and what it lacks. */
export function bestThereIs(miss: Miss, response: (miss: Miss) => string): string {
  const name = setupName(miss.facts);
  return miss.justAbout
    ? t('answerWords.bestThereIs.justAboutMeetsYourNeeds', { name, miss: response(miss) })
    : t('answerWords.bestThereIs.noSetupMeetsAllYour', { name, miss: response(miss) });
}

/** What a search is doing with the setups that it counts. */
export const PHASE_TEXT: Readonly<Record<FindProgress['phase'], string>> = {
  sieving: t('answerWords.phaseText.sieving'),
  weighing: t('answerWords.phaseText.weighing'),
  riding: t('answerWords.phaseText.riding'),
};

const NEED_NAME: Readonly<Record<FindNeed, string>> = {
  easiest: t('answerWords.needName.easiest'),
  lowestRatio: t('answerWords.needName.lowestRatio'),
  topSpeed: t('answerWords.needName.topSpeed'),
  keep: t('answerWords.needName.keep'),
  cost: t('answerWords.needName.cost'),
  mass: t('answerWords.needName.mass'),
  fit: t('answerWords.needName.fit'),
  largestStep: t('answerWords.needName.largestStep'),
  'step.climbing': t('answerWords.needName.stepClimbing'),
  'step.between': t('answerWords.needName.stepBetween'),
  'step.fast': t('answerWords.needName.stepFast'),
};

const count = (value: number) => value.toLocaleString();

/** How many are left after each need: "18 377 searched → 9 120 easy enough → …". Needs at which none fell are left out. */
export function funnelText({ searched, fellAt }: FindResult): string {
  let left = searched;
  const parts = [t('answerWords.funnelText.searched', { searched: count(searched) })];
  for (const need of FIND_NEEDS) {
    if (fellAt[need] === 0) continue;
    left -= fellAt[need];
    parts.push(`${count(left)} ${NEED_NAME[need]}`);
  }
  return parts.join(' → ');
}

/** How many meet the needs, and how many of them are worth choosing between. @param rows answers, equal ones as one */
export function headline({ searched, met }: FindResult, rows: number): string {
  const setups = t('answerWords.headline.ofSetupsMet21YourNeeds', {
    met: count(met),
    searched: count(searched),
    met2: met,
  });
  if (met === 1) return setups;
  return rows === 1
    ? t('answerWords.headline.oneIsBetterThanAll', { setups })
    : t('answerWords.headline.theseAreTheBest', { setups, rows: count(rows) });
}

/** How many of those that meet the needs are known to be compatible; empty where all are. */
export function compatibleText({ met, compatible }: FindResult): string {
  if (met === 0 || compatible === met) return '';
  const why = t('answerWords.compatibleText.theLargestCogAndCapacity');
  return compatible === 0
    ? t('answerWords.compatibleText.allMayBeCompatible', { why })
    : t('answerWords.compatibleText.areKnownToBeCompatible', { compatible: count(compatible), why });
}

/** Needs that can be required; a lowest ratio only where the rider has one. */
export const asksOf = (asks: readonly BriefAsk[], { lowestRatio }: FilledBrief): readonly BriefAsk[] =>
  asks.filter((ask) => ask !== 'lowestRatio' || lowestRatio !== undefined);

/** What keeps setups out, and how many more there would be without it. */
interface RequirementCost {
  readonly need: FindNeed;
  readonly text: string;
  /** Setups that meet everything else. */
  readonly setups: number;
}

/** Each requirement with the number of setups that it alone rules out, the most costly first. */
export function requirementCosts(
  { onlyMissed, fellAt }: FindResult,
  { asks, costMax, massChangeMaxG, keep }: FilledFind,
  brief: FilledBrief,
  needs: Needs,
  units: Units,
): readonly RequirementCost[] {
  const texts: readonly (readonly [FindNeed, string | undefined])[] = [
    ...asksOf(asks, brief).map((ask) => [ask, askText(ask, brief, needs, units)] as const),
    [
      'keep',
      keep.length > 0
        ? t('answerWords.requirementCosts.keepThe', { keep: listed(keep.map((part) => PART_NAME[part])) })
        : undefined,
    ],
    [
      'cost',
      costMax === undefined
        ? undefined
        : t('answerWords.requirementCosts.costOrLess', { costMax: moneyText(units, costMax) }),
    ],
    [
      'mass',
      massChangeMaxG === undefined
        ? undefined
        : t('answerWords.requirementCosts.weighAtMostComparedWith', {
            massChangeMaxG: massChangeText(units, massChangeMaxG),
          }),
    ],
    ['fit', fellAt.fit > 0 ? t('answerWords.requirementCosts.beCompatible') : undefined],
  ];
  return texts
    .flatMap(([need, text]) => (text === undefined ? [] : [{ need, text, setups: onlyMissed[need] }]))
    .sort((a, b) => b.setups - a.setups);
}

/** Returns how many more setups there would be without a requirement, as text. */
export const costText = ({ setups }: RequirementCost): string =>
  setups === 0
    ? t('answerWords.costText.rulesOutNoneByItself')
    : t('answerWords.costText.rulesOutSetupsThatMeet', { setups: count(setups) });

/** What the setup fitted now would need changed least, in sentences. */
export function leastSentences(
  least: LeastChange,
  response: (miss: Miss) => string,
): readonly { readonly what: string; readonly text: string; readonly found: FoundFacts | undefined }[] {
  const { present, presentMiss, ring, cassette } = least;
  const change = (what: string, tries: Change, one: string) => ({
    what,
    found: tries.least,
    text: tries.least
      ? t('answerWords.leastSentences.change.text.partsToBuy', {
          least: setupName(tries.least),
          buy: partsText(tries.least.build.buy),
        })
      : tries.closest
        ? t('answerWords.leastSentences.change.text.noneOfIsEnoughClosest', {
            tried: tries.tried,
            facts: setupName(tries.closest.facts),
            closest: response(tries.closest),
          })
        : t('answerWords.leastSentences.change.text.thereIsNoInThe', { one }),
  });
  if (!presentMiss) {
    return [
      {
        what: t('answerWords.leastSentences.what'),
        found: undefined,
        text: t('answerWords.leastSentences.text', { present: setupName(present) }),
      },
    ];
  }
  return [
    {
      what: t('answerWords.leastSentences.whatWords.asItIs2'),
      found: undefined,
      text: t('answerWords.leastSentences.asItIs', { setup: setupName(present), misses: response(presentMiss) }),
    },
    change(t('answerWords.leastSentences.chainringOnly'), ring, t('answerWords.leastSentences.ring')),
    change(t('answerWords.leastSentences.cassetteOnly'), cassette, t('answerWords.leastSentences.cassette')),
  ];
}

const otherLayout = (layout: Layout): Layout => (layout === '1x' ? '2x' : '1x');

/** "1x or 2x?" answered, with what would change the answer. */
export interface LayoutAnswer {
  readonly verdict: string;
  readonly tips: readonly string[];
}

/** Returns the answer to 1x or 2x: which meets the needs, the best of each, and what would change it. */
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
  response: (miss: Miss) => string,
): LayoutAnswer {
  const answer = layoutAnswer(advice, { aims, brief, frontRoom }, units, response);
  const rare = used && [
    ...used.rareRings.map((teeth) => t('answerWords.layoutSentences.tRing', { teeth })),
    ...used.rareCogs.map((teeth) => t('answerWords.layoutSentences.tCog', { teeth })),
  ];
  if (!rare || rare.length === 0) return answer;
  return {
    ...answer,
    tips: [...answer.tips, t('answerWords.layoutSentences.tips.youRarelyUseYourA', { rare: listed(rare) })],
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
  response: (miss: Miss) => string,
): LayoutAnswer {
  const { kind, layout, sides, speaks } = advice;
  const missed = (one: Layout): string[] => {
    const { closest } = sides[one];
    if (!closest) return [];
    return [
      t('answerWords.layoutAnswer.missed', {
        layout: one,
        setup: setupName(closest.facts),
        justAbout: closest.justAbout ? 'yes' : 'no',
        misses: response(closest),
      }),
    ];
  };
  switch (kind) {
    case 'notSearched': {
      const [one] = advice.searched;
      const best = one && sides[one].best;
      if (frontRoom.room === 'no') {
        const why = t('answerWords.layoutAnswer.notSearched.thisFrameTakesNoFront', {
          assumed: frontRoom.assumed ? 'yes' : 'no',
          useText: frontRoom.assumed ? USE_TEXT[brief.use] : '',
        });
        const verdict = best
          ? t('answerWords.layoutAnswer.notSearched.1xBest', { why, best: setupName(best) })
          : t('answerWords.layoutAnswer.notSearched.1xThoughNo1xMeetsAll', { why });
        return {
          verdict,
          tips: [
            ...(one && !best ? missed(one) : []),
            t('answerWords.layoutAnswer.notSearched.tips.onAFrameThatTakes'),
          ],
        };
      }
      return { verdict: t('answerWords.layoutAnswer.notSearched.verdict', { one: definite(one) }), tips: [] };
    }
    case 'neither':
      return { verdict: t('answerWords.layoutAnswer.neither.verdict'), tips: [...missed('1x'), ...missed('2x')] };
    case 'only': {
      const other = otherLayout(definite(layout));
      return {
        verdict: t('answerWords.layoutAnswer.only.verdict', {
          layout: definite(layout),
          best: setupName(definite(sides[definite(layout)].best)),
          other,
        }),
        tips: missed(other),
      };
    }
    case 'both': {
      const best = (one: Layout) => setupName(definite(sides[one].best));
      const tip = ({ aim, layout: better }: (typeof speaks)[number]) => {
        const at = aims.indexOf(aim);
        const value = (one: Layout) => aimText(aim, itemAt(definite(sides[one].best).values, at), units);
        return t('answerWords.layoutAnswer.both.tip.betterWithAgainst', {
          aim: upper(AIM_NAME[aim]),
          better,
          better2: value(better),
          better3: value(otherLayout(better)),
        });
      };
      const first = speaks[0];
      if (!first || !layout) {
        const verdict = t('answerWords.layoutAnswer.both.bothMeetYourNeedsEqual', {
          best: best('1x'),
          best2: best('2x'),
        });
        return { verdict, tips: [] };
      }
      const other = otherLayout(layout);
      return {
        verdict: t('answerWords.layoutAnswer.both.verdict', {
          layout,
          aimName: AIM_NAME[first.aim],
          layout2: best(layout),
          other,
          other2: best(other),
        }),
        tips: speaks.map(tip),
      };
    }
  }
}

const upper = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

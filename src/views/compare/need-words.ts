import { totalMassKg, type Bother, type FilledBrief, type Needs } from '../../core/needs';
import type { NeedAnswer } from '../../core/compare';
import type { Retention } from '../../core/fit';
import { gearName } from '../../features/explanations/gears';
import { fixed, percentText, short } from '../../ui/format';
import { speedIn, speedText, SPEED_UNIT_TEXT } from '../../features/units/speed';
import { bodyMassText, partMassText, type Units } from '../../features/units/measures';
import { ZONE_TEXT } from '../../features/rider/words';
import { listed } from '../../messages/job';
import { textOf } from '../../messages/core';
import { t } from './text';
import { definite } from '../../core/items';

/** A need as text. */
export function needTitle(answer: NeedAnswer, brief: FilledBrief, units: Units, needs: Needs): string {
  switch (answer.id) {
    case 'climb':
      return t('needWords.needTitle.climb', {
        climbingRpm: short(brief.climbingRpm, 1),
        steepestGradePercent: short(brief.steepestGradePercent, 1),
        brief: bodyMassText(units, totalMassKg(brief), 0),
        climbPowerW: short(needs.climbPowerW, 0),
        walks: needs.walks ? 'yes' : 'no',
      });
    case 'lowestRatio':
      return t('needWords.needTitle.lowestRatio', { neededRatio: short(answer.neededRatio, 3) });
    case 'topSpeed':
      return t('needWords.needTitle.topSpeed', {
        speedUnit: short(speedIn(units.speedUnit, brief.topSpeedKmh), 1),
        speedUnitText: SPEED_UNIT_TEXT[units.speedUnit],
        highRpm: short(brief.highRpm, 1),
      });
    case 'steps.climbing':
    case 'steps.between':
    case 'steps.fast':
      return t('needWords.needTitle.stepsFast', {
        toleranceFraction: percentText(answer.toleranceFraction),
        zoneText: ZONE_TEXT[answer.zone],
      });
    case 'gaps':
      return t('needWords.needTitle.gaps', { lowRpm: short(brief.lowRpm, 1), highRpm: short(brief.highRpm, 1) });
    case 'cruising':
      return t('needWords.needTitle.cruising', {
        speedUnit: short(speedIn(units.speedUnit, brief.cruisingSpeedKmh), 1),
        speedUnitText: SPEED_UNIT_TEXT[units.speedUnit],
      });
    case 'frontShifting':
      return t('needWords.needTitle.frontShifting');
    case 'chainSecurity':
      return t('needWords.needTitle.chainSecurity');
    case 'quiet':
      return t('needWords.needTitle.quiet');
    case 'weight':
      return t('needWords.needTitle.weight');
    case 'limits':
      return t('needWords.needTitle.limits');
  }
}

/** Share of the riding, percent, that a need concerns; undefined where the terrain does not tell. */
export function needShare({ id }: NeedAnswer, brief: FilledBrief): number | undefined {
  return id === 'cruising' ? brief.flatPercent + brief.rollingPercent : undefined;
}

const ANSWERS: Readonly<Record<Bother, NeedAnswer['id']>> = {
  tooHardUphill: 'climb',
  spinsOut: 'topSpeed',
  gaps: 'gaps',
  frontShifting: 'frontShifting',
  droppedChain: 'chainSecurity',
  noise: 'quiet',
  weight: 'weight',
};

/** What bothers the rider today that this need would answer. */
export function botherOf({ id }: NeedAnswer, { bothers }: FilledBrief): Bother | undefined {
  return bothers.find((bother) => ANSWERS[bother] === id);
}

/** The figure that decides, and what would change the answer where it is no. */
export function needFigure(answer: NeedAnswer, units: Units): { figure: string; remedy: string } {
  const none = { remedy: '' };
  switch (answer.id) {
    case 'climb':
      return {
        figure: `${fixed(answer.climbRpm, 1)} rpm`,
        remedy: answer.met
          ? ''
          : either(
              answer.remedy,
              t('needWords.needFigure.climb.remedy.ring'),
              t('needWords.needFigure.climb.remedy.cog'),
            ),
      };
    case 'lowestRatio':
      return {
        figure: fixed(answer.ratio, 3),
        remedy: answer.met ? '' : t('needWords.needFigure.lowestRatio.remedy.aSmallerRingOrA'),
      };
    case 'topSpeed':
      return {
        figure: speedText(units.speedUnit, answer.topKmh),
        remedy: answer.met
          ? ''
          : either(
              answer.remedy,
              t('needWords.needFigure.topSpeed.remedy.ring'),
              t('needWords.needFigure.topSpeed.remedy.cog'),
            ),
      };
    case 'steps.climbing':
    case 'steps.between':
    case 'steps.fast': {
      if (!answer.largest) return { figure: t('needWords.needFigure.stepsFast.figure'), ...none };
      const { from, to, speedStep } = answer.largest;
      return {
        figure: t('needWords.needFigure.stepsFast.figureWords.at2', {
          speedStep: percentText(speedStep),
          from: gearName(from),
          cog: to.cog,
        }),
        remedy: answer.met
          ? ''
          : answer.remedy.cogT === undefined
            ? t('needWords.needFigure.stepsFast.remedy.aCloserCassette')
            : t('needWords.needFigure.stepsFast.remedy.aTCogInBetween', { cogT: answer.remedy.cogT }),
      };
    }
    case 'gaps': {
      if (!answer.widest) return { figure: t('needWords.needFigure.gaps.figure'), ...none };
      const { fromKmh, toKmh } = answer.widest;
      return {
        figure: t('needWords.needFigure.gaps.figureWords.count1Widest2', {
          count: answer.count,
          speedUnit: fixed(speedIn(units.speedUnit, fromKmh), 1),
          speedUnit2: fixed(speedIn(units.speedUnit, toKmh), 1),
        }),
        remedy: t('needWords.needFigure.gaps.remedy', { highRpm: fixed(definite(answer.remedy.highRpm), 0) }),
      };
    }
    case 'cruising':
      return {
        figure: t('needWords.needFigure.cruising.figure', {
          cadenceRpm: fixed(answer.cadenceRpm, 0),
          ring: answer.ring,
          cog: answer.cog,
          crossChained: answer.crossChained ? 'yes' : 'no',
        }),
        ...none,
      };
    case 'frontShifting':
      return {
        figure:
          answer.frontShifts === 0
            ? t('needWords.needFigure.frontShifting.figure.none')
            : answer.control === 'lever'
              ? t('needWords.needFigure.frontShifting.figure.throughTheRangeDoubleDouble', {
                  frontShifts: answer.frontShifts,
                  doubleShifts: answer.doubleShifts,
                })
              : t('needWords.needFigure.frontShifting.figure.throughTheRangeMadeBy', {
                  frontShifts: answer.frontShifts,
                }),
        remedy: answer.met ? '' : '1x',
      };
    case 'chainSecurity':
      return securityFigure(answer);
    case 'quiet':
      return {
        figure: t('needWords.needFigure.quiet.figure', {
          ring: answer.ring,
          cog: answer.cog,
          cogsFromEnd: answer.cogsFromEnd,
        }),
        remedy: answer.met ? '' : t('needWords.needFigure.quiet.remedy.aDifferentChainringSize'),
      };
    case 'weight':
      if (answer.changeG === undefined)
        return { figure: t('needWords.needFigure.weight.figure'), remedy: t('needWords.needFigure.weight.remedy') };
      return {
        figure: t('needWords.needFigure.weight.figureWords.changeG22', {
          massG: partMassText(units, definite(answer.massG)),
          changeG: partMassText(units, Math.abs(answer.changeG)),
          changeG2: answer.changeG > 0 ? 'yes' : 'no',
        }),
        ...none,
      };
    case 'limits':
      return {
        figure: textOf(answer.message).replace(/\.$/, ''),
        remedy: answer.fixes[0] ? textOf(answer.fixes[0]) : '',
      };
  }
}

function securityFigure({ met, chainrings, retention }: Extract<NeedAnswer, { readonly id: 'chainSecurity' }>): {
  figure: string;
  remedy: string;
} {
  if (chainrings > 1) return { figure: t('needWords.securityFigure.figure'), remedy: '' };
  const held = listed(retention?.map((one: Retention) => RETENTION_TEXT[one]) ?? []);
  if (met) return { figure: t('needWords.securityFigure.figureWords.heldBy2', { held }), remedy: '' };
  return {
    figure:
      held ||
      (retention
        ? t('needWords.securityFigure.figureWords.noChainRetention2')
        : t('needWords.securityFigure.figureWords.chainRetentionUnknown2')),
    remedy: t('needWords.securityFigure.remedy'),
  };
}

const RETENTION_TEXT: Readonly<Record<Retention, string>> = {
  narrowWide: t('needWords.retentionText.narrowWide'),
  clutch: t('needWords.retentionText.clutch'),
  guide: t('needWords.retentionText.guide'),
};

function either({ ringT, cogT }: { ringT: number | undefined; cogT: number | undefined }, ring: string, cog: string) {
  if (ringT !== undefined && cogT !== undefined) return t('needWords.either.both', { ringT, ring, cogT, cog });
  if (ringT !== undefined) return t('needWords.either.one', { teeth: ringT, part: ring });
  if (cogT !== undefined) return t('needWords.either.one', { teeth: cogT, part: cog });
  return t('needWords.either.aDifferentChainringAndCassette');
}

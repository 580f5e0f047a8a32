import type { FilledBrief } from '../../core/needs';
import { speedsRidden, type RowId, type SetupFigures } from '../../core/compare';
import { CHAIN_FRICTION, LOSS_SPREAD, hubLoss } from '../../core/fit';
import type { Zone } from '../../core/gears';
import { percent } from '../../core/units';
import { allDigits, fixed, percentText, short } from '../../ui/format';
import { SPEED_UNIT_TEXT, speedIn, speedText, type SpeedUnit } from '../units/speed';
import { ZONE_TEXT } from '../rider/words';
import type { Explanation } from './explanation';
import { explainCheck } from './fit';
import { explainDistinct, explainMeanStep, explainRange, explainRatio, explainStep, gearName, stepText } from './gears';
import { t } from './text';
import { firstOf, lastOf } from '../../core/items';

const COMPARED = t('compare.compared.workedOutTheSameWay');

/** How a figure of the comparison was worked out; undefined where it is as typed, or not known. */
export function explainFigure(
  id: RowId,
  figures: SetupFigures,
  brief: FilledBrief,
  unit: SpeedUnit,
): Explanation | undefined {
  const { report, coverage, candidate, capacity } = figures;
  const easiest = firstOf(report.gears);
  const hardest = lastOf(report.gears);
  const speedAt = (what: string, gear: typeof easiest, rpm: number, kmh: number): Explanation => ({
    title: `${what} ${speedText(unit, kmh)}`,
    formula: t('compare.explainFigure.speedAt.formula'),
    worked: [
      `${gearName(gear)}: ${fixed(gear.developmentM, 3)} m × ${short(rpm, 1)} × 60 ÷ 1000 = ${fixed(kmh, 1)} km/h`,
    ],
    source: t('compare.explainFigure.speedAt.source'),
  });
  switch (id) {
    case 'easiest':
      return explainRatio(easiest);
    case 'hardest':
      return explainRatio(hardest);
    case 'range':
      return explainRange(report);
    case 'topSpeed':
      return speedAt(t('compare.explainFigure.topSpeed.topSpeed'), hardest, brief.highRpm, coverage.topKmh);
    case 'spinOut':
      return speedAt(t('compare.explainFigure.spinOut.spinOutSpeed'), hardest, brief.spinOutRpm, figures.spinOutKmh);
    case 'lowestSteady':
      return speedAt(
        t('compare.explainFigure.lowestSteady.slowestSpeed'),
        easiest,
        brief.lowRpm,
        coverage.lowestSteadyKmh,
      );
    case 'gaps':
      return {
        title: t('compare.explainFigure.gaps.title', {
          gapsCount: coverage.gaps.length,
          lowRpm: allDigits(brief.lowRpm),
          highRpm: allDigits(brief.highRpm),
        }),
        formula: t('compare.explainFigure.gaps.formula'),
        worked:
          coverage.gaps.length === 0
            ? [t('compare.explainFigure.gaps.worked.theSpeedRangeOfEach')]
            : coverage.gaps.map(({ below, above, fromKmh, toKmh }) =>
                t('compare.explainFigure.gaps.worked.endsAtBeginsAt', {
                  below: gearName(below),
                  fromKmh: speedText(unit, fromKmh),
                  above: gearName(above),
                  toKmh: speedText(unit, toKmh),
                }),
              ),
        source: COMPARED,
        note: t('compare.explainFigure.gaps.note'),
      };
    case 'distinct': {
      const riding = {
        rolloutMm: candidate.rolloutMm,
        cadenceRpm: brief.preferredRpm,
        crankLengthMm: candidate.crankLengthMm,
        closenessPercent: report.closenessPercent,
      };
      return explainDistinct(report, { riding, wheel: { rolloutMm: candidate.rolloutMm }, speedUnit: unit });
    }
    case 'pathGears':
      return {
        title: t('compare.explainFigure.pathGears.title', { gearsCount: report.path.gears.length }),
        formula: t('compare.explainFigure.pathGears.formula'),
        worked: [report.path.gears.map(gearName).join(', ')],
        source: t('compare.explainFigure.pathGears.source'),
      };
    case 'frontShifts':
    case 'hubShifts':
    case 'doubleShifts':
      return {
        title: t('compare.explainFigure.doubleShifts.title', {
          frontShifts: report.path.frontShifts,
          hubShifts: report.path.hubShifts,
          doubleShifts: report.path.doubleShifts,
        }),
        formula: t('compare.explainFigure.doubleShifts.formula'),
        worked:
          report.path.crossovers.length === 0
            ? [t('compare.explainFigure.doubleShifts.worked.1xNoFrontShifts')]
            : report.path.crossovers.map(({ step, rearClicks }) =>
                t('compare.explainFigure.doubleShifts.worked.rearClicks', {
                  from: gearName(step.from),
                  to: gearName(step.to),
                  rearClicks,
                }),
              ),
        source: COMPARED,
      };
    case 'rearClicks':
    case 'leverPushes':
      return {
        title: t('compare.explainFigure.leverPushes.title', { leverPushes: figures.bigChange.leverPushes }),
        formula: t('compare.explainFigure.leverPushes.formula'),
        worked: [
          t('compare.explainFigure.leverPushes.worked.harderCogsPushes', {
            rearClicks: figures.bigChange.rearClicks,
            harder: candidate.clicksPerPush.harder,
            pushesHarder: figures.bigChange.pushesHarder,
          }),
          t('compare.explainFigure.leverPushes.worked.easierCogsPushes', {
            rearClicks: figures.bigChange.rearClicks,
            easier: candidate.clicksPerPush.easier,
            pushesEasier: figures.bigChange.pushesEasier,
          }),
        ],
        source: t('compare.explainFigure.leverPushes.source'),
      };
    case 'capacity':
      return explainCheck(capacity, report.setup);
    case 'riddenStep': {
      if (figures.riddenStep === undefined) return undefined;
      const speeds = speedsRidden(brief, figures.needs);
      return {
        title: t('compare.explainFigure.riddenStep.title', { riddenStep: percentText(figures.riddenStep) }),
        formula: t('compare.explainFigure.riddenStep.formula'),
        worked: speeds.map(({ share, centreKmh }) =>
          t('compare.explainFigure.riddenStep.worked.ofTheTimeAbout', {
            share: fixed(percent(share), 0),
            centreKmh: fixed(speedIn(unit, centreKmh), 1),
            unit: SPEED_UNIT_TEXT[unit],
          }),
        ),
        source:
          brief.ridden && brief.ridden.shares.length > 0
            ? t('compare.explainFigure.riddenStep.source.speedsFollowFromYourRecordings')
            : t('compare.explainFigure.riddenStep.source.speedsFollowFromTheTerrain'),
      };
    }
    case 'loss':
      return explainLoss(figures, brief);
    case 'frontDrag':
      return {
        title: t('compare.explainFigure.frontDrag.title', { frontDragW: fixed(figures.frontDragW, 2) }),
        formula: t('compare.explainFigure.frontDrag.formula'),
        worked: [
          report.setup.chainrings.length > 1
            ? `½ × ${short(1.2, 1)} × ${short(brief.frontDragCm2, 1)} cm² × (${short(brief.cruisingSpeedKmh, 1)} km/h)³ = ${fixed(figures.frontDragW, 2)} W`
            : t('compare.explainFigure.frontDrag.worked.1xNoFrontDerailleurOr'),
        ],
        source: t('compare.explainFigure.frontDrag.source'),
      };
    case 'mass':
    case 'cost':
      return undefined;
    default: {
      const [kind, zone] = id.split('.') as ['largestStep' | 'meanStep', Zone];
      const { largest, mean, steps } = figures.zones[zone];
      if (!largest || !mean) return undefined;
      const total = steps.reduce((sum, { logStep }) => sum + logStep, 0);
      const explanation =
        kind === 'largestStep'
          ? explainStep(largest, 'speedStep')
          : explainMeanStep(steps.length, total, 'speedStep', stepText(mean, 'speedStep'));
      return {
        ...explanation,
        note: t('compare.explainFigure.note', {
          stepsCount: steps.length,
          zone: ZONE_TEXT[zone],
          preferredRpm: short(brief.preferredRpm, 1),
        }),
      };
    }
  }
}

function explainLoss({ loss: whole, chainLoss: loss, cruising }: SetupFigures, brief: FilledBrief): Explanation {
  const { chainring, cog, hubStage } = cruising.gear;
  const hub = hubLoss(hubStage);
  const { mu, lowMu, highMu } = CHAIN_FRICTION;
  return {
    title: t('compare.explainLoss.title', { gear: gearName(cruising.gear), fraction: percentText(whole.fraction) }),
    formula: t('compare.explainLoss.formula'),
    worked: [
      `${allDigits(mu)} × ${short(1.8, 1)} mm × (2π ÷ ${short(12.7, 1)} mm) × (1 ÷ ${chainring} + 1 ÷ ${cog}) = ${percentText(loss.fraction)}`,
      t('compare.explainLoss.worked.ofWWWithFrom', {
        powerW: short(brief.powerW, 0),
        fraction: fixed(loss.fraction * brief.powerW, 1),
        lowMu: allDigits(lowMu),
        highMu: allDigits(highMu),
        tension: fixed(percent(LOSS_SPREAD.tension), 0),
        pulleys: short(percent(LOSS_SPREAD.pulleys), 2),
        perDegree: short(percent(LOSS_SPREAD.perDegree), 2),
        lowFraction: fixed(loss.lowFraction * brief.powerW, 1),
        highFraction: fixed(loss.highFraction * brief.powerW, 1),
      }),
      ...(hub.fraction > 0
        ? [
            t('compare.explainLoss.worked.twoSpeedHubGearedStage', {
              fraction: percentText(hub.fraction),
              lowFraction: percentText(hub.lowFraction),
              highFraction: percentText(hub.highFraction),
              fraction2: fixed(hub.fraction * brief.powerW, 1),
            }),
          ]
        : []),
    ],
    source: t('compare.explainLoss.source'),
  };
}

import type { FilledBrief } from '../../core/brief';
import { speedsRidden, type RowId, type SetupFigures } from '../../core/compare';
import { CHAIN_FRICTION, LOSS_SPREAD, hubLoss } from '../../core/fit';
import type { Zone } from '../../core/gears';
import { percent } from '../../core/units';
import { SPEED_UNIT_TEXT, allDigits, fixed, percentText, short, speedIn, speedText, type SpeedUnit } from '../format';
import { ZONE_TEXT } from '../words';
import type { Explanation } from './explanation';
import { explainCheck } from './fit';
import { explainDistinct, explainMeanStep, explainRange, explainRatio, explainStep, gearName, stepText } from './gears';

const COMPARED = 'Worked out the same way for every setup, using your rider details.';

/** How a figure of the comparison was worked out; undefined where it is as typed, or not known. */
export function explainFigure(
  id: RowId,
  figures: SetupFigures,
  brief: FilledBrief,
  unit: SpeedUnit,
): Explanation | undefined {
  const { report, coverage, candidate, capacity } = figures;
  const easiest = report.gears[0]!;
  const hardest = report.gears.at(-1)!;
  const speedAt = (what: string, gear: typeof easiest, rpm: number, kmh: number): Explanation => ({
    title: `${what} ${speedText(unit, kmh)}`,
    formula: 'speed = development × cadence × 60 ÷ 1000, in km/h',
    worked: [
      `${gearName(gear)}: ${fixed(gear.developmentM, 3)} m × ${short(rpm, 1)} × 60 ÷ 1000 = ${fixed(kmh, 1)} km/h`,
    ],
    source: 'Definition of development.',
  });
  switch (id) {
    case 'easiest':
      return explainRatio(easiest);
    case 'hardest':
      return explainRatio(hardest);
    case 'range':
      return explainRange(report);
    case 'topSpeed':
      return speedAt('Top speed', hardest, brief.highRpm, coverage.topKmh);
    case 'spinOut':
      return speedAt('Spin-out speed', hardest, brief.spinOutRpm, figures.spinOutKmh);
    case 'lowestSteady':
      return speedAt('Slowest speed', easiest, brief.lowRpm, coverage.lowestSteadyKmh);
    case 'holes':
      return {
        title: `${coverage.holes.length} gaps at ${allDigits(brief.lowRpm)}–${allDigits(brief.highRpm)} rpm`,
        formula: 'each gear covers the speeds from the lowest to the highest rpm; speeds that no gear covers are a gap',
        worked:
          coverage.holes.length === 0
            ? ['the speed range of each gear overlaps the next']
            : coverage.holes.map(
                ({ below, above, fromKmh, toKmh }) =>
                  `${gearName(below)} ends at ${speedText(unit, fromKmh)}, ${gearName(above)} begins at ${speedText(unit, toKmh)}`,
              ),
        source: COMPARED,
        note: 'Cross-chained gears count: they can be ridden when needed.',
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
        title: `${report.path.gears.length} gears along the shift sequence`,
        formula:
          'the small ring from its largest cog, one change to the big ring, then to the smallest cog; without cross-chained gears',
        worked: [report.path.gears.map(gearName).join(', ')],
        source:
          'Of all possible sequences, the one with the smallest largest step; ties go to more gears, then to fewer rear shifts.',
      };
    case 'frontShifts':
    case 'hubShifts':
    case 'doubleShifts':
      return {
        title: `${report.path.frontShifts} front shifts, ${report.path.hubShifts} hub shifts, ${report.path.doubleShifts} double shifts`,
        formula: 'changes of ring and of hub speed along the shift sequence; double where the rear moves too',
        worked:
          report.path.crossovers.length === 0
            ? ['1x: no front shifts']
            : report.path.crossovers.map(
                ({ step, rearClicks }) => `${gearName(step.from)} → ${gearName(step.to)}: ${rearClicks} rear clicks`,
              ),
        source: COMPARED,
      };
    case 'rearClicks':
    case 'leverPushes':
      return {
        title: `${figures.bigChange.leverPushes} lever pushes, end to end`,
        formula: 'pushes = cogs from the easiest to the hardest gear ÷ cogs per push, rounded up',
        worked: [
          `harder: ${figures.bigChange.rearClicks} cogs ÷ ${candidate.clicksPerPush.harder} = ${figures.bigChange.pushesHarder} pushes`,
          `easier: ${figures.bigChange.rearClicks} cogs ÷ ${candidate.clicksPerPush.easier} = ${figures.bigChange.pushesEasier} pushes`,
        ],
        source:
          'A big change, such as over a crest. Cogs per lever push depend on the shifter: set them in the details of the setup.',
      };
    case 'capacity':
      return explainCheck(capacity, report.setup);
    case 'riddenStep': {
      if (figures.riddenStep === undefined) return undefined;
      const speeds = speedsRidden(brief, figures.needs);
      return {
        title: `Average step at the speeds you ride: ${percentText(figures.riddenStep)}`,
        formula: 'sum of step × share of the time between its two gears, each at the preferred cadence',
        worked: speeds.map(
          ({ share, centreKmh }) =>
            `${fixed(percent(share), 0)}% of the time about ${fixed(speedIn(unit, centreKmh), 1)} ${SPEED_UNIT_TEXT[unit]}`,
        ),
        source:
          brief.ridden && brief.ridden.shares.length > 0
            ? 'Speeds follow from your recordings: the time in each gear.'
            : 'Speeds follow from the terrain, usual speed and steepest climb on the Needs page.',
      };
    }
    case 'loss':
      return explainLoss(figures, brief);
    case 'frontDrag':
      return {
        title: `Drag of front derailleur and second ring: ${fixed(figures.frontDragW, 2)} W`,
        formula: 'watts = ½ × air density × drag area × speed³',
        worked: [
          report.setup.chainrings.length > 1
            ? `½ × ${short(1.2, 1)} × ${short(brief.frontDragCm2, 1)} cm² × (${short(brief.cruisingSpeedKmh, 1)} km/h)³ = ${fixed(figures.frontDragW, 2)} W`
            : '1x: no front derailleur or second ring',
        ],
        source:
          'The drag area is a rough estimate you can change below the table; the true value could be half or double.',
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
        note: `Of the ${steps.length} steps of the shift sequence in the zone “${ZONE_TEXT[zone]}”, by the speed at the middle of the step, at ${short(brief.preferredRpm, 1)} rpm.`,
      };
    }
  }
}

function explainLoss({ loss: whole, chainLoss: loss, cruising }: SetupFigures, brief: FilledBrief): Explanation {
  const { chainring, cog, hubStage } = cruising.gear;
  const hub = hubLoss(hubStage);
  const { mu, lowMu, highMu } = CHAIN_FRICTION;
  return {
    title: `Loss in ${gearName(cruising.gear)}: ${percentText(whole.fraction)}`,
    formula: 'share = μ × pin radius × (2π ÷ pitch) × (1 ÷ ring + 1 ÷ cog)',
    worked: [
      `${allDigits(mu)} × ${short(1.8, 1)} mm × (2π ÷ ${short(12.7, 1)} mm) × (1 ÷ ${chainring} + 1 ÷ ${cog}) = ${percentText(loss.fraction)}`,
      `of ${short(brief.powerW, 0)} W: ${fixed(loss.fraction * brief.powerW, 1)} W; with μ from ${allDigits(lowMu)} to ${allDigits(highMu)}, ${fixed(percent(LOSS_SPREAD.tension), 0)}% either way for chain tension, and up to ${short(percent(LOSS_SPREAD.pulleys), 2)}% for the pulleys and ${short(percent(LOSS_SPREAD.perDegree), 2)}% per degree of angle: ${fixed(loss.lowFraction * brief.powerW, 1)} to ${fixed(loss.highFraction * brief.powerW, 1)} W`,
      ...(hub.fraction > 0
        ? [
            `two-speed hub, geared stage: ${percentText(hub.fraction)} (${percentText(hub.lowFraction)} to ${percentText(hub.highFraction)}), ${fixed(hub.fraction * brief.powerW, 1)} W; an estimate for one planetary stage`,
          ]
        : []),
    ],
    source:
      'From first principles: friction as links flex on and off ring and cog, in the gear for your usual speed. Measurements disagree on the effect of the chain angle (Spicer et al., J. Mech. Design 2001, found little): it is included in the spread.',
  };
}

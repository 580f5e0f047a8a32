import { nearlyEqual } from '../numbers';
import { ZONES, highRpmToClose, type Gap, type Step, type Zone } from '../gears';
import { needUncertainty, type FilledBrief } from '../needs';
import type { Check, FrontControl, Retention } from '../fit';
import { isSoldCog, soldLargestCog, soldRing, soldSmallestCog } from '../catalog/sold';
import { teethForEasier, teethForHarder } from '../ride';
import type { Message } from '../message';
import { stepTolerance } from './difference';
import type { SetupFigures } from './figures';
import { firstOf, lastOf, definite } from '../items';

/** Whether a setup meets one need, with its figure; `remedy` is what would change it. */
export type NeedAnswer = {
  readonly met: boolean;
  /** Missed by less than the need itself may be off. */
  readonly justAbout?: boolean | undefined;
} & (
  | {
      readonly id: 'climb';
      readonly climbRpm: number;
      /** Teeth that would do; absent where no ring or cog in bounds does. */
      readonly remedy: { readonly ringT: number | undefined; readonly cogT: number | undefined };
    }
  | { readonly id: 'lowestRatio'; readonly ratio: number; readonly neededRatio: number }
  | {
      readonly id: 'topSpeed';
      readonly topKmh: number;
      readonly remedy: { readonly ringT: number | undefined; readonly cogT: number | undefined };
    }
  | {
      readonly id: `steps.${Zone}`;
      readonly zone: Zone;
      /** Undefined where no step is taken there. */
      readonly largest: Step | undefined;
      readonly toleranceFraction: number;
      /** A cog that would halve it, if one fits. */
      readonly remedy: { readonly cogT: number | undefined };
    }
  | {
      readonly id: 'gaps';
      readonly count: number;
      /** The widest by the rpm that are missing. */
      readonly widest: Gap | undefined;
      readonly remedy: { readonly highRpm: number | undefined };
    }
  | {
      readonly id: 'cruising';
      readonly cadenceRpm: number;
      readonly ring: number;
      readonly cog: number;
      readonly crossChained: boolean;
    }
  | {
      readonly id: 'frontShifting';
      readonly frontShifts: number;
      readonly doubleShifts: number;
      readonly control: FrontControl;
    }
  | {
      readonly id: 'chainSecurity';
      readonly chainrings: number;
      /** Chain retention on a single ring; undefined if unknown. */
      readonly retention: readonly Retention[] | undefined;
      readonly known: boolean;
    }
  | { readonly id: 'quiet'; readonly ring: number; readonly cog: number; readonly cogsFromEnd: number }
  | {
      readonly id: 'weight';
      readonly massG: number | undefined;
      /** Against the setup fitted now; undefined where either is not weighed. */
      readonly changeG: number | undefined;
    }
  | { readonly id: 'limits'; readonly message: Message; readonly fixes: readonly Message[]; readonly known: boolean }
);

/** Cogs at either end of the cassette on which a chain is loudest. */
const LOUD_END_COGS = 2;

/**
 * The needs of a brief, each met or not by a setup. Those that the rider does not have are left out.
 * @param fitted the setup fitted now
 */
export function needAnswers(figures: SetupFigures, brief: FilledBrief, fitted: SetupFigures): NeedAnswer[] {
  const { report } = figures;
  const bothered = (...what: FilledBrief['bothers']) => brief.bothers.some((one) => what.includes(one));
  const answers: NeedAnswer[] = [
    climbAnswer(figures, brief),
    ...(brief.lowestRatio === undefined ? [] : [ratioAnswer(figures, brief.lowestRatio)]),
    topAnswer(figures, brief),
    ...ZONES.map((zone) => stepAnswer(figures, brief, zone)),
    gapsAnswer(figures),
    cruisingAnswer(figures, brief),
  ];
  if (bothered('droppedChain')) answers.push(securityAnswer(figures));
  if (bothered('frontShifting') || brief.aims[0] === 'simplicity') {
    const { byHand, candidate } = figures;
    answers.push({
      id: 'frontShifting',
      met: byHand.front === 0,
      frontShifts: report.path.frontShifts,
      doubleShifts: byHand.double,
      control: candidate.frontControl ?? 'lever',
    });
  }
  if (bothered('noise')) answers.push(quietAnswer(figures));
  if (bothered('weight')) answers.push(weightAnswer(figures, fitted));
  answers.push(limitsAnswer(figures));
  return answers;
}

function climbAnswer({ report, needs, climbRpm, candidate }: SetupFigures, brief: FilledBrief): NeedAnswer {
  const easiest = firstOf(report.gears);
  const teeth = teethForEasier(
    easiest.chainring,
    easiest.cog,
    easiest.hubStage,
    candidate.rolloutMm,
    needs.easiestMaxM,
  );
  return {
    id: 'climb',
    met: easiest.developmentM <= needs.easiestMaxM,
    justAbout: isJustAbout(easiest.developmentM, needs.easiestMaxM, needUncertainty(brief, needs).easiest),
    climbRpm,
    remedy: {
      ringT: soldRing(report.setup.chainrings, 'smallest', { atMost: teeth.ringAtMostT }),
      cogT: soldLargestCog(teeth.cogAtLeastT),
    },
  };
}

function ratioAnswer({ report }: SetupFigures, neededRatio: number): NeedAnswer {
  const { ratio } = firstOf(report.gears);
  return { id: 'lowestRatio', met: ratio <= neededRatio || nearlyEqual(ratio, neededRatio), ratio, neededRatio };
}

function topAnswer({ report, needs, coverage, candidate }: SetupFigures, brief: FilledBrief): NeedAnswer {
  const hardest = lastOf(report.gears);
  const teeth = teethForHarder(
    hardest.chainring,
    hardest.cog,
    hardest.hubStage,
    candidate.rolloutMm,
    needs.hardestMinM,
  );
  return {
    id: 'topSpeed',
    met: hardest.developmentM >= needs.hardestMinM,
    justAbout: isJustAbout(needs.hardestMinM, hardest.developmentM, needUncertainty(brief, needs).topSpeed),
    topKmh: coverage.topKmh,
    remedy: {
      ringT: soldRing(report.setup.chainrings, 'largest', { atLeast: teeth.ringAtLeastT }),
      cogT: soldSmallestCog(teeth.cogAtMostT),
    },
  };
}

/** Whether a figure is over its limit by no more than the limit may be off. @param uncertainty a share */
const isJustAbout = (value: number, limit: number, uncertainty: number) =>
  value > limit && value <= limit * (1 + uncertainty);

/**
 * Two rings have a front derailleur round the chain. One ring is held by a guide, or by its teeth and a clutch together;
 * with one of the two it depends on wear and chainline, which no spec gives.
 */
function securityAnswer({ candidate: { setup, retention } }: SetupFigures): NeedAnswer {
  const has = (one: Retention) => retention?.includes(one) ?? false;
  const two = setup.chainrings.length > 1;
  const met = two || has('guide') || (has('clutch') && has('narrowWide'));
  const known = met || retention?.length === 0;
  return { id: 'chainSecurity', met, known, chainrings: setup.chainrings.length, retention };
}

function stepAnswer({ zones }: SetupFigures, brief: FilledBrief, zone: Zone): NeedAnswer {
  const { largest } = zones[zone];
  const toleranceFraction = stepTolerance(brief, zone);
  const between = largest && Math.round(Math.sqrt(largest.from.cog * largest.to.cog));
  const splits =
    largest &&
    between !== largest.from.cog &&
    between !== largest.to.cog &&
    !largest.ringChange &&
    isSoldCog(definite(between));
  return {
    id: `steps.${zone}`,
    zone,
    met: !largest || largest.speedStep <= toleranceFraction || nearlyEqual(largest.speedStep, toleranceFraction),
    largest,
    toleranceFraction,
    remedy: { cogT: splits ? between : undefined },
  };
}

function gapsAnswer({ coverage }: SetupFigures): NeedAnswer {
  const { gaps, band } = coverage;
  const wanted = (gap: Gap) => highRpmToClose(gap, band);
  const widest = gaps.reduce<Gap | undefined>(
    (most, gap) => (!most || wanted(gap) > wanted(most) ? gap : most),
    undefined,
  );
  return {
    id: 'gaps',
    met: gaps.length === 0,
    count: gaps.length,
    widest,
    remedy: { highRpm: widest && wanted(widest) },
  };
}

function cruisingAnswer({ cruising }: SetupFigures, brief: FilledBrief): NeedAnswer {
  const { gear, cadenceRpm } = cruising;
  return {
    id: 'cruising',
    met: cadenceRpm >= brief.lowRpm && cadenceRpm <= brief.highRpm && !gear.crossChained,
    cadenceRpm,
    ring: gear.chainring,
    cog: gear.cog,
    crossChained: gear.crossChained,
  };
}

function quietAnswer({ cruising, report }: SetupFigures): NeedAnswer {
  const { gear } = cruising;
  const place = report.setup.cogs.indexOf(gear.cog);
  const cogsFromEnd = Math.min(place, report.setup.cogs.length - 1 - place);
  return {
    id: 'quiet',
    met: cogsFromEnd >= LOUD_END_COGS && !gear.crossChained,
    ring: gear.chainring,
    cog: gear.cog,
    cogsFromEnd,
  };
}

function weightAnswer({ candidate: { massG } }: SetupFigures, fitted: SetupFigures): NeedAnswer {
  const before = fitted.candidate.massG;
  const changeG = massG === undefined || before === undefined ? undefined : massG - before;
  return { id: 'weight', met: changeG !== undefined && changeG < 0, massG, changeG };
}

/** Limits that must be known to judge a derailleur. */
const DECIDING: readonly Check['id'][] = ['totalCapacity', 'largestCog'];

/** Within all limits that are known; not known while one that decides is not, unless another is passed. */
function limitsAnswer({ limits, capacity }: SetupFigures): NeedAnswer {
  const passed = limits.find(({ verdict }) => verdict === 'outside' || verdict === 'cannotWork');
  const open = limits.find(({ id, verdict }) => verdict === 'notKnown' && DECIDING.includes(id));
  const telling = passed ?? open ?? capacity;
  return {
    id: 'limits',
    met: !passed && !open,
    known: !!passed || !open,
    message: telling.message,
    fixes: telling.fixes.map(({ text }) => text),
  };
}

import { nearlyEqual } from '../numbers';
import { CHAINRING_TEETH, COG_TEETH, ZONES, highRpmToClose, within, type Hole, type Step, type Zone } from '../gears';
import type { FilledBrief } from '../brief';
import { teethForEasier, teethForHarder } from '../ride';
import { stepTolerance } from './difference';
import type { SetupFigures } from './figures';

/** Whether a setup meets one need, with the figure that says so. What would change it is in `remedy`. */
export type NeedAnswer = { readonly met: boolean } & (
  | {
      readonly id: 'climb';
      readonly climbRpm: number;
      /** Teeth that would do; absent where no ring or cog in bounds does. */
      readonly remedy: { readonly ringT: number | undefined; readonly cogT: number | undefined };
    }
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
      /** A cog that would halve it, where there is room for one. */
      readonly remedy: { readonly cogT: number | undefined };
    }
  | {
      readonly id: 'holes';
      readonly count: number;
      /** The widest by the rpm that are missing. */
      readonly widest: Hole | undefined;
      readonly remedy: { readonly highRpm: number | undefined };
    }
  | {
      readonly id: 'cruising';
      readonly cadenceRpm: number;
      readonly ring: number;
      readonly cog: number;
      readonly crossChained: boolean;
    }
  | { readonly id: 'frontShifting'; readonly frontShifts: number; readonly doubleShifts: number }
  | { readonly id: 'quiet'; readonly ring: number; readonly cog: number; readonly cogsFromEnd: number }
  | {
      readonly id: 'weight';
      readonly massG: number | undefined;
      /** Against the setup fitted now; undefined where either is not weighed. */
      readonly changeG: number | undefined;
    }
  | { readonly id: 'capacity'; readonly message: string; readonly fixes: readonly string[]; readonly known: boolean }
);

/** Cogs at either end of the cassette on which a chain is loudest. */
const LOUD_END_COGS = 2;

/**
 * The needs of a brief, each met or not by a setup. Those that the rider does not have are left out.
 * @param fitted the setup fitted now
 */
export function needAnswers(figures: SetupFigures, brief: FilledBrief, fitted: SetupFigures): NeedAnswer[] {
  const { report, capacity } = figures;
  const bothered = (...what: FilledBrief['bothers']) => brief.bothers.some((one) => what.includes(one));
  const answers: NeedAnswer[] = [
    climbAnswer(figures),
    topAnswer(figures),
    ...ZONES.map((zone) => stepAnswer(figures, brief, zone)),
    holesAnswer(figures),
    cruisingAnswer(figures, brief),
  ];
  if (bothered('frontShifting', 'droppedChain') || brief.aims[0] === 'simplicity') {
    const { frontShifts, doubleShifts } = report.path;
    answers.push({ id: 'frontShifting', met: frontShifts === 0, frontShifts, doubleShifts });
  }
  if (bothered('noise')) answers.push(quietAnswer(figures));
  if (bothered('weight')) answers.push(weightAnswer(figures, fitted));
  answers.push({
    id: 'capacity',
    met: capacity.verdict === 'inside' || capacity.verdict === 'at',
    known: capacity.verdict !== 'notKnown',
    message: capacity.message,
    fixes: capacity.fixes.map(({ text }) => text),
  });
  return answers;
}

const inBounds = (teeth: number, bounds: typeof COG_TEETH) => (within(teeth, bounds) ? teeth : undefined);

function climbAnswer({ report, needs, climbRpm, candidate }: SetupFigures): NeedAnswer {
  const easiest = report.gears[0]!;
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
    climbRpm,
    remedy: { ringT: inBounds(teeth.ringAtMostT, CHAINRING_TEETH), cogT: inBounds(teeth.cogAtLeastT, COG_TEETH) },
  };
}

function topAnswer({ report, needs, coverage, candidate }: SetupFigures): NeedAnswer {
  const hardest = report.gears.at(-1)!;
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
    topKmh: coverage.topKmh,
    remedy: { ringT: inBounds(teeth.ringAtLeastT, CHAINRING_TEETH), cogT: inBounds(teeth.cogAtMostT, COG_TEETH) },
  };
}

function stepAnswer({ zones }: SetupFigures, brief: FilledBrief, zone: Zone): NeedAnswer {
  const { largest } = zones[zone];
  const toleranceFraction = stepTolerance(brief, zone);
  const between = largest && Math.round(Math.sqrt(largest.from.cog * largest.to.cog));
  const splits = largest && between !== largest.from.cog && between !== largest.to.cog && !largest.ringChange;
  return {
    id: `steps.${zone}`,
    zone,
    met: !largest || largest.speedStep <= toleranceFraction || nearlyEqual(largest.speedStep, toleranceFraction),
    largest,
    toleranceFraction,
    remedy: { cogT: splits ? between : undefined },
  };
}

function holesAnswer({ coverage }: SetupFigures): NeedAnswer {
  const { holes, band } = coverage;
  const wanted = (hole: Hole) => highRpmToClose(hole, band);
  const widest = holes.reduce<Hole | undefined>(
    (most, hole) => (!most || wanted(hole) > wanted(most) ? hole : most),
    undefined,
  );
  return {
    id: 'holes',
    met: holes.length === 0,
    count: holes.length,
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

/** The schools of thought on one ring or two. */
export const SCHOOLS = ['cadence', 'simplicity', 'range', 'economy'] as const;
export type School = (typeof SCHOOLS)[number];

export interface SchoolChoice {
  readonly school: School;
  /** Places in `all` of the setups that it would take; more than one where it sees no difference. */
  readonly choices: readonly number[];
  /** Whether it cannot say for want of a weight or cost. */
  readonly notKnown: boolean;
}

/** Figures by which a school ranks, the weightiest first, less is better. */
const SCHOOL_RANKING: Readonly<
  Record<School, (figures: SetupFigures, brief: FilledBrief) => readonly (number | undefined)[]>
> = {
  cadence: ({ coverage, report }) => [coverage.holes.length, report.path.largestStep],
  simplicity: ({ report, bigChange }) => [
    report.path.frontShifts + report.path.hubShifts,
    report.path.doubleShifts,
    bigChange.leverPushes,
  ],
  range: ({ report, needs }) => [
    // How far each end falls short, on a log scale; then the plain width.
    Math.max(0, Math.log(report.gears[0]!.developmentM / needs.easiestMaxM)) +
      Math.max(0, Math.log(needs.hardestMinM / report.gears.at(-1)!.developmentM)),
    -report.range.quotient,
  ],
  economy: ({ candidate, frontDragW, loss }, { aims, powerW }) => {
    const aim = aims.find((one) => one === 'weight' || one === 'cost' || one === 'aero') ?? 'weight';
    if (aim === 'weight') return [candidate.massG];
    return aim === 'cost' ? [candidate.cost] : [frontDragW + loss.fraction * powerW];
  },
};

/** What each school would take of several setups. */
export function schoolChoices(all: readonly SetupFigures[], brief: FilledBrief): SchoolChoice[] {
  return SCHOOLS.map((school): SchoolChoice => {
    const ranks = all.map((figures) => SCHOOL_RANKING[school](figures, brief));
    if (ranks.some((rank) => rank.some((value) => value === undefined))) {
      return { school, choices: [], notKnown: true };
    }
    const known = ranks as readonly (readonly number[])[];
    const best = known.reduce((least, rank) => (compareRanks(rank, least) < 0 ? rank : least));
    return {
      school,
      choices: known.flatMap((rank, i) => (compareRanks(rank, best) === 0 ? [i] : [])),
      notKnown: false,
    };
  });
}

function compareRanks(a: readonly number[], b: readonly number[]): number {
  const place = a.findIndex((value, i) => !nearlyEqual(value, b[i]!));
  return place < 0 ? 0 : a[place]! - b[place]!;
}

import {
  DEFAULT_STEEP_ANGLE_DEG,
  backPedalGears,
  extenderGainT,
  fitAnswer,
  fitReport,
  type CheckId,
  type DriveParts,
  type FitAnswer,
  type FitInput,
  type FitReport,
  type LimitsPolicy,
} from '../fit';
import type { Prices } from '../catalog/price-list';
import type { DescribedSlot, GearPair, StockedBuild } from './build';
import type { ChainChoice } from './chain-plan';
import type { Frame } from './chain-window';
import { needsOtherBody, swapKind, type SwapDifference, type SwapKind } from './difference';
import { NOTHING_KNOWN, type LastTime } from './last-time';
import { moveOf, type Move } from './move';
import { workSteps } from './progress';
import { asRead, type ReadAtBike } from './read-at-bike';
import { isShortJob, minutesOf, swapSteps, type JobStep, type StepContext } from './steps';
import type { LearnedTimes } from './times';
import { gatheredFor, type Gathered } from './tools';
import type { KnownTorques } from './torque';

/** A published limit that the new setup passes. */
interface PassedLimit {
  readonly id: CheckId;
  readonly overT: number;
  /** Teeth over the limit, after the gain of a hanger extender. */
  readonly overWithExtenderT: number;
}

export interface JobCard extends Move {
  readonly kind: SwapKind;
  readonly from: StockedBuild;
  readonly to: StockedBuild;
  readonly answer: FitAnswer;
  readonly passed: readonly PassedLimit[];
  /** A chain in stock that was chosen, and is too short. */
  readonly shortChainInStock: { readonly name: string; readonly links: number; readonly missing: number } | undefined;
  readonly gathered: Gathered;
  readonly steps: readonly JobStep[];
  /** Without the re-check, which is a job of its own. */
  readonly minutes: number;
  /** Whether all figures are known from last time, so that the card can be short. */
  readonly isShort: boolean;
  readonly lastTime: LastTime;
  readonly backPedalGears: readonly GearPair[];
  readonly usesQuickLink: boolean;
  readonly hasSuspension: boolean;
}

export interface CardOptions {
  /** Input of the compatibility report of the new setup, with the planned chain. */
  readonly fit: Omit<FitInput, 'chainLinks'>;
  readonly school: LimitsPolicy;
  readonly chain: ChainChoice;
  /** Whether the bike goes back and forth between the two setups. */
  readonly alternates: boolean;
  readonly newChain: boolean;
  /** Whether the chain on the bike was on the new setup before and has not been cut since. */
  readonly chainHasServed?: boolean | undefined;
  readonly keeps?: readonly DescribedSlot[] | undefined;
  readonly prices?: Prices | undefined;
  readonly weighs: boolean;
  readonly usesQuickLink: boolean;
  readonly checksHanger?: boolean | undefined;
  /** Whether the bike goes back to what it had before: all of that is still there, but for links that were cut off. */
  readonly isReturn: boolean;
  /** What was read at the bike in the course of the job. */
  readonly read?: ReadAtBike | undefined;
  readonly torques?: KnownTorques | undefined;
  readonly lastTime?: LastTime | undefined;
  readonly times?: LearnedTimes | undefined;
}

/**
 * The whole job from one setup to another.
 * @param recorded what is recorded of the bike; what was read at it takes precedence
 */
export function jobCard(recorded: StockedBuild, to: StockedBuild, options: CardOptions): JobCard {
  const { read = {} } = options;
  const from = asRead(recorded, read);
  const { fit, school, weighs, usesQuickLink, checksHanger = false, isReturn } = options;
  const { lastTime = NOTHING_KNOWN, times = {}, torques = {} } = options;
  const frame: Frame = {
    chainstayMm: fit.chainstayMm,
    longestChainstayMm: fit.chainstayMm + fit.suspensionGrowthMm,
    bbDropMm: fit.bbDropMm,
  };
  const move = moveOf(from, to, {
    frame,
    chain: {
      choice: options.chain,
      alternates: options.alternates,
      newChain: options.newChain,
      hasServed: options.chainHasServed,
    },
    keeps: options.keeps,
    prices: options.prices,
    isReturn,
  });
  const { difference } = move;
  const { chain } = difference;
  const report = fitReport({
    ...fit,
    // A body that is changed with the cassette suits it.
    ...(needsOtherBody(to) && { freehub: { spline: to.parts.cassetteSpline } }),
    ...(fit.parts && { parts: partsAfter(fit.parts, difference, to) }),
    chainLinks: chain.linksAfter ?? chain.window.minLinks,
  });
  const passed = passedLimits(report, to.parts.hangerExtenderMm);
  const hasSuspension = frame.longestChainstayMm > frame.chainstayMm;
  const gears = backPedalGears(to.setup, report.angles, fit.steepDeg ?? DEFAULT_STEEP_ANGLE_DEG).map(
    ({ chainring, cog }) => ({ chainring, cog }),
  );
  const context: StepContext = {
    from,
    read,
    to,
    difference,
    passed: passed.map(({ id }) => id),
    weighs,
    usesQuickLink,
    checksHanger,
    hasSuspension,
    torques,
    lastTime,
    times,
    backPedalGears: gears,
  };
  const steps = swapSteps(context);
  return {
    kind: swapKind(difference),
    from,
    to,
    ...move,
    answer: fitAnswer(report, school),
    passed,
    shortChainInStock: shortChain(to, difference),
    gathered: gatheredFor(
      steps.map(({ id }) => id),
      { difference, usesQuickLink },
    ),
    steps,
    minutes: minutesOf(workSteps(steps)),
    isShort: steps.length > 0 && isShortJob(context),
    lastTime,
    backPedalGears: gears,
    usesQuickLink,
    hasSuspension,
  };
}

/** Every published limit that a setup passes, and by how much. */
export function passedLimits({ checks, trials }: FitReport, hangerExtenderMm?: number): PassedLimit[] {
  return checks.flatMap(({ id, verdict, margin, unit }): PassedLimit[] => {
    if (verdict !== 'outside' || unit !== 'T' || margin === undefined || !trials[id]) return [];
    const room = id === 'largestCog' && hangerExtenderMm !== undefined ? extenderGainT(hangerExtenderMm) : 0;
    return [{ id, overT: -margin, overWithExtenderT: Math.max(0, -margin - room) }];
  });
}

/**
 * Returns the limits for which a trial counts: all that it passed, but where it was put back only those that are named
 * as the cause.
 */
export function countedLimits(
  passed: readonly PassedLimit[],
  isPutBack: boolean,
  causes: readonly CheckId[],
): readonly Pick<PassedLimit, 'id' | 'overT'>[] {
  return passed.filter(({ id }) => !isPutBack || causes.includes(id)).map(({ id, overT }) => ({ id, overT }));
}

/** The parts after the job: what is bought because of the number of cogs is bought for that number. */
function partsAfter(parts: DriveParts, { chain, shifter }: SwapDifference, { setup }: StockedBuild): DriveParts {
  const cogs = setup.cogs.length;
  const isNewChain = chain.action === 'newChain' || chain.action === 'ask';
  return {
    ...parts,
    ...(isNewChain && { chainSpeeds: Math.max(8, cogs) }),
    ...(shifter === 'assumed' && { shifterSpeeds: cogs, cablePullMm: undefined, shifterFamily: undefined }),
  };
}

function shortChain(to: StockedBuild, { chain }: SwapDifference): JobCard['shortChainInStock'] {
  const part = to.stock.chain;
  if (chain.action !== 'newChain' || part?.chainLinks === undefined || part.chainLinks >= chain.targetLinks) {
    return undefined;
  }
  return { name: part.name, links: part.chainLinks, missing: chain.targetLinks - part.chainLinks };
}

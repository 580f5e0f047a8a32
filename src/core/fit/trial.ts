import { message, type Message } from '../message';
import type { CageRow } from './cage-rows';
import { extenderGainT } from './extender-gain';
import {
  decideByLog,
  tallyOf,
  type DerailleurMark,
  type Experience,
  type Tally,
  type TrialDecision,
} from './experience';
import { MM_PER_TOOTH } from './front';
import type { Check } from './verdict';
import { definite } from '../items';

/** The schools on published limits: the sheet is the answer, or makers are careful and it may be tried. */
export const LIMITS_SCHOOLS = ['sheet', 'workshopTested'] as const;
export type LimitsPolicy = (typeof LIMITS_SCHOOLS)[number];

/** Experience about an exceeded limit. */
export interface Trial {
  readonly decision: TrialDecision;
  readonly reason: Message;
  /** Extra checks on the job card because of this limit. */
  readonly extraCheck: Message;
  /** Logged outcomes of this derailleur and of others; undefined where there are none. */
  readonly tally?: Tally | undefined;
}

/** Further input besides the check: the cage in each ridden gear, the log, and the setup. */
interface TrialFacts {
  /** Empty without a cage length. */
  readonly ridden: readonly CageRow[];
  readonly experience?: readonly Experience[] | undefined;
  readonly derailleur?: DerailleurMark | undefined;
  readonly hangerExtenderMm?: number | undefined;
}

/**
 * Judges an exceeded published limit by the cage's geometry and the log. Undefined where nothing is
 * passed, or the limit is no published one.
 */
export function trialOf(check: Check, facts: TrialFacts): Trial | undefined {
  const { ridden, experience = [], derailleur, hangerExtenderMm } = facts;
  const trial = geometryTrial(check, ridden, hangerExtenderMm);
  if (!trial) return undefined;
  const tally = tallyOf(check.id, -(check.margin ?? 0), experience, derailleur);
  const { own, others } = tally;
  if (own.worked + own.reverted + others.worked + others.reverted === 0) return trial;
  return { ...trial, decision: decideByLog(trial.decision, own), tally };
}

function geometryTrial(
  { id, verdict, margin = 0 }: Check,
  ridden: readonly CageRow[],
  hangerExtenderMm: number | undefined,
): Trial | undefined {
  if (verdict !== 'outside') return undefined;
  const overT = -margin;
  switch (id) {
    case 'totalCapacity':
      return capacityTrial(ridden);
    case 'largestCog':
      return largestCogTrial(overT, hangerExtenderMm);
    case 'largestCogMinimum':
      return {
        decision: 'try',
        reason: message('fit.trial.largestCogMinimum', { by: overT * MM_PER_TOOTH }),
        extraCheck: message('fit.trial.largestCogMinimumCheck'),
      };
    case 'smallestCog':
      return {
        decision: 'try',
        reason: message('fit.trial.smallestCog', { by: overT * MM_PER_TOOTH }),
        extraCheck: message('fit.trial.smallestCogCheck'),
      };
    case 'ringDifference':
      return {
        decision: 'undecided',
        reason: message('fit.trial.ringDifference'),
        extraCheck: message('fit.trial.ringDifferenceCheck'),
      };
    case 'frontCage':
      return {
        decision: 'try',
        reason: message('fit.trial.frontCage'),
        extraCheck: message('fit.trial.frontCageCheck'),
      };
    default:
      return undefined;
  }
}

function capacityTrial(ridden: readonly CageRow[]): Trial {
  const extraCheck = message('fit.trial.capacityCheck');
  if (ridden.length === 0) {
    return { decision: 'undecided', reason: message('fit.trial.capacityUnknown'), extraCheck };
  }
  const bad = ridden.filter(({ pose }) => pose.state !== 'ok');
  if (bad.length > 0) {
    const gears = bad.map(({ chainring, cog }) => `${chainring}/${cog}`);
    return { decision: 'doNot', reason: message('fit.trial.capacityFails', { gears }), extraCheck };
  }
  const angles = ridden.map(({ pose }) => definite(pose.angleDeg));
  return {
    decision: 'try',
    reason: message('fit.trial.capacityHolds', { from: Math.min(...angles), to: Math.max(...angles) }),
    extraCheck,
  };
}

/** An extender lowers the derailleur: the teeth it gains do not count as over the limit. */
function largestCogTrial(overT: number, hangerExtenderMm: number | undefined): Trial {
  const extraCheck = message('fit.trial.largestCogCheck');
  const roomT = hangerExtenderMm === undefined ? 0 : extenderGainT(hangerExtenderMm);
  if (roomT >= overT) {
    return {
      decision: 'try',
      reason: message('fit.trial.largestCogExtender', { room: roomT, over: overT }),
      extraCheck,
    };
  }
  const by = (overT - roomT) * MM_PER_TOOTH;
  return {
    decision: 'undecided',
    reason:
      roomT > 0
        ? message('fit.trial.largestCogBesideExtender', { room: roomT, by })
        : message('fit.trial.largestCog', { by }),
    extraCheck,
  };
}

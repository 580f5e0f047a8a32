import { fixed } from '../number-text';
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

/** The schools on published limits: the sheet is the answer, or makers are careful and it may be tried. */
export const LIMITS_SCHOOLS = ['sheet', 'workshopTested'] as const;
export type LimitsPolicy = (typeof LIMITS_SCHOOLS)[number];

/** What the workshop-tested school says of a limit that is passed. */
export interface Trial {
  readonly decision: TrialDecision;
  readonly reason: string;
  /** What the job card asks for, for having passed this limit. */
  readonly extraCheck: string;
  /** What the log says of this derailleur and of others; undefined where it says nothing. */
  readonly tally?: Tally | undefined;
}

/** What is known beside the check: the cage in each gear that is ridden, the log, and what it is asked of. */
export interface TrialFacts {
  /** Empty without a cage length. */
  readonly ridden: readonly CageRow[];
  readonly experience?: readonly Experience[] | undefined;
  readonly derailleur?: DerailleurMark | undefined;
  readonly hangerExtenderMm?: number | undefined;
}

/**
 * What the cage's geometry and the log say of a published limit that is passed. Undefined where nothing is
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
        reason: `shifting is only less crisp: the guide pulley is ${fixed(overT * MM_PER_TOOTH, 1)} mm farther away`,
        extraCheck: 'B-tension screw as far out as clearance allows: test every shift up and down, under light load',
      };
    case 'smallestCog':
      return {
        decision: 'try',
        reason: `shifting to the smallest cog is only less crisp: the guide pulley is ${fixed(overT * MM_PER_TOOTH, 1)} mm farther away`,
        extraCheck: 'Ten shifts to the smallest cog and back, without rubbing on the dropout',
      };
    case 'ringDifference':
      return {
        decision: 'undecided',
        reason:
          'the drawing does not show the front derailleur cage; its lower edge may touch the chain on the small ring with the small cogs',
        extraCheck: 'Front shifts both ways on the largest and the smallest cog; no chain rub on the small ring',
      };
    case 'frontCage':
      return {
        decision: 'try',
        reason: 'the gap along the cage is uneven, which you can see before you buy anything',
        extraCheck: 'Gap between cage and big ring 1 to 3 mm along its whole length; front shifts under light load',
      };
    default:
      return undefined;
  }
}

function capacityTrial(ridden: readonly CageRow[]): Trial {
  const extraCheck =
    'Big-big by hand, slowly: the cage still has travel. Small-small: the chain is taut and touches nothing';
  if (ridden.length === 0) {
    return { decision: 'undecided', reason: 'the cage length is needed to work this out', extraCheck };
  }
  const bad = ridden.filter(({ pose }) => pose.state !== 'ok');
  if (bad.length > 0) {
    const gears = bad.map(({ chainring, cog }) => `${chainring}/${cog}`).join(', ');
    return { decision: 'doNot', reason: `by its geometry the cage does not hold the chain in ${gears}`, extraCheck };
  }
  const angles = ridden.map(({ pose }) => pose.angleDeg!);
  const signed = (deg: number) => `${deg < 0 ? '−' : '+'}${fixed(Math.abs(deg), 0)}°`;
  return {
    decision: 'try',
    reason: `by its geometry the cage holds the chain in every gear you allow, from ${signed(Math.min(...angles))} to ${signed(Math.max(...angles))}`,
    extraCheck,
  };
}

/** An extender lowers the derailleur: the teeth that it makes room for are not over the limit any more. */
function largestCogTrial(overT: number, hangerExtenderMm: number | undefined): Trial {
  const extraCheck =
    'B-tension screw as far in as needed: the guide pulley clears the largest cog, cranked slowly by hand in both directions';
  const roomT = hangerExtenderMm === undefined ? 0 : extenderGainT(hangerExtenderMm);
  if (roomT >= overT) {
    return {
      decision: 'try',
      reason: `the hanger extender makes room for ${roomT}T, and ${overT}T are over the published limit`,
      extraCheck,
    };
  }
  const left = overT - roomT;
  const room = roomT > 0 ? `beside the ${roomT}T that the extender makes room for, ` : '';
  return {
    decision: 'undecided',
    reason: `${room}the guide pulley must come ${fixed(left * MM_PER_TOOTH, 1)} mm lower than specified; the drawing cannot show how far the B-tension screw reaches`,
    extraCheck,
  };
}

import {
  addLosses,
  articulationLoss,
  checkCapacity,
  checkRingDifference,
  hubLoss,
  type Check,
  type FitInput,
  type FrontControl,
  type GearIndex,
  type LossEstimate,
  type Retention,
  type RearDerailleur,
} from '../fit';
import {
  bigChange,
  cadenceRpm,
  coverage,
  gearFor,
  gearReport,
  speedKmh,
  stepsByZone,
  type BigChange,
  type ClicksPerPush,
  type Coverage,
  type GearAtSpeed,
  type GearReport,
  type Setup,
  type SizedGear,
  type Zone,
  type ZoneSteps,
} from '../gears';
import { bandOf, needsOf, zonesOf, type FilledBrief, type Needs } from '../needs';
import { shiftsByHand, type ShiftsByHand } from './by-hand';
import { anglesOf } from './chain-angles';
import { frontDragW } from './drag';
import { speedsRidden, timeWeightedStep } from './ridden-step';
import { firstOf, lastOf, definite } from '../items';

/** A setup with all inputs of a comparison. */
export interface Candidate {
  readonly id: string;
  readonly setup: Setup;
  readonly rolloutMm: number;
  readonly crankLengthMm: number | undefined;
  readonly rearDerailleur: RearDerailleur;
  /** Places of the gears that the rider never uses. */
  readonly avoided?: readonly GearIndex[] | undefined;
  readonly clicksPerPush: ClicksPerPush;
  /** How front shifts are made; by a lever of their own where it is absent. */
  readonly frontControl?: FrontControl | undefined;
  /** What keeps the chain on a single ring; absent where it is not known. */
  readonly retention?: readonly Retention[] | undefined;
  /** mm; typical where it is absent. */
  readonly chainstayMm?: number | undefined;
  readonly chainline?: FitInput['chainline'];
  readonly massG: number | undefined;
  /** Whether it is worked out by teeth, not weighed. */
  readonly isMassEstimate?: boolean | undefined;
  readonly cost: number | undefined;
}

/** The figures of one setup for a rider's needs. */
export interface SetupFigures {
  readonly candidate: Candidate;
  readonly report: GearReport;
  readonly needs: Needs;
  readonly coverage: Coverage;
  readonly zones: Readonly<Record<Zone, ZoneSteps>>;
  readonly spinOutKmh: number;
  readonly bigChange: BigChange;
  readonly byHand: ShiftsByHand;
  /** Cadence in the easiest gear on the steepest climb. */
  readonly climbRpm: number;
  /** The gear for the usual speed on the flat. */
  readonly cruising: GearAtSpeed<SizedGear>;
  /** The mean step, weighed by the time at each speed; undefined for a single gear. */
  readonly riddenStep: number | undefined;
  /** Loss of the chain in that gear, a share of the power. */
  readonly chainLoss: LossEstimate;
  /** The same with that of a two-speed hub. */
  readonly loss: LossEstimate;
  /** Drag of a front derailleur and second ring at the usual speed, W; 0 on one ring. */
  readonly frontDragW: number;
  readonly capacity: Check;
  /** All that the derailleurs' sheets limit: capacity, cogs, and of two rings their difference. */
  readonly limits: readonly Check[];
}

/** How a comparison counts. */
interface CompareRules {
  readonly closenessPercent: number;
  readonly crossedCogs: number;
}

/** @param needs overrides the needs derived from the brief */
export function setupFigures(
  candidate: Candidate,
  brief: FilledBrief,
  rules: CompareRules,
  needs: Needs = needsOf(brief),
): SetupFigures {
  const { setup, rolloutMm, crankLengthMm, clicksPerPush, rearDerailleur, avoided } = candidate;
  const report = gearReport(setup, { rolloutMm, crankLengthMm, cadenceRpm: brief.preferredRpm, ...rules });
  // Of the shift sequence, which has no cross-chained gears.
  const cruising = gearFor(report.pathGears, brief.cruisingSpeedKmh, brief.cruisingRpm);
  const rear = checkCapacity({ setup, rearDerailleur, avoided });
  const hardest = lastOf(report.gears);
  const { chainring, cog } = cruising.gear;
  const chainLoss = articulationLoss(chainring, cog, angleOf(candidate, cruising.gear));
  return {
    candidate,
    report,
    needs,
    coverage: coverage(report.gears, bandOf(brief)),
    zones: stepsByZone(report.path.steps, rolloutMm, brief.preferredRpm, zonesOf(brief)),
    spinOutKmh: speedKmh(hardest.developmentM, brief.spinOutRpm),
    bigChange: bigChange(setup, report.path, clicksPerPush),
    byHand: shiftsByHand(report.path, candidate.frontControl ?? 'lever'),
    climbRpm: cadenceRpm(firstOf(report.gears).developmentM, needs.climbSpeedKmh),
    cruising,
    riddenStep: timeWeightedStep(report.pathGears, brief.preferredRpm, speedsRidden(brief, needs)),
    chainLoss,
    loss: addLosses(chainLoss, hubLoss(cruising.gear.hubStage)),
    frontDragW: setup.chainrings.length > 1 ? frontDragW(brief.frontDragCm2, brief.cruisingSpeedKmh) : 0,
    capacity: definite(rear.find(({ id }) => id === 'totalCapacity')),
    // With one ring there is no front derailleur to limit anything.
    limits: setup.chainrings.length > 1 ? [...rear, checkRingDifference(setup, rearDerailleur)] : rear,
  };
}

function angleOf(candidate: Candidate, gear: SizedGear): number {
  return definite(anglesOf(candidate).find(({ chainring, cog }) => chainring === gear.chainring && cog === gear.cog))
    .angleDeg;
}

import {
  articulationLoss,
  checkCapacity,
  type Check,
  type GearPlace,
  type LossEstimate,
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
import { bandOf, needsOf, zonesOf, type FilledBrief, type Needs } from '../brief';
import { frontDragW } from './drag';

/** A setup with all that a comparison asks of it. */
export interface Candidate {
  readonly id: string;
  readonly setup: Setup;
  readonly rolloutMm: number;
  readonly crankLengthMm: number | undefined;
  readonly rearDerailleur: RearDerailleur;
  /** Places of the gears that the rider never uses. */
  readonly avoided?: readonly GearPlace[] | undefined;
  readonly clicksPerPush: ClicksPerPush;
  readonly massG: number | undefined;
  /** Whether it is worked out by teeth, not weighed. */
  readonly isMassEstimate?: boolean | undefined;
  readonly cost: number | undefined;
}

/** One setup in the light of a brief. */
export interface SetupFigures {
  readonly candidate: Candidate;
  readonly report: GearReport;
  readonly needs: Needs;
  readonly coverage: Coverage;
  readonly zones: Readonly<Record<Zone, ZoneSteps>>;
  readonly spinOutKmh: number;
  readonly bigChange: BigChange;
  /** Cadence in the easiest gear on the steepest climb. */
  readonly climbRpm: number;
  /** The gear for the usual speed on the flat. */
  readonly cruising: GearAtSpeed<SizedGear>;
  /** Chain losses in that gear, a share of the power. */
  readonly loss: LossEstimate;
  /** Drag of a front derailleur and second ring at the usual speed, W; 0 on one ring. */
  readonly frontDragW: number;
  readonly capacity: Check;
}

/** How a comparison counts. */
export interface CompareRules {
  readonly closenessPercent: number;
  readonly crossedCogs: number;
}

export function setupFigures(candidate: Candidate, brief: FilledBrief, rules: CompareRules): SetupFigures {
  const { setup, rolloutMm, crankLengthMm, clicksPerPush, rearDerailleur, avoided } = candidate;
  const report = gearReport(setup, { rolloutMm, crankLengthMm, cadenceRpm: brief.preferredRpm, ...rules });
  const cruising = gearFor(report.gears, brief.cruisingSpeedKmh, brief.cruisingRpm);
  const needs = needsOf(brief);
  const hardest = report.gears.at(-1)!;
  return {
    candidate,
    report,
    needs,
    coverage: coverage(report.gears, bandOf(brief)),
    zones: stepsByZone(report.path.steps, rolloutMm, brief.preferredRpm, zonesOf(brief)),
    spinOutKmh: speedKmh(hardest.developmentM, brief.spinOutRpm),
    bigChange: bigChange(setup, report.path, clicksPerPush),
    climbRpm: cadenceRpm(report.gears[0]!.developmentM, needs.climbSpeedKmh),
    cruising,
    loss: articulationLoss(cruising.gear.chainring, cruising.gear.cog),
    frontDragW: setup.chainrings.length > 1 ? frontDragW(brief.frontDragCm2, brief.cruisingSpeedKmh) : 0,
    capacity: checkCapacity({ setup, rearDerailleur, avoided }).find(({ id }) => id === 'totalCapacity')!,
  };
}

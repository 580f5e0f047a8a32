import {
  largestStep,
  meanStep,
  stepsAlong,
  type Gear,
  type GearReport,
  type Step,
  type StepSize,
} from '../../core/gears';
import { gearName } from '../../features/explanations/gears';
import type { StepRoute } from '../../records';
import { definite } from '../../core/items';

interface StepRow {
  readonly key: string;
  readonly step: Step;
  readonly from: string;
  readonly to: string;
  /** Length of its bar, as a share of the longest. */
  readonly share: number;
  readonly isLargest: boolean;
}

interface StepListing {
  readonly rows: readonly StepRow[];
  /** Undefined where there is no step at all. */
  readonly summary: { readonly mean: StepSize; readonly totalLogStep: number; readonly largest: StepRow } | undefined;
}

const cog = (gear: Gear) => `${gear.cog}`;

/** The steps along the cassette, the shift path, or every gear in order of size. */
export function stepListing(report: GearReport, route: StepRoute): StepListing {
  const { steps, name } = stepsOf(report, route);
  if (steps.length === 0) return { rows: [], summary: undefined };
  const largest = largestStep(steps);
  const rows = steps.map((step) => ({
    key: `${gearName(step.from)} ${gearName(step.to)}`,
    step,
    from: name(step.from),
    to: name(step.to),
    share: largest.logStep === 0 ? 0 : step.logStep / largest.logStep,
    isLargest: step === largest,
  }));
  const totalLogStep = steps.reduce((sum, { logStep }) => sum + logStep, 0);
  return {
    rows,
    summary: { mean: meanStep(steps), totalLogStep, largest: definite(rows.find(({ isLargest }) => isLargest)) },
  };
}

function stepsOf(
  { gears, path, setup, steps }: GearReport,
  route: StepRoute,
): { readonly steps: readonly Step[]; readonly name: (gear: Gear) => string } {
  switch (route) {
    case 'cassette':
      // Every ring takes the same steps along the cassette.
      return {
        steps: stepsAlong(
          gears.filter(
            ({ chainring, hubStage }) => chainring === setup.chainrings[0] && hubStage === setup.hubStages[0],
          ),
        ),
        name: cog,
      };
    case 'shiftPath':
      return { steps: path.steps, name: gearName };
    case 'allGears':
      return { steps, name: gearName };
  }
}

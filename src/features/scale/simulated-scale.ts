import type { Scale } from './scale';
import { t } from './text';

const EVERY_MS = 100;
/** Time in which what is shown comes most of the way to what is on it, ms. */
const SETTLING_MS = 450;
/** More than any scale shows. */
const DISPLAY_DECIMALS = 3;
/** Drift of the zero, g a minute. */
const DRIFT_G_PER_MIN = 0.4;

interface SimulatedScaleOptions {
  readonly resolutionG: number;
  /** Milliseconds; the browser's own clock in the workspace, a hand-turned one in tests. */
  readonly nowMs?: () => number;
}

/** What a damped pan shows: it comes to the load exponentially, its zero drifts, and it shows whole steps. */
export class ScaleModel {
  private shownG = 0;
  private loadG = 0;
  private zeroG = 0;
  private driftG = 0;

  constructor(private readonly resolutionG: number) {}

  load(grams: number): void {
    this.loadG = grams;
  }

  tare(): void {
    this.zeroG = this.shownG + this.driftG;
  }

  /** Goes on by so much time; answers with what it shows, g. */
  step(elapsedMs: number): number {
    this.shownG += (this.loadG - this.shownG) * (1 - Math.exp(-elapsedMs / SETTLING_MS));
    this.driftG += (DRIFT_G_PER_MIN * elapsedMs) / 60_000;
    const steps = Math.round((this.shownG + this.driftG - this.zeroG) / this.resolutionG);
    // A display has decimals: 3 steps of 0.1 are 0.3, not 0.30000000000000004.
    return Number((steps * this.resolutionG).toFixed(DISPLAY_DECIMALS));
  }
}

/** A bench scale that is not there: with resolution, settling and a drifting zero, so that weighing can be shown and tested. */
export function simulatedScale({ resolutionG, nowMs = () => performance.now() }: SimulatedScaleOptions): Scale {
  const model = new ScaleModel(resolutionG);
  return {
    name: t('simulatedScale.simulatedBenchScaleResolutionG', { resolutionG }),
    resolutionG,
    load: (grams) => model.load(grams),
    tare: () => model.tare(),
    watch: (show) => {
      let last = nowMs();
      const timer = setInterval(() => {
        const now = nowMs();
        show(model.step(now - last));
        last = now;
      }, EVERY_MS);
      return () => clearInterval(timer);
    },
  };
}

import { fillBrief, type Brief, type FilledBrief } from '@/core/needs';
import { difference, setupFigures, type Candidate, type DifferenceRow, type SetupFigures } from '@/core/compare';
import type { Setup } from '@/core/gears';
import { TOURER_ROLLOUT_MM } from './setups';

export const candidate = (setup: Setup, more: Partial<Candidate> = {}): Candidate => ({
  id: setup.chainrings.join('/'),
  setup,
  rolloutMm: TOURER_ROLLOUT_MM,
  crankLengthMm: 170,
  rearDerailleur: {},
  clicksPerPush: { easier: 3, harder: 2 },
  massG: undefined,
  cost: undefined,
  ...more,
});

interface ComparedPair {
  readonly brief: FilledBrief;
  readonly own: SetupFigures;
  readonly base: SetupFigures;
  readonly rows: readonly DifferenceRow[];
}

/** Two setups in the light of one brief, the second the one fitted now. */
export function compared(own: Candidate, base: Candidate, said: Brief, preferredRpm = 88): ComparedPair {
  const brief = fillBrief({ preferredRpm, ...said });
  const rules = { closenessPercent: 5, crossedCogs: 2 };
  const [ownFigures, baseFigures] = [own, base].map((one) => setupFigures(one, brief, rules));
  return {
    brief,
    own: ownFigures!,
    base: baseFigures!,
    rows: difference(ownFigures!, baseFigures!, brief),
  };
}

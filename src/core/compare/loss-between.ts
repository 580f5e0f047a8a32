import { hubLoss, isWithinSpreads, lossWatts } from '../fit';
import { anglesOf } from './chain-angles';
import { frontDragW } from './drag';
import { DRAG_SPREAD } from './difference';
import type { Candidate } from './figures';

/** A gear of some setup, as far as its losses depend on it. */
export interface LossGear {
  readonly chainring: number;
  readonly cog: number;
  /** Of the chain, sideways. */
  readonly angleDeg: number;
  /** Ratio of the hub's stage; 1 without a two-speed hub. */
  readonly hubStage: number;
  /** Whether the setup has a front derailleur and a second ring in the wind. */
  readonly hasFront: boolean;
}

/** Every gear of a setup, as far as its losses depend on it: big ring first, smallest cog first. */
export function lossGearsOf(candidate: Candidate): LossGear[] {
  const hasFront = candidate.setup.chainrings.length > 1;
  return anglesOf(candidate).flatMap(({ chainring, cog, angleDeg }) =>
    candidate.setup.hubStages.map((hubStage) => ({ chainring, cog, hubStage, angleDeg, hasFront })),
  );
}

/** Watts with the span in which they lie. */
interface Watts {
  readonly watts: number;
  readonly lowWatts: number;
  readonly highWatts: number;
}

export interface LossOfGear {
  readonly chain: Watts;
  /** Of a two-speed hub; 0 straight through. */
  readonly hub: Watts;
  readonly air: Watts;
  readonly total: Watts;
}

/** Works out what chain, hub and front parts take in one gear. */
function lossOfGear(
  { chainring, cog, hubStage, angleDeg, hasFront }: LossGear,
  { powerW, speedKmh, frontDragCm2, anglePercentPerDeg }: LossConditions,
): LossOfGear {
  const chain = lossWatts({ chainring, cog, angleDeg }, powerW, anglePercentPerDeg);
  const drag = hasFront ? frontDragW(frontDragCm2, speedKmh) : 0;
  const air = { watts: drag, lowWatts: drag * (1 - DRAG_SPREAD), highWatts: drag * (1 + DRAG_SPREAD) };
  const stage = hubLoss(hubStage);
  const hub = {
    watts: stage.fraction * powerW,
    lowWatts: stage.lowFraction * powerW,
    highWatts: stage.highFraction * powerW,
  };
  return { chain, hub, air, total: sum(sum(chain, hub), air) };
}

const sum = (a: Watts, b: Watts): Watts => ({
  watts: a.watts + b.watts,
  lowWatts: a.lowWatts + b.lowWatts,
  highWatts: a.highWatts + b.highWatts,
});

interface LossConditions {
  readonly powerW: number;
  readonly speedKmh: number;
  readonly frontDragCm2: number;
  /** Loss ascribed to the angle, percent of the power per degree. */
  readonly anglePercentPerDeg: number;
}

/** Two gears side by side. */
interface LossBetween {
  readonly left: LossOfGear;
  readonly right: LossOfGear;
  /** Right less left, W; above 0 the right one loses more. */
  readonly differenceW: number;
  /** Whether it is smaller than both spreads together: then it is no difference. */
  readonly withinSpreads: boolean;
}

/** Puts any two gears side by side, in watts. */
export function lossBetween(left: LossGear, right: LossGear, conditions: LossConditions): LossBetween {
  const [a, b] = [lossOfGear(left, conditions), lossOfGear(right, conditions)];
  const spread = ({ total }: LossOfGear) => ({ low: total.lowWatts, high: total.highWatts });
  return {
    left: a,
    right: b,
    differenceW: b.total.watts - a.total.watts,
    withinSpreads: isWithinSpreads(a.total.watts, b.total.watts, spread(a), spread(b)),
  };
}

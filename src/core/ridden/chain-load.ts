import { PITCH_MM } from '../fit';
import { TURNING_RPM, durationsS, type Recording } from '../recording';
import { itemAt } from '../items';
import { NO_GEAR, gearsOn, type RiddenOn } from './gears-on';

/** How hard a chain is worked on a setup over recorded rides. */
export interface ChainLoad {
  readonly drivingS: number;
  readonly metres: number;
  /** Mean over the time in which the cranks drove, N. */
  readonly meanForceN: number;
  /** Exceeded for a tenth of that time, N. */
  readonly highForceN: number;
  /** Bends under load of one link, each weighed with its angle and force, N·rad. */
  readonly bendingNRad: number;
}

/** Forces are counted in steps of this, N, up to ten thousand: a sprinter on a child's ring. */
const FORCE_STEP_N = 5;
const FORCE_STEPS = 2000;

/**
 * Chain force F = P ÷ (ring teeth × pitch × turns a second), and how often and how far each link bends under it: once on to the
 * ring, by 2π ÷ ring, and once off the cog, by 2π ÷ cog, for each time that the chain goes round. Wear of a pin goes with force
 * times the way that it slides (Archard, J. Appl. Phys. 1953), so setups compare by these sums; the slack run below adds next to
 * nothing.
 * @param powerW at the cranks, at each sample
 * @param chainLinks of the chain on this setup
 */
export function chainLoad(recording: Recording, powerW: Float64Array, on: RiddenOn, chainLinks: number): ChainLoad {
  const { timeS, speedMs, cadenceRpm } = recording;
  const lasts = durationsS(timeS);
  const sequence = gearsOn(recording, on);
  const secondsByForce = new Float64Array(FORCE_STEPS);
  const totals = { drivingS: 0, metres: 0, forceNS: 0, bendingNRad: 0 };
  sequence.forEach((place, i) => {
    const seconds = itemAt(lasts, i);
    const speed = itemAt(speedMs, i);
    if (!Number.isNaN(speed)) totals.metres += speed * seconds;
    if (place === NO_GEAR || itemAt(cadenceRpm, i) <= TURNING_RPM) return;
    const { chainring, cog, developmentM } = itemAt(on.gears, place);
    const turnsPerS = speed / developmentM;
    const linksPerS = chainring * turnsPerS;
    const forceN = itemAt(powerW, i) / ((linksPerS * PITCH_MM) / 1000);
    totals.drivingS += seconds;
    totals.forceNS += forceN * seconds;
    const step = Math.min(FORCE_STEPS - 1, Math.floor(forceN / FORCE_STEP_N));
    secondsByForce[step] = itemAt(secondsByForce, step) + seconds;
    totals.bendingNRad += forceN * 2 * Math.PI * (1 / chainring + 1 / cog) * (linksPerS / chainLinks) * seconds;
  });
  return {
    drivingS: totals.drivingS,
    metres: totals.metres,
    meanForceN: totals.drivingS > 0 ? totals.forceNS / totals.drivingS : 0,
    highForceN: exceededForN(secondsByForce, 0.1 * totals.drivingS),
    bendingNRad: totals.bendingNRad,
  };
}

/** The force that is exceeded for so many seconds, N. */
function exceededForN(secondsByForce: Float64Array, seconds: number): number {
  let above = 0;
  let step = secondsByForce.length - 1;
  while (step > 0 && above + itemAt(secondsByForce, step) <= seconds) {
    above += itemAt(secondsByForce, step);
    step -= 1;
  }
  return step * FORCE_STEP_N;
}

/** Adds up the loads of several rides on one setup; the force that is seldom exceeded is the largest of them. */
export function sumChainLoads(loads: readonly ChainLoad[]): ChainLoad {
  const sum = (of: (load: ChainLoad) => number) => loads.reduce((total, load) => total + of(load), 0);
  const drivingS = sum((load) => load.drivingS);
  return {
    drivingS,
    metres: sum((load) => load.metres),
    meanForceN: drivingS > 0 ? sum((load) => load.meanForceN * load.drivingS) / drivingS : 0,
    highForceN: Math.max(0, ...loads.map((load) => load.highForceN)),
    bendingNRad: sum((load) => load.bendingNRad),
  };
}

/** What a chain costs on a setup. */
export interface ChainCost {
  /** Wear by the kilometre against another setup: 1.1 wears a tenth faster. */
  readonly relativeWear: number;
  /** At which the chain is at its limit, km. */
  readonly lifeKm: number;
  /** In the money of the price, for 1000 km. */
  readonly per1000Km: number;
}

/** @param lifeKm of a chain on the setup of `other` */
export function chainCost(load: ChainLoad, other: ChainLoad, lifeKm: number, price: number): ChainCost {
  const perKm = ({ bendingNRad, metres }: ChainLoad) => bendingNRad / metres;
  const relativeWear = perKm(load) / perKm(other);
  const ownLifeKm = lifeKm / relativeWear;
  return { relativeWear, lifeKm: ownLifeKm, per1000Km: (price * 1000) / ownLifeKm };
}

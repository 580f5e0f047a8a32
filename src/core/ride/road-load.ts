import { bisect } from '../numbers';
import { kmhOf, msOf } from './speed';

/** Standard gravity, m/s² (3rd CGPM, 1901). */
export const GRAVITY_MS2 = 9.80665;

/** A motor that gives a multiple of the rider's power, up to a rated maximum and a cut-off speed. */
export interface MotorAssist {
  /** The motor's power for each watt of the rider's. */
  readonly supportFactor: number;
  readonly maxW: number;
  /** At and above it the motor gives nothing, km/h. */
  readonly cutOffKmh: number;
}

/** What holds a rider back, and what helps, besides the road's grade. */
export interface Resistance {
  /** Rider, bike and load, kg. */
  readonly massKg: number;
  /** Coefficient of rolling resistance. */
  readonly crr: number;
  /** Drag area, m². */
  readonly cdaM2: number;
  /** kg/m³ */
  readonly airDensityKgM3: number;
  /** Share of the rider's power that reaches the road, 0 to 1. */
  readonly efficiency: number;
  /** Against the rider, m/s; negative from behind. */
  readonly headwindMs: number;
  readonly assist?: MotorAssist | undefined;
}

/** Power at the cranks with the motor's share, W, at a speed. */
export function assistedPowerW(powerW: number, speedMs: number, assist: MotorAssist | undefined): number {
  if (!assist || kmhOf(speedMs) >= assist.cutOffKmh) return powerW;
  return powerW + Math.min(powerW * assist.supportFactor, assist.maxW);
}

/** What of a power at the cranks the rider gives where a motor gives the rest, W; the inverse of {@link assistedPowerW}. */
function ridersShareW(powerW: number, speedMs: number, assist: MotorAssist | undefined): number {
  if (!assist || powerW <= 0 || kmhOf(speedMs) >= assist.cutOffKmh) return powerW;
  return Math.max(powerW / (1 + assist.supportFactor), powerW - assist.maxW);
}

/**
 * The rider's power at the cranks for a steady speed, W; below 0 where the slope gives more than is lost.
 * Martin et al., J. Appl. Biomech. 14 (1998), without bearing losses and acceleration:
 * P·η = v·(m·g·(sin θ + C_rr·cos θ) + ½·ρ·CdA·(v + w)·|v + w|), tan θ = grade.
 */
export function powerForSpeed(speedMs: number, gradeFraction: number, resistance: Resistance): number {
  const neededW = (speedMs * forceN(speedMs, gradeFraction, resistance)) / resistance.efficiency;
  return ridersShareW(neededW, speedMs, resistance.assist);
}

/** Force against the rider at a speed, N. */
function forceN(speedMs: number, gradeFraction: number, resistance: Resistance): number {
  const { massKg, crr } = resistance;
  const angle = Math.atan(gradeFraction);
  return massKg * GRAVITY_MS2 * (Math.sin(angle) + crr * Math.cos(angle)) + airForceN(speedMs, resistance);
}

/** The air's share of it; below 0 where the wind is faster from behind. */
export function airForceN(speedMs: number, { cdaM2, airDensityKgM3, headwindMs }: Resistance): number {
  const air = speedMs + headwindMs;
  return 0.5 * airDensityKgM3 * cdaM2 * air * Math.abs(air);
}

/** No rider is faster, m/s; the search begins here. */
const FASTEST_MS = 200;

/**
 * The steady speed, m/s, at a power; the inverse of {@link powerForSpeed}. Where the force is above
 * 0 it grows with speed, so there is just one such speed. With no power it is the speed at which
 * slope and drag are even, or 0. Where a motor would help beyond its cut-off and the legs alone do not reach it, it is
 * the cut-off.
 * @param powerW of the rider, at least 0
 */
export function speedForPower(powerW: number, gradeFraction: number, resistance: Resistance): number {
  if (!(powerW >= 0)) throw new RangeError(`power ${powerW} W: at least 0`);
  const { assist } = resistance;
  if (assist) {
    const legs = { ...resistance, assist: undefined };
    const cutOffMs = msOf(assist.cutOffKmh);
    const helpedMs = speedForPower(assistedPowerW(powerW, 0, assist), gradeFraction, legs);
    return helpedMs < cutOffMs ? helpedMs : Math.max(cutOffMs, speedForPower(powerW, gradeFraction, legs));
  }
  // Below this speed the slope or the wind pushes by itself.
  const pushedTo =
    forceN(0, gradeFraction, resistance) >= 0 ? 0 : bisect((v) => forceN(v, gradeFraction, resistance), 0, FASTEST_MS);
  if (powerW === 0) return pushedTo;
  return bisect((v) => powerForSpeed(v, gradeFraction, resistance) - powerW, pushedTo, FASTEST_MS);
}

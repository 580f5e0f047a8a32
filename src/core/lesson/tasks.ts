import type { ChainAngle } from '../fit';
import { speedKmh } from '../gears';
import { itemAt } from '../items';

/** The target of the lesson on development, m per crank turn. */
const ASKED_DEVELOPMENT_M = 5;
/** Between these cadences the lesson on speed wants it ridden, rpm. */
export const ASKED_RPM = { min: 80, max: 95 } as const;
const WITHIN_KMH = 0.3;

/** A gear with its development. */
interface Developed {
  readonly developmentM: number;
}

/** Whether no gear is closer to the target. */
export function isNearestDevelopment(gears: readonly Developed[], chosen: Developed): boolean {
  const off = ({ developmentM }: Developed) => Math.abs(developmentM - ASKED_DEVELOPMENT_M);
  return gears.every((gear) => off(gear) >= off(chosen));
}

/** The speed to be ridden, a whole one that a gear from the middle makes within the cadences. @param gears at least one, easiest first */
export function askedSpeedKmh(gears: readonly Developed[]): number {
  const middle = itemAt(gears, Math.floor(gears.length / 2));
  return Math.round(speedKmh(middle.developmentM, (ASKED_RPM.min + ASKED_RPM.max) / 2));
}

/** Whether a gear at a cadence rides it. */
export function ridesAsked(gears: readonly Developed[], { developmentM }: Developed, rpm: number): boolean {
  const isOff = Math.abs(speedKmh(developmentM, rpm) - askedSpeedKmh(gears)) > WITHIN_KMH;
  return !isOff && rpm >= ASKED_RPM.min && rpm <= ASKED_RPM.max;
}

/** Whether no gear has a steeper chain. */
export function isSteepest(angles: readonly ChainAngle[], { angleDeg }: ChainAngle): boolean {
  return angles.every((other) => Math.abs(other.angleDeg) <= Math.abs(angleDeg));
}

import type { FrontControl } from '../fit';
import type { ShiftPath } from '../gears';

/** Shifts along a sequence that the rider makes by hand. */
export interface ShiftsByHand {
  /** Ring changes that the rider makes. */
  readonly front: number;
  /** Double shifts. */
  readonly double: number;
}

/** Returns the shifts that the rider makes: where the system shifts the front, none of them, and one hand does it all. */
export function shiftsByHand(
  { frontShifts, doubleShifts }: Pick<ShiftPath, 'frontShifts' | 'doubleShifts'>,
  control: FrontControl,
): ShiftsByHand {
  return control === 'lever' ? { front: frontShifts, double: doubleShifts } : { front: 0, double: 0 };
}

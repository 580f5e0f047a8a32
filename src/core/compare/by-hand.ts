import type { FrontControl } from '../fit';
import type { ShiftPath } from '../gears';

/** The shifts along a sequence that ask something of the rider's hands. */
export interface ShiftsByHand {
  /** Ring changes that the rider makes. */
  readonly front: number;
  /** Shifts that need both hands at once. */
  readonly double: number;
}

/** Returns the shifts that the rider makes: where the system shifts the front, none of them, and one hand does it all. */
export function shiftsByHand(
  { frontShifts, doubleShifts }: Pick<ShiftPath, 'frontShifts' | 'doubleShifts'>,
  control: FrontControl,
): ShiftsByHand {
  return control === 'lever' ? { front: frontShifts, double: doubleShifts } : { front: 0, double: 0 };
}

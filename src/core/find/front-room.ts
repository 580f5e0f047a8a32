import type { Use } from '../needs';

/** Whether a frame takes a front derailleur. */
export interface FrontRoom {
  readonly room: 'yes' | 'no' | 'notKnown';
  /** Whether it follows from the kind of riding alone. */
  readonly assumed: boolean;
}

/**
 * Whether a frame takes a front derailleur: as entered; yes if one is fitted; trail frames are assumed not
 * to, as hardly any that is sold does; of others it is not known.
 * @param said undefined if not entered
 * @param chainrings on the bike now
 */
export function frontRoomOf(said: boolean | undefined, chainrings: readonly number[], use: Use | undefined): FrontRoom {
  if (said !== undefined) return { room: said ? 'yes' : 'no', assumed: false };
  if (chainrings.length > 1) return { room: 'yes', assumed: false };
  return use === 'trail' ? { room: 'no', assumed: true } : { room: 'notKnown', assumed: false };
}

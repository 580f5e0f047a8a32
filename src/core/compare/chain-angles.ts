import { DRIVE_DEFAULTS, chainAngles, chainlineOf, type ChainAngle } from '../fit';
import type { Candidate } from './figures';

/** The sideways angle of the chain in every gear, by what is measured of the chainline, typical for the rest. */
export function anglesOf({
  setup,
  chainstayMm = DRIVE_DEFAULTS.chainstayMm,
  chainline,
}: Pick<Candidate, 'setup' | 'chainstayMm' | 'chainline'>): ChainAngle[] {
  return chainAngles(setup, chainlineOf({ setup, chainstayMm, chainline }));
}

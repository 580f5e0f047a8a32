import type { Build } from './build';
import { judgeReading, type StepReading } from './readings';

/** What is read off the bike before anything is done, because it is not known; the card depends on it. */
export interface ReadAtBike {
  /** Links of the chain on the bike. */
  readonly links?: number | undefined;
  readonly chainSpeeds?: number | undefined;
  readonly shifterSpeeds?: number | undefined;
}

/** Counts of links that a bicycle chain has at all. */
export const LINKS_POSSIBLE = { min: 60, max: 180 };

export const LINKS_COUNTED: StepReading = { id: 'links', unit: 'links', possible: LINKS_POSSIBLE };
export const CHAIN_SPEEDS: StepReading = { id: 'speeds', unit: 'speeds', possible: { min: 5, max: 14 } };
export const SHIFTER_SPEEDS: StepReading = { id: 'shifterSpeeds', unit: 'speeds', possible: { min: 1, max: 14 } };

/** Returns a build as it was read at the bike, which takes precedence over what is recorded; what cannot be is left out. */
export function asRead<T extends Pick<Build, 'chainLinks' | 'parts'>>(build: T, read: ReadAtBike): T {
  const links = usable(LINKS_COUNTED, read.links);
  const chainSpeeds = usable(CHAIN_SPEEDS, read.chainSpeeds);
  const shifterSpeeds = usable(SHIFTER_SPEEDS, read.shifterSpeeds);
  return {
    ...build,
    ...(links !== undefined && { chainLinks: links }),
    parts: {
      ...build.parts,
      ...(chainSpeeds !== undefined && { chainSpeeds }),
      ...(shifterSpeeds !== undefined && { shifterSpeeds }),
    },
  };
}

function usable(reading: StepReading, value: number | undefined): number | undefined {
  return value !== undefined && judgeReading(reading, value).kind === 'noTarget' ? value : undefined;
}

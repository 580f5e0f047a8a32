import { message, type Message } from '../message';

/** A kind of freehub body by what it is; makers call them otherwise. */
interface FreehubFamily {
  readonly spline: string;
  /** Typical; absent where bodies of the family differ too much. */
  readonly bodyLengthMm: number | undefined;
  readonly smallestCogT: number;
  /** Cassettes that are made for it, in speeds. */
  readonly speeds: string;
}

/** Bodies in common use. Lengths are typical: the wheel's sheet, or a caliper, wins. */
export const FREEHUB_FAMILIES: readonly FreehubFamily[] = [
  { spline: 'nine wide splines', bodyLengthMm: 34.9, smallestCogT: 11, speeds: '8 to 10, wide-range 11' },
  { spline: 'nine wide splines', bodyLengthMm: 36.75, smallestCogT: 11, speeds: '11 and 12, road' },
  { spline: 'short splines and a thread', bodyLengthMm: undefined, smallestCogT: 10, speeds: '11 and 12' },
  { spline: 'many fine splines', bodyLengthMm: undefined, smallestCogT: 10, speeds: '12' },
  { spline: 'fine splines for a 9T cog', bodyLengthMm: undefined, smallestCogT: 9, speeds: '13' },
];

/** What a family is called in a list: its splines, body length and speeds. */
export function familyName({ spline, bodyLengthMm, speeds }: FreehubFamily): Message {
  return bodyLengthMm === undefined
    ? message('parts.freehub.unknown', { spline, speeds })
    : message('parts.freehub.known', { spline, length: bodyLengthMm, speeds });
}

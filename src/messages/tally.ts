import type { Count, Tally } from '../core/fit';

const all = ({ worked, reverted }: Count) => worked + reverted;
const of = (name: string, count: Count) => `${name}: ${count.worked} of ${all(count)} worked`;

/** What the log says of passing a limit by as much: with this derailleur, and with others. */
export function tallyText({ own, others }: Tally): string {
  const parts = [
    ...(all(own) > 0 ? [of('this derailleur', own)] : []),
    ...(all(others) > 0 ? [of('others', others)] : []),
  ];
  return parts.length === 0 ? '' : `In your log, past the limit by as much: ${parts.join('; ')}.`;
}

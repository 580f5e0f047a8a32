import { usageFigures, type UseFigures } from '../../../core/log';
import { fixed } from '../../../kit/format';
import type { Side } from '../useBeforeAfter';

const percent = (fraction: number) => `${fixed(fraction * 100, 0)} %`;

/** What the swap did, in a sentence: time in the band, holes, shifts. */
export function beforeAfterSentence(before: Side, after: Side): string {
  if (!before.told || !after.told) return 'Working out the gears of these rides…';
  const [was, is] = [usageFigures(before.told).outOfBand, usageFigures(after.told).outOfBand];
  const band =
    percent(was) === percent(is)
      ? `${percent(is)} of the time outside cadence range, as before`
      : `${percent(is)} of the time outside cadence range, ${percent(was)} before`;
  const holes =
    before.holes === after.holes
      ? `${holeText(after.holes)}, as before`
      : `${holeText(after.holes)}, ${before.holes} before`;
  return `${band}; ${holes}.`;
}

const holeText = (holes: number) => (holes === 0 ? 'no gap' : holes === 1 ? 'one gap' : `${holes} gaps`);

export function beforeAfterRows(
  before: Side,
  after: Side,
): (readonly [title: string, before: string, after: string])[] {
  const row = (title: string, text: (figures: UseFigures) => string) =>
    [title, ...[before, after].map(({ told }) => (told ? text(usageFigures(told)) : ''))] as [string, string, string];
  const count = ({ rides }: Side) => `${rides.length} ${rides.length === 1 ? 'ride' : 'rides'}`;
  return [
    ['based on', count(before), count(after)],
    row('outside cadence range', ({ outOfBand }) => percent(outOfBand)),
    row('below range', ({ below }) => percent(below)),
    row('above range', ({ above }) => percent(above)),
    ['gaps in cadence range', String(before.holes), String(after.holes)],
    row('rear shifts per hour', ({ rearShiftsPerHour }) => fixed(rearShiftsPerHour, 0)),
    row('front shifts per hour', ({ frontShiftsPerHour }) => fixed(frontShiftsPerHour, 0)),
    row('cross-chained', ({ crossed }) => percent(crossed)),
  ];
}

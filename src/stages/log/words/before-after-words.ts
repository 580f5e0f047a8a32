import { usageFigures, type UseFigures } from '../../../core/log';
import { fixed } from '../../../kit/format';
import type { Side } from '../useBeforeAfter';

const percent = (fraction: number) => `${fixed(fraction * 100, 0)} %`;

/** What the swap did, in a sentence: time in the band, holes, shifts. */
export function beforeAfterSentence(before: Side, after: Side): string {
  if (!before.told || !after.told) return 'Telling the gears of these rides …';
  const [was, is] = [usageFigures(before.told).outOfBand, usageFigures(after.told).outOfBand];
  const band =
    percent(was) === percent(is)
      ? `${percent(is)} of the time out of the band, as before`
      : `${percent(is)} of the time out of the band, ${percent(was)} before`;
  const holes =
    before.holes === after.holes
      ? `${holeText(after.holes)}, as before`
      : `${holeText(after.holes)}, ${before.holes} before`;
  return `${band}; ${holes}.`;
}

const holeText = (holes: number) => (holes === 0 ? 'no hole' : holes === 1 ? 'one hole' : `${holes} holes`);

export function beforeAfterRows(
  before: Side,
  after: Side,
): (readonly [title: string, before: string, after: string])[] {
  const row = (title: string, text: (figures: UseFigures) => string) =>
    [title, ...[before, after].map(({ told }) => (told ? text(usageFigures(told)) : ''))] as [string, string, string];
  const count = ({ rides }: Side) => `${rides.length} ${rides.length === 1 ? 'ride' : 'rides'}`;
  return [
    ['told from', count(before), count(after)],
    row('out of the band', ({ outOfBand }) => percent(outOfBand)),
    row('below it', ({ below }) => percent(below)),
    row('above it', ({ above }) => percent(above)),
    ['holes in the band', String(before.holes), String(after.holes)],
    row('rear shifts an hour', ({ rearShiftsPerHour }) => fixed(rearShiftsPerHour, 0)),
    row('front shifts an hour', ({ frontShiftsPerHour }) => fixed(frontShiftsPerHour, 0)),
    row('cross-chained', ({ crossed }) => percent(crossed)),
  ];
}

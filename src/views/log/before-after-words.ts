import { usageFigures, type UseFigures } from '../../core/log';
import { fixed } from '../../ui/format';
import type { Side } from './useBeforeAfter';
import { t } from './text';

const percent = (fraction: number) => `${fixed(fraction * 100, 0)}%`;

/** What the swap did, in a sentence: time in the band, gaps, shifts. */
export function beforeAfterSentence(before: Side, after: Side): string {
  if (!before.usage || !after.usage) return t('beforeAfterWords.beforeAfterSentence.workingOut');
  const [was, is] = [usageFigures(before.usage).outOfBand, usageFigures(after.usage).outOfBand];
  return t('beforeAfterWords.beforeAfterSentence.figures', {
    outside: percent(is),
    sameTime: percent(was) === percent(is) ? 'yes' : 'no',
    outsideBefore: percent(was),
    gaps: after.gaps,
    sameGaps: before.gaps === after.gaps ? 'yes' : 'no',
    gapsBefore: before.gaps,
  });
}

export function beforeAfterRows(
  before: Side,
  after: Side,
): (readonly [title: string, before: string, after: string])[] {
  const row = (title: string, text: (figures: UseFigures) => string) =>
    [title, ...[before, after].map(({ usage }) => (usage ? text(usageFigures(usage)) : ''))] as [
      string,
      string,
      string,
    ];
  const count = ({ rides }: Side) =>
    t('beforeAfterWords.beforeAfterRows.count.ridesCount1', { ridesCount: rides.length });
  return [
    [t('beforeAfterWords.beforeAfterRows.basedOn'), count(before), count(after)],
    row(t('beforeAfterWords.beforeAfterRows.outsideCadenceRange'), ({ outOfBand }) => percent(outOfBand)),
    row(t('beforeAfterWords.beforeAfterRows.belowRange'), ({ below }) => percent(below)),
    row(t('beforeAfterWords.beforeAfterRows.aboveRange'), ({ above }) => percent(above)),
    [t('beforeAfterWords.beforeAfterRows.gapsInCadenceRange'), String(before.gaps), String(after.gaps)],
    row(t('beforeAfterWords.beforeAfterRows.rearShiftsPerHour'), ({ rearShiftsPerHour }) =>
      fixed(rearShiftsPerHour, 0),
    ),
    row(t('beforeAfterWords.beforeAfterRows.frontShiftsPerHour'), ({ frontShiftsPerHour }) =>
      fixed(frontShiftsPerHour, 0),
    ),
    row(t('beforeAfterWords.beforeAfterRows.crossChained'), ({ crossed }) => percent(crossed)),
  ];
}

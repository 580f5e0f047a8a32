import { usageFigures, type UseFigures } from '../../../core/log';
import { fixed } from '../../../kit/format';
import type { Side } from '../useBeforeAfter';
import { t } from './text';

const percent = (fraction: number) => `${fixed(fraction * 100, 0)} %`;

/** What the swap did, in a sentence: time in the band, holes, shifts. */
export function beforeAfterSentence(before: Side, after: Side): string {
  if (!before.told || !after.told) return t('beforeAfterWords.beforeAfterSentence.workingOutTheGearsOf');
  const [was, is] = [usageFigures(before.told).outOfBand, usageFigures(after.told).outOfBand];
  const band =
    percent(was) === percent(is)
      ? t('beforeAfterWords.beforeAfterSentence.ofTheTimeOutsideCadence', { is: percent(is) })
      : t('beforeAfterWords.beforeAfterSentence.ofTheTimeOutsideCadence2', { is: percent(is), was: percent(was) });
  const holes =
    before.holes === after.holes
      ? t('beforeAfterWords.beforeAfterSentence.asBefore', { holes: holeText(after.holes) })
      : t('beforeAfterWords.beforeAfterSentence.before', { holes: holeText(after.holes), holes2: before.holes });
  return `${band}; ${holes}.`;
}

const holeText = (holes: number) =>
  holes === 0
    ? t('beforeAfterWords.holeText.noGap')
    : holes === 1
      ? t('beforeAfterWords.holeText.oneGap')
      : t('beforeAfterWords.holeText.gaps', { holes });

export function beforeAfterRows(
  before: Side,
  after: Side,
): (readonly [title: string, before: string, after: string])[] {
  const row = (title: string, text: (figures: UseFigures) => string) =>
    [title, ...[before, after].map(({ told }) => (told ? text(usageFigures(told)) : ''))] as [string, string, string];
  const count = ({ rides }: Side) =>
    t('beforeAfterWords.beforeAfterRows.count.ridesCount1', { ridesCount: rides.length });
  return [
    [t('beforeAfterWords.beforeAfterRows.basedOn'), count(before), count(after)],
    row(t('beforeAfterWords.beforeAfterRows.outsideCadenceRange'), ({ outOfBand }) => percent(outOfBand)),
    row(t('beforeAfterWords.beforeAfterRows.belowRange'), ({ below }) => percent(below)),
    row(t('beforeAfterWords.beforeAfterRows.aboveRange'), ({ above }) => percent(above)),
    [t('beforeAfterWords.beforeAfterRows.gapsInCadenceRange'), String(before.holes), String(after.holes)],
    row(t('beforeAfterWords.beforeAfterRows.rearShiftsPerHour'), ({ rearShiftsPerHour }) =>
      fixed(rearShiftsPerHour, 0),
    ),
    row(t('beforeAfterWords.beforeAfterRows.frontShiftsPerHour'), ({ frontShiftsPerHour }) =>
      fixed(frontShiftsPerHour, 0),
    ),
    row(t('beforeAfterWords.beforeAfterRows.crossChained'), ({ crossed }) => percent(crossed)),
  ];
}

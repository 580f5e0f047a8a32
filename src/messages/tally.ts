import type { Count, Tally } from '../core/fit';
import en from './en/verdict.json';
import { translator } from './translator';

const t = translator('verdict', en);

const all = ({ worked, reverted }: Count) => worked + reverted;

/** Formats the log's outcomes of exceeding a limit by as much: with this derailleur, and with others. */
export function tallyText({ own, others }: Tally): string {
  const parts = [
    ...(all(own) > 0 ? [t('tally.own', { worked: own.worked, all: all(own) })] : []),
    ...(all(others) > 0 ? [t('tally.others', { worked: others.worked, all: all(others) })] : []),
  ];
  return parts.length === 0 ? '' : t('tally.inYourLog', { counts: parts.join('; ') });
}

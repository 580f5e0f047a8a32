import type { FitAnswer } from '../../core/fit';
import { goesTogether } from '../../core/fit';
import { textOf } from '../core';

/** What speaks against a setup, in the sentences of its checks. */
export function answerReasons({ kind, deciding }: FitAnswer): readonly string[] {
  return goesTogether(kind) ? [] : deciding.map(({ message }) => textOf(message));
}

/** The data that are missing for a full answer, one each. */
export function missingData({ unknown }: FitAnswer): readonly string[] {
  return unknown.flatMap(({ missing }) => (missing ? [textOf(missing)] : []));
}

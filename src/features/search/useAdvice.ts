'use client';

import type { Miss } from '../../core/find';
import type { SearchResponse } from '../../workers/find/protocol';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import { unitsOf } from '../units/measures';
import { layoutSentences, missText, type LayoutAnswer } from './answer-words';
import type { Search } from './useSearch';

const NOT_KNOWN = { room: 'notKnown', assumed: false } as const;

/** The advice of a search on 1x and 2x as sentences. */
export function useAdvice(
  { inUse, settings, question }: Search,
  { advice }: SearchResponse,
): LayoutAnswer & { readonly missed: (miss: Miss) => string } {
  const { preferences } = useReadyWorkspace();
  const { brief, needs } = inUse;
  const units = unitsOf(preferences);
  const missed = (miss: Miss) => missText(miss, settings, brief, needs, units);
  const frontRoom = question.ok ? question.frontRoom : NOT_KNOWN;
  return {
    ...layoutSentences(advice, { aims: settings.aims, brief, frontRoom, used: inUse.used }, units, missed),
    missed,
  };
}

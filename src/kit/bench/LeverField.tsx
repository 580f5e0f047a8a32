'use client';

import { CLICKS_PER_PUSH, type SetupRecord } from '../../records';
import { NumberField } from '../fields/NumberField';
import { useReadyBench } from './BenchProvider';
import { WORDS } from './text';

/** Cogs that one push of the rear lever moves over: the shifter's, set with the setup. */
export function LeverField({ id, record }: { id: string; record: SetupRecord }) {
  const { bench, edits } = useReadyBench();
  return (
    <NumberField
      id={id}
      label={WORDS.leverField.cogsForOnePushOf}
      term={WORDS.leverField.clicksAPush}
      owner={record.id}
      disabled={bench.fromLink}
      unit={WORDS.leverField.cogs}
      bounds={CLICKS_PER_PUSH}
      whole
      width={150}
      value={record.clicksPerPush}
      onCommit={(value) =>
        value !== undefined && edits.editSetup('lever', (before) => ({ ...before, clicksPerPush: value }), record.id)
      }
    />
  );
}

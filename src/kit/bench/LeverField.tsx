'use client';

import { CLICKS_PER_PUSH, type SetupRecord } from '../../records';
import { NumberField } from '../fields/NumberField';
import { useReadyBench } from './BenchProvider';

/** Cogs that one push of the rear lever moves over: the shifter's, set with the setup. */
export function LeverField({ id, record }: { id: string; record: SetupRecord }) {
  const { bench, edits } = useReadyBench();
  return (
    <NumberField
      id={id}
      label="Cogs for one push of the lever"
      term="clicks a push"
      owner={record.id}
      disabled={bench.fromLink}
      unit="cogs"
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

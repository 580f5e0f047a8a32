'use client';

import type { FindSettings } from '../../core/find';
import type { Bounds } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { asTyped } from '../../kit/format';
import { NumberField } from '../../kit/fields/NumberField';
import type { Find } from './useFind';

type NumberSetting = 'ringMinT' | 'ringMaxT' | 'ringDifferenceMaxT' | 'costMax' | 'massChangeMaxG';

/** A number of the search: what is said of it; left open, the one that is taken shows in grey. */
export function FindNumber({
  find: { settings, say },
  field,
  label,
  bounds,
  unit,
  whole = false,
  placeholder,
}: {
  find: Pick<Find, 'settings' | 'say'>;
  field: NumberSetting;
  label: string;
  bounds: Bounds;
  unit: string;
  whole?: boolean;
  placeholder?: string;
}) {
  const { bench } = useReadyBench();
  const said: FindSettings = bench.bike.find ?? {};
  const assumed = settings[field];
  return (
    <NumberField
      id={`find-${field}`}
      label={label}
      term={label.toLowerCase()}
      owner={bench.bike.id}
      unit={unit}
      bounds={bounds}
      whole={whole}
      optional
      width="100%"
      disabled={bench.fromLink}
      placeholder={placeholder ?? (assumed === undefined ? '' : asTyped(assumed))}
      value={said[field]}
      onCommit={(value) => say(label.toLowerCase(), field, value)}
    />
  );
}

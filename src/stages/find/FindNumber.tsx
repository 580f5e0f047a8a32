'use client';

import type { FindSettings } from '../../core/find';
import type { Bounds } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { asTyped } from '../../kit/format';
import { MeasureField } from '../../kit/fields/MeasureField';
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
  const common = {
    id: `find-${field}`,
    label,
    term: label.toLowerCase(),
    owner: bench.bike.id,
    bounds,
    disabled: bench.fromLink,
    value: said[field],
    onCommit: (value: number | undefined) => say(label.toLowerCase(), field, value),
    placeholder: placeholder ?? (assumed === undefined ? '' : asTyped(assumed)),
  };
  if (unit === 'g') return <MeasureField {...common} measure="partMass" />;
  return <NumberField {...common} unit={unit} whole={whole} optional width="100%" />;
}

'use client';

import type { FindSettings } from '../../core/find';
import type { Bounds } from '../../core/numbers';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { asTyped } from '../../ui/format';
import { QuantityField } from '../../features/fields/QuantityField';
import { editText } from '../../messages/edit-name';
import type { Find } from './useFind';

type NumberSetting = 'ringMinT' | 'ringMaxT' | 'ringDifferenceMaxT' | 'costMax' | 'massChangeMaxG';

/** A number of the search; its placeholder is the default. */
export function FindNumber({
  find: { settings, set },
  field,
  label,
  bounds,
  unit,
  whole = false,
  placeholder,
}: {
  find: Pick<Find, 'settings' | 'set'>;
  field: NumberSetting;
  label: string;
  bounds: Bounds;
  unit: string;
  whole?: boolean;
  placeholder?: string;
}) {
  const { workspace } = useReadyWorkspace();
  const said: FindSettings = workspace.bike.find ?? {};
  const assumed = settings[field];
  return (
    <QuantityField
      id={`find-${field}`}
      label={label}
      term={editText(`find.${field}`)}
      owner={workspace.bike.id}
      bounds={bounds}
      unit={unit}
      whole={whole}
      disabled={workspace.fromLink}
      value={said[field]}
      placeholder={placeholder ?? (assumed === undefined ? '' : asTyped(assumed))}
      onCommit={(value) => set(field, value)}
    />
  );
}

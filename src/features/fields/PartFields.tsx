'use client';

import type { DriveParts } from '../../core/fit';
import { NameField } from './NameField';
import { withOptional } from '../../ui/fields/with-optional';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import { t } from './text';

/** Returns a function that edits the other parts of the selected setup. */
export function usePartEdit() {
  const { edits } = useReadyWorkspace();
  return <K extends keyof DriveParts>(field: K, text: string, value: DriveParts[K]) =>
    edits.editSetup({ key: field, text }, (record) => ({ ...record, parts: withOptional(record.parts, field, value) }));
}

/** The family of a part of the selected setup, by name. */
export function PartName({
  field,
  label,
  offered,
  placeholder,
}: {
  field: 'shifterFamily' | 'derailleurFamily' | 'cassetteSpline';
  label: string;
  offered: readonly string[];
  placeholder: string;
}) {
  const { workspace } = useReadyWorkspace();
  const { setup, fromLink } = workspace;
  const editPart = usePartEdit();
  return (
    <NameField
      id={field}
      label={label}
      owner={setup.id}
      disabled={fromLink}
      offered={offered}
      placeholder={placeholder}
      width={190}
      value={setup.parts[field]}
      onCommit={(value) => editPart(field, label, value)}
    />
  );
}

/** The splines of that body, by name. */
export function FreehubName({ offered }: { offered: readonly string[] }) {
  const { workspace, edits } = useReadyWorkspace();
  const { wheelset, bike, fromLink } = workspace;
  return (
    <NameField
      id="freehubSpline"
      label={t('partFields.freehubType', { name: wheelset.name })}
      owner={wheelset.id + bike.id}
      disabled={fromLink}
      offered={offered}
      placeholder={t('partFields.notKnown')}
      width={190}
      value={wheelset.freehub?.spline}
      onCommit={(value) =>
        edits.editWheelset('freehubSpline', (record) => ({
          ...record,
          freehub: withOptional(record.freehub ?? {}, 'spline', value),
        }))
      }
    />
  );
}

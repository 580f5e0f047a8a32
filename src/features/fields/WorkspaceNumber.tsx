'use client';

import {
  DRIVE_PART_DATA,
  FREEHUB_DATA,
  REAR_DERAILLEUR_DATA,
  checkDriveParts,
  checkRearDerailleur,
  type DrivePartNumbers,
  type RearDerailleur,
} from '../../core/fit';
import { BRIEF_BOUNDS, BRIEF_UNITS, briefTerm, type BriefNumbers } from '../../core/needs';
import { defined } from '../../core/optional';
import type { Bounds } from '../../core/numbers';
import { editNameOf, problemText, textOf } from '../../messages/core';
import type { BikeRecord, SetupRecord } from '../../records';
import type { OpenNumber } from '../../ui/fields/open-number';
import { withOptional } from '../../ui/fields/with-optional';
import { capital } from '../../ui/format';
import { useBrief } from '../workspace/useBrief';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import { datumFieldProps } from './datum-field';
import { QuantityField, type QuantityFieldProps } from './QuantityField';
import { t } from './text';

interface Rule {
  readonly term: string;
  readonly unit: string;
  readonly bounds: Bounds;
  readonly whole?: boolean;
}

/** The record that a number is a field of; rules of its own where core has none. */
type Place =
  | { readonly of: 'bike'; readonly field: OpenNumber<BikeRecord>; readonly rule: Rule }
  | {
      readonly of: 'setup';
      readonly field: OpenNumber<SetupRecord>;
      readonly rule: Rule;
      /** The selected setup if omitted. */
      readonly record?: SetupRecord;
    }
  | { readonly of: 'brief'; readonly field: keyof BriefNumbers }
  | { readonly of: 'rearDerailleur'; readonly field: keyof RearDerailleur }
  | { readonly of: 'parts'; readonly field: keyof DrivePartNumbers }
  | { readonly of: 'freehub'; readonly field: keyof typeof FREEHUB_DATA };

interface Display {
  /** The name of the field if omitted. */
  readonly id?: string;
  /** The term if omitted. */
  readonly label?: string;
  readonly placeholder?: string;
  readonly width?: number | string;
}

type WorkspaceNumberProps = Place &
  Display & {
    /** The assumed value, if any; a number of the brief knows its own. */
    readonly assumed?: number | undefined;
  };

/** One number of the bike, the setup, the rider or a part in the workspace, unknown until it is typed. */
export function WorkspaceNumber(props: WorkspaceNumberProps) {
  return props.of === 'brief' ? <BriefNumber {...props} /> : <RecordNumber {...props} />;
}

/** Apart from the others, because only it needs the brief to be worked out. */
function BriefNumber({ field, ...display }: Display & { readonly field: keyof BriefNumbers }) {
  const { workspace, edits } = useReadyWorkspace();
  const { brief, contradictions } = useBrief();
  const { bike } = workspace;
  const term = textOf(briefTerm(field));
  const source = {
    term,
    unit: BRIEF_UNITS[field],
    bounds: BRIEF_BOUNDS[field],
    assumed: brief[field],
    assumedText: (value: string) => t('briefNumber.briefAssumed', { brief: value }),
    doubted: contradictions.some(({ fields }) => fields.includes(field)),
    owner: bike.id,
    value: bike.brief[field],
    onCommit: (value: number | undefined) =>
      edits.editBike({ key: field, text: term }, (record) => ({
        ...record,
        brief: withOptional(record.brief, field, value),
      })),
  };
  return <ShownNumber field={field} source={source} {...display} />;
}

type RecordPlace = Exclude<Place, { readonly of: 'brief' }>;

function RecordNumber({
  id,
  label,
  placeholder,
  width,
  assumed,
  ...place
}: RecordPlace & Display & { assumed?: number | undefined }) {
  const source = useSource(place, assumed);
  return <ShownNumber field={place.field} source={source} {...defined({ id, label, placeholder, width })} />;
}

function ShownNumber({
  field,
  source,
  id = field,
  label = capital(source.term),
  placeholder,
  width = 150,
}: Display & { readonly field: string; readonly source: Omit<QuantityFieldProps, 'id' | 'label'> }) {
  const { workspace } = useReadyWorkspace();
  return (
    <QuantityField
      {...source}
      id={id}
      label={label}
      placeholder={placeholder ?? source.placeholder}
      width={width}
      disabled={workspace.fromLink}
    />
  );
}

/** Reads the number's value and rule, and returns what writes it. */
function useSource(place: RecordPlace, assumed: number | undefined) {
  const { workspace, edits } = useReadyWorkspace();
  const { bike, setup, wheelset } = workspace;
  switch (place.of) {
    case 'bike': {
      const { field, rule } = place;
      return {
        ...rule,
        owner: bike.id,
        value: bike[field],
        onCommit: (value: number | undefined) =>
          edits.editBike({ key: field, text: rule.term }, (record) => withOptional(record, field, value)),
      };
    }
    case 'setup': {
      const { field, rule, record = setup } = place;
      return {
        ...rule,
        owner: record.id,
        value: record[field],
        onCommit: (value: number | undefined) =>
          edits.editSetup({ key: field, text: rule.term }, (now) => withOptional(now, field, value), record.id),
      };
    }
    case 'rearDerailleur': {
      const { field } = place;
      const rule = REAR_DERAILLEUR_DATA[field];
      return {
        ...datumFieldProps(rule, { assumed }),
        owner: setup.id,
        value: setup.rearDerailleur[field],
        check: (value: number | undefined) =>
          checkRearDerailleur(withOptional(setup.rearDerailleur, field, value)).map(problemText)[0],
        onCommit: (value: number | undefined) =>
          edits.editSetup(editNameOf(rule.term), (record) => ({
            ...record,
            rearDerailleur: withOptional(record.rearDerailleur, field, value),
          })),
      };
    }
    case 'parts': {
      const { field } = place;
      const rule = DRIVE_PART_DATA[field];
      return {
        ...datumFieldProps(rule, { assumed }),
        owner: setup.id,
        value: setup.parts[field],
        check: (value: number | undefined) =>
          checkDriveParts(withOptional(setup.parts, field, value)).map(problemText)[0],
        onCommit: (value: number | undefined) =>
          edits.editSetup({ key: field, text: textOf(rule.term) }, (record) => ({
            ...record,
            parts: withOptional(record.parts, field, value),
          })),
      };
    }
    case 'freehub': {
      const { field } = place;
      const rule = FREEHUB_DATA[field];
      return {
        ...datumFieldProps(rule, { assumed }),
        owner: wheelset.id + bike.id,
        value: wheelset.freehub?.[field],
        onCommit: (value: number | undefined) =>
          edits.editWheelset(editNameOf(rule.term), (record) => ({
            ...record,
            freehub: withOptional(record.freehub ?? {}, field, value),
          })),
      };
    }
  }
}

'use client';

import {
  DRIVE_PART_DATA,
  FREEHUB_DATA,
  REAR_DERAILLEUR_DATA,
  checkDriveParts,
  checkRearDerailleur,
  type DrivePartNumbers,
  type DriveParts,
  type RearDerailleur,
} from '../../core/fit';
import { datumFieldProps } from '../fields/datum-field';
import { NameField } from '../fields/NameField';
import { NumberField } from '../fields/NumberField';
import { withOptional } from '../fields/with-optional';
import { problemText, textOf } from '../../messages/core';
import { useReadyBench } from './BenchProvider';
import { t } from './text';

const WIDTH = 150;

interface PlaceholderProps {
  /** What is reckoned with until it is known; nothing where it is left out. */
  readonly assumed?: number | undefined;
  readonly label?: string;
  readonly width?: number;
}

/** One number of the derailleurs of the setup in depth. */
export function DerailleurNumber({ field, ...rest }: { field: keyof RearDerailleur } & PlaceholderProps) {
  const { bench, edits } = useReadyBench();
  const { setup, fromLink } = bench;
  const rule = REAR_DERAILLEUR_DATA[field];
  return (
    <NumberField
      {...datumFieldProps(rule, rest)}
      width={rest.width ?? WIDTH}
      id={field}
      owner={setup.id}
      disabled={fromLink}
      value={setup.rearDerailleur[field]}
      check={(value) => checkRearDerailleur(withOptional(setup.rearDerailleur, field, value)).map(problemText)[0]}
      onCommit={(value) =>
        edits.editSetup(textOf(rule.term), (record) => ({
          ...record,
          rearDerailleur: withOptional(record.rearDerailleur, field, value),
        }))
      }
    />
  );
}

/** Writes what is known of the other parts of the setup in depth. */
export function usePartEdit() {
  const { edits } = useReadyBench();
  return <K extends keyof DriveParts>(field: K, term: string, value: DriveParts[K]) =>
    edits.editSetup(term, (record) => ({ ...record, parts: withOptional(record.parts, field, value) }));
}

/** One number of shifter, cassette, chain, crank or hub of the setup in depth. */
export function PartNumber({ field, ...rest }: { field: keyof DrivePartNumbers } & PlaceholderProps) {
  const { bench } = useReadyBench();
  const { setup, fromLink } = bench;
  const editPart = usePartEdit();
  const rule = DRIVE_PART_DATA[field];
  return (
    <NumberField
      {...datumFieldProps(rule, rest)}
      width={rest.width ?? WIDTH}
      id={field}
      owner={setup.id}
      disabled={fromLink}
      value={setup.parts[field]}
      check={(value) => checkDriveParts(withOptional(setup.parts, field, value)).map(problemText)[0]}
      onCommit={(value) => editPart(field, textOf(rule.term), value)}
    />
  );
}

/** The family of a part of the setup in depth, by name. */
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
  const { bench } = useReadyBench();
  const { setup, fromLink } = bench;
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

/** One number of the freehub body of the wheels that the setup in depth runs on. */
export function FreehubNumber({ field, ...rest }: { field: keyof typeof FREEHUB_DATA } & PlaceholderProps) {
  const { bench, edits } = useReadyBench();
  const { wheelset, bike, fromLink } = bench;
  const rule = FREEHUB_DATA[field];
  return (
    <NumberField
      {...datumFieldProps(rule, rest)}
      width={rest.width ?? WIDTH}
      id={field}
      owner={wheelset.id + bike.id}
      disabled={fromLink}
      value={wheelset.freehub?.[field]}
      onCommit={(value) =>
        edits.editWheelset(textOf(rule.term), (record) => ({
          ...record,
          freehub: withOptional(record.freehub ?? {}, field, value),
        }))
      }
    />
  );
}

/** The splines of that body, by name. */
export function FreehubName({ offered }: { offered: readonly string[] }) {
  const { bench, edits } = useReadyBench();
  const { wheelset, bike, fromLink } = bench;
  return (
    <NameField
      id="freehubSpline"
      label={t('partFields.splinesOfTheBodyName', { name: wheelset.name })}
      owner={wheelset.id + bike.id}
      disabled={fromLink}
      offered={offered}
      placeholder={t('partFields.notKnown')}
      width={190}
      value={wheelset.freehub?.spline}
      onCommit={(value) =>
        edits.editWheelset(t('partFields.freehubSplines'), (record) => ({
          ...record,
          freehub: withOptional(record.freehub ?? {}, 'spline', value),
        }))
      }
    />
  );
}

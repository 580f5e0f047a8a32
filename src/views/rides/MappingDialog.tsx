'use client';

import { Modal, Select } from 'antd';
import { useState } from 'react';
import type { CsvHead } from '../../formats/ride/ride-csv';
import { TIME_UNIT_CODES, columnsServe } from '../../records/csv-mapping';
import { Field } from '../../ui/fields/Field';
import {
  CSV_DISTANCE_UNITS,
  CSV_FIELDS,
  CSV_SPEED_UNITS,
  CSV_TIME_UNITS,
  type CsvField,
  type CsvMapping,
} from '../../records';
import { Note } from '../../ui/panel/Panel';
import styles from './Rides.module.css';
import { t } from './text';

const UNITS = {
  time: ['timeUnit', CSV_TIME_UNITS],
  speed: ['speedUnit', CSV_SPEED_UNITS],
  distance: ['distanceUnit', CSV_DISTANCE_UNITS],
} as const;

/** Units of speed and distance are their own labels. */
const unitLabel = (unit: string) =>
  unit in TIME_UNIT_CODES
    ? t(`mappingDialog.timeUnits.${TIME_UNIT_CODES[unit as keyof typeof TIME_UNIT_CODES]}`)
    : unit;

/** Which column of a table is what; remembered for the next table with these headings. */
export function MappingDialog({
  head,
  onMap,
  onClose,
}: {
  head: CsvHead;
  onMap: (head: CsvHead, mapping: CsvMapping) => void;
  onClose: () => void;
}) {
  const [mapping, setMapping] = useState<CsvMapping>(
    head.guess ?? { columns: {}, speedUnit: 'km/h', timeUnit: 's', distanceUnit: 'm' },
  );
  const { columns } = mapping;
  const { ride, way } = columnsServe(columns);
  const column = (field: CsvField, heading: string | undefined) =>
    setMapping((before) => ({ ...before, columns: { ...before.columns, [field]: heading } }));
  return (
    <Modal
      title={t('mappingDialog.whichColumnIsWhat')}
      open
      width={560}
      okText={t('mappingDialog.import')}
      okButtonProps={{ disabled: !ride && !way }}
      onOk={() => onMap(head, mapping)}
      onCancel={onClose}
    >
      <Note>{head.guess ? t('mappingDialog.dayOrMonthFirst') : t('mappingDialog.aRideNeedsTimeCadence')}</Note>
      {CSV_FIELDS.map((field) => (
        <div key={field} className={styles.mappingRow}>
          <Field id={`map-${field}`} label={t(`mappingDialog.fields.${field}`)}>
            <Select
              id={`map-${field}`}
              allowClear
              value={columns[field] ?? null}
              placeholder={t('mappingDialog.notInIt')}
              style={{ width: 240 }}
              options={head.headings.map((heading, i) => ({
                value: heading,
                label: `${heading} (${head.rows.map((row) => row[i] ?? '').join(', ')})`,
              }))}
              onChange={(heading: string | null | undefined) => column(field, heading ?? undefined)}
            />
          </Field>
          {field in UNITS && (
            <Field id={`unit-${field}`} label={t('mappingDialog.in')}>
              <Select
                id={`unit-${field}`}
                value={mapping[UNITS[field as keyof typeof UNITS][0]]}
                style={{ width: 220 }}
                options={UNITS[field as keyof typeof UNITS][1].map((unit) => ({ value: unit, label: unitLabel(unit) }))}
                onChange={(unit: string) =>
                  setMapping((before) => ({ ...before, [UNITS[field as keyof typeof UNITS][0]]: unit }))
                }
              />
            </Field>
          )}
        </div>
      ))}
    </Modal>
  );
}

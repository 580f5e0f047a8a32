'use client';

import { DownloadOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { tableCsv } from '../../formats/csv';
import { fileName, saveText } from '../files';
import { withKey } from '../shell/shortcuts';
import { useShortcut } from '../shell/useShortcut';

export interface Table {
  readonly fields: readonly string[];
  readonly rows: readonly (readonly (string | number)[])[];
}

interface SaveTableProps {
  readonly name: string;
  readonly table: () => Table;
  /** Whether the page's key for saving a table means this one. */
  readonly byKey?: boolean;
}

/** Saves a table as CSV. */
export function SaveTable({ name, table, byKey = false }: SaveTableProps) {
  const save = () => {
    const { fields, rows } = table();
    saveText(fileName(name, 'csv'), 'text/csv', tableCsv(fields, rows));
  };
  useShortcut('csv', save, byKey);
  return (
    <Button
      size="small"
      icon={<DownloadOutlined />}
      onClick={save}
      aria-label={`Save as CSV: ${name}`}
      title={byKey ? withKey('Save the table as CSV', 'csv') : 'Save the table as CSV'}
    >
      CSV
    </Button>
  );
}

'use client';

import { DownloadOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useWithKey } from '../shortcuts/useKeymap';
import { useShortcut } from '../shortcuts/useShortcut';
import { useStableCallback } from '../../ui/react/useStableCallback';
import { useSaveCsv } from './useSaveCsv';
import { t } from './text';

interface Table {
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
  const withKey = useWithKey();
  const saveCsv = useSaveCsv();
  const save = useStableCallback(() => {
    const { fields, rows } = table();
    saveCsv(name, ({ tableCsv }) => tableCsv(fields, rows));
  });
  useShortcut('csv', save, byKey);
  return (
    <Button
      size="small"
      icon={<DownloadOutlined />}
      onClick={save}
      aria-label={t('saveTable.saveAsCsvName', { name })}
      title={byKey ? withKey(t('saveTable.saveTheTableAsCsv'), 'csv') : t('saveTable.saveTheTableAsCsv')}
    >
      {t('saveTable.csv')}
    </Button>
  );
}

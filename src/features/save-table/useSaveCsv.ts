'use client';

import { App } from 'antd';
import { useCallback } from 'react';
import type * as CsvFormats from '../../formats/csv';
import { fileName, saveText } from '../../ui/files';
import { t } from './text';

/** Saves a table as CSV; the writer of tables is loaded when one is saved. */
export function useSaveCsv(): (name: string, write: (formats: typeof CsvFormats) => string) => void {
  const { message } = App.useApp();
  return useCallback(
    (name, write) => {
      import('../../formats/csv').then(
        (formats) => saveText(fileName(name, 'csv'), 'text/csv', write(formats)),
        () => message.error(t('useSaveCsv.theTableCouldNotBe')),
      );
    },
    [message],
  );
}

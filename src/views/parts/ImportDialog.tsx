'use client';

import { Alert, App, Modal, Select, Table } from 'antd';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import {
  STOCK_COLUMNS,
  dryRunStock,
  guessStockMapping,
  readStockTable,
  type StockColumn,
  type StockMapping,
  type StockRow,
  type StockTable,
} from '../../formats/shop/stock-csv';
import { useWorkspace } from '../../features/workspace/WorkspaceProvider';
import { pricedWithCode } from '../../records';
import { importParts } from '../../store';
import styles from './Parts.module.css';
import { t } from './text';
import { itemAt } from '../../core/items';

const ROW_TEXT: Readonly<Record<StockRow['kind'], string>> = {
  add: t('importDialog.rowText.add'),
  change: t('importDialog.rowText.change'),
  same: t('importDialog.rowText.same'),
  refused: t('importDialog.rowText.refused'),
};

/** A table of parts before it is written: which column is what, and what each row would do. */
export function ImportDialog({
  file,
  onClose,
}: {
  file: { readonly name: string; readonly text: string };
  onClose: () => void;
}) {
  const read = useMemo(() => readStockTable(file.text), [file.text]);
  if (!read.ok) {
    return (
      <Modal title={file.name} open footer={null} onCancel={onClose}>
        <Alert type="error" showIcon title={t('importDialog.noPartsWereImported')} description={read.message} />
      </Modal>
    );
  }
  return <DryRun name={file.name} table={read.table} onClose={onClose} />;
}

function DryRun({ name, table, onClose }: { name: string; table: StockTable; onClose: () => void }) {
  const state = useWorkspace();
  const { message } = App.useApp();
  const [mapping, setMapping] = useState<StockMapping>(() => guessStockMapping(table));
  // A row keeps its id when columns are mapped again.
  const [ids] = useState(() => table.rows.map(() => nanoid()));
  const shop = state.kind === 'ready' ? state.workshop : undefined;
  // A file names its currencies, the own one too.
  const parts = useMemo(() => shop && pricedWithCode(shop.parts, shop.currency), [shop]);
  const rows = useMemo(
    () => (parts ? dryRunStock(table, mapping, parts, (row) => itemAt(ids, row)) : []),
    [table, mapping, parts, ids],
  );
  if (state.kind !== 'ready') return null;
  const { workshop, edits } = state;
  const written = rows.flatMap((row) => (row.kind === 'add' || row.kind === 'change' ? [row.part] : []));
  const count = (kind: StockRow['kind']) => rows.filter((row) => row.kind === kind).length;
  const write = () =>
    edits.write(async () => {
      await importParts(workshop.db, written, t('importDialog.partsOfName', { name }), Date.now());
      void message.success(t('importDialog.partsImportedCanUndo', { count: written.length }));
      onClose();
    });
  return (
    <Modal
      title={t('importDialog.importPreview', { name })}
      open
      width={860}
      okText={
        written.length === 0
          ? t('importDialog.nothingToWrite')
          : t('importDialog.writeCount', { count: written.length })
      }
      okButtonProps={{ disabled: written.length === 0 }}
      onOk={write}
      onCancel={onClose}
    >
      <p data-testid="dry-run">
        {t('importDialog.countAddedCount2ChangedCount3', {
          count: count('add'),
          count2: count('change'),
          count3: count('same'),
          count4: count('refused'),
        })}
      </p>
      <Table
        size="small"
        rowKey="line"
        dataSource={rows.filter(({ kind }) => kind !== 'same')}
        pagination={{ pageSize: 8, hideOnSinglePage: true, size: 'small' }}
        locale={{ emptyText: t('importDialog.everyRowAlreadyStock') }}
        columns={[
          { title: t('importDialog.line'), dataIndex: 'line', width: 60 },
          { title: t('importDialog.it'), width: 90, render: (_, { kind }: StockRow) => ROW_TEXT[kind] },
          {
            title: t('importDialog.what'),
            render: (_, row: StockRow) =>
              row.kind === 'refused' ? (
                <span className={styles.refused}>{row.reasons.join('; ')}</span>
              ) : (
                <>
                  <b>{row.part.name}</b> {row.kind === 'change' && row.changes.join('; ')}
                </>
              ),
          },
        ]}
      />
      <details className={styles.mapping} open={!('kind' in mapping) || !('name' in mapping)}>
        <summary>{t('importDialog.matchColumns')}</summary>
        <div className={styles.mappingGrid}>
          {table.headings.map((heading, i) => {
            const column = STOCK_COLUMNS.find((one) => mapping[one] === heading);
            return (
              <label key={`${heading} ${i}`}>
                {heading || t('importDialog.columnNumber', { number: i + 1 })}
                <Select<StockColumn | null>
                  size="small"
                  allowClear
                  showSearch
                  aria-label={t('importDialog.columnHeading', { heading })}
                  placeholder={t('importDialog.leftOut')}
                  value={column ?? null}
                  options={STOCK_COLUMNS.map((value) => ({ value, label: value }))}
                  onChange={(next) =>
                    setMapping((before) => {
                      const others = Object.entries(before).filter(([one, from]) => from !== heading && one !== next);
                      return Object.fromEntries(next ? [...others, [next, heading]] : others);
                    })
                  }
                />
              </label>
            );
          })}
        </div>
      </details>
    </Modal>
  );
}

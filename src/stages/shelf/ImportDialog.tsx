'use client';

import { Alert, App, Modal, Select, Table } from 'antd';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import {
  SHELF_COLUMNS,
  dryRunShelf,
  guessShelfMapping,
  readShelfTable,
  type ShelfColumn,
  type ShelfMapping,
  type ShelfRow,
  type ShelfTable,
} from '../../formats/shop/shelf-csv';
import { useBench } from '../../kit/bench/BenchProvider';
import { pricedWithCode } from '../../records';
import { importParts } from '../../store';
import styles from './Shelf.module.css';
import { t } from './words/text';

const ROW_TEXT: Readonly<Record<ShelfRow['kind'], string>> = {
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
  const read = useMemo(() => readShelfTable(file.text), [file.text]);
  if (!read.ok) {
    return (
      <Modal title={file.name} open footer={null} onCancel={onClose}>
        <Alert type="error" showIcon title={t('importDialog.noPartWasTakenFrom')} description={read.message} />
      </Modal>
    );
  }
  return <DryRun name={file.name} table={read.table} onClose={onClose} />;
}

function DryRun({ name, table, onClose }: { name: string; table: ShelfTable; onClose: () => void }) {
  const state = useBench();
  const { message } = App.useApp();
  const [mapping, setMapping] = useState<ShelfMapping>(() => guessShelfMapping(table));
  // The same row adds the same part however often the columns are mapped anew.
  const [ids] = useState(() => table.rows.map(() => nanoid()));
  const shop = state.kind === 'ready' ? state.workshop : undefined;
  // A file names its currencies, the own one too.
  const parts = useMemo(() => shop && pricedWithCode(shop.parts, shop.currency), [shop]);
  const rows = useMemo(
    () => (parts ? dryRunShelf(table, mapping, parts, (row) => ids[row]!) : []),
    [table, mapping, parts, ids],
  );
  if (state.kind !== 'ready') return null;
  const { workshop, edits } = state;
  const written = rows.flatMap((row) => (row.kind === 'add' || row.kind === 'change' ? [row.part] : []));
  const count = (kind: ShelfRow['kind']) => rows.filter((row) => row.kind === kind).length;
  const write = () =>
    edits.write(async () => {
      await importParts(workshop.db, written, t('importDialog.partsOfName', { name }), Date.now());
      void message.success(t('importDialog.countPartsWrittenUndoTakes', { count: written.length }));
      onClose();
    });
  return (
    <Modal
      title={t('importDialog.whatNameWouldDo', { name })}
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
        locale={{ emptyText: t('importDialog.everyRowIsOnThe') }}
        columns={[
          { title: t('importDialog.line'), dataIndex: 'line', width: 60 },
          { title: t('importDialog.it'), width: 90, render: (_, { kind }: ShelfRow) => ROW_TEXT[kind] },
          {
            title: t('importDialog.what'),
            render: (_, row: ShelfRow) =>
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
        <summary>{t('importDialog.whichColumnIsWhat')}</summary>
        <div className={styles.mappingGrid}>
          {table.headings.map((heading, i) => {
            const column = SHELF_COLUMNS.find((one) => mapping[one] === heading);
            return (
              <label key={`${heading} ${i}`}>
                {heading || t('importDialog.columnNumber', { number: i + 1 })}
                <Select<ShelfColumn | null>
                  size="small"
                  allowClear
                  showSearch
                  aria-label={t('importDialog.columnHeading', { heading })}
                  placeholder={t('importDialog.leftOut')}
                  value={column ?? null}
                  options={SHELF_COLUMNS.map((value) => ({ value, label: value }))}
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

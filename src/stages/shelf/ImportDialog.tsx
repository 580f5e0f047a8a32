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
import { importParts } from '../../store';
import styles from './Shelf.module.css';

const ROW_TEXT: Readonly<Record<ShelfRow['kind'], string>> = {
  add: 'adds',
  change: 'changes',
  same: 'the same',
  refused: 'refused',
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
        <Alert type="error" showIcon title="No part was taken from this file" description={read.message} />
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
  const parts = state.kind === 'ready' ? state.workshop.parts : undefined;
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
      await importParts(workshop.db, written, `parts of ${name}`, Date.now());
      void message.success(`${written.length} parts written; Undo takes them back`);
      onClose();
    });
  return (
    <Modal
      title={`What ${name} would do`}
      open
      width={860}
      okText={written.length === 0 ? 'Nothing to write' : `Write ${written.length}`}
      okButtonProps={{ disabled: written.length === 0 }}
      onOk={write}
      onCancel={onClose}
    >
      <p data-testid="dry-run">
        {count('add')} added, {count('change')} changed, {count('same')} as they are, {count('refused')} refused.
        Nothing is written yet.
      </p>
      <Table
        size="small"
        rowKey="line"
        dataSource={rows.filter(({ kind }) => kind !== 'same')}
        pagination={{ pageSize: 8, hideOnSinglePage: true, size: 'small' }}
        locale={{ emptyText: 'Every row is on the shelf just so.' }}
        columns={[
          { title: 'Line', dataIndex: 'line', width: 60 },
          { title: 'It', width: 90, render: (_, { kind }: ShelfRow) => ROW_TEXT[kind] },
          {
            title: 'What',
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
        <summary>Which column is what</summary>
        <div className={styles.mappingGrid}>
          {table.headings.map((heading, i) => {
            const column = SHELF_COLUMNS.find((one) => mapping[one] === heading);
            return (
              <label key={`${heading} ${i}`}>
                {heading || `column ${i + 1}`}
                <Select<ShelfColumn | null>
                  size="small"
                  allowClear
                  showSearch
                  aria-label={`Column ${heading}`}
                  placeholder="left out"
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

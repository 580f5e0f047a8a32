'use client';

import { DownloadOutlined, UploadOutlined } from '@ant-design/icons';
import { Button, Input, Segmented, Select, Table, type TableColumnsType } from 'antd';
import { useRef, useState } from 'react';
import { SHELF_KINDS } from '../../core/shelf';
import { writeShelfCsv } from '../../formats/shop/shelf-csv';
import { moneyText, distanceText, partMassText, type Units } from '../../kit/measures';
import { useUnits } from '../../kit/bench/useUnits';
import { fileName, saveText } from '../../kit/files';
import { CONDITION_TEXT, KIND_TEXT } from '../../kit/shop/words';
import { withKey } from '../../kit/shell/shortcuts';
import { useShortcut } from '../../kit/shell/useShortcut';
import { Sideways } from '../../kit/sheet/Sideways';
import { CONDITIONS, withCurrencyCode } from '../../records';
import { AddPart } from './AddPart';
import { BulkEdit } from './BulkEdit';
import { ImportDialog } from './ImportDialog';
import { SHELF_STATES, type ShelfLine, type ShelfState } from './shelf-rows';
import type { Shelf } from './useShelf';
import { Note, Panel, PanelHead } from '../../kit/sheet/Panel';
import styles from './Shelf.module.css';
import { t } from './words/text';

const STATE_LABEL: Readonly<Record<ShelfState, string>> = {
  all: t('shelfPanel.stateLabel.all'),
  free: t('shelfPanel.stateLabel.free'),
  fitted: t('shelfPanel.stateLabel.fitted'),
  toBuy: t('shelfPanel.stateLabel.toBuy'),
};

const byText = (of: (line: ShelfLine) => string) => (a: ShelfLine, b: ShelfLine) => of(a).localeCompare(of(b));
/** What is not known stands last. */
const byNumber = (of: (line: ShelfLine) => number | undefined) => (a: ShelfLine, b: ShelfLine) =>
  (of(a) ?? Infinity) - (of(b) ?? Infinity);

/** Where a part is: on which bikes, and in which place. */
const whereText = ({ part, on }: ShelfLine) =>
  [...on.map((name) => t('shelfPanel.onName', { name })), ...(part.place ? [part.place] : [])].join(', ');

function columnsFor(open: (id: string) => void, isOpen: boolean, units: Units): TableColumnsType<ShelfLine> {
  const all: TableColumnsType<ShelfLine> = [
    {
      key: 'name',
      title: t('shelfPanel.part'),
      sorter: byText(({ part }) => part.name),
      render: (_, line) => {
        const { part, summary } = line;
        return (
          <>
            <button type="button" className={styles.name} onClick={() => open(part.id)} data-part={part.id}>
              {part.name}
            </button>
            <span className={styles.summary}>{summary}</span>
            <span className={styles.whereBelow}>{whereText(line)}</span>
          </>
        );
      },
    },
    {
      key: 'kind',
      responsive: ['md'],
      title: t('shelfPanel.kind'),
      width: 116,
      sorter: (a, b) => SHELF_KINDS.indexOf(a.part.kind) - SHELF_KINDS.indexOf(b.part.kind),
      render: (_, { part }) => KIND_TEXT[part.kind],
    },
    {
      key: 'free',
      title: t('shelfPanel.free'),
      width: 74,
      align: 'right',
      sorter: byNumber(({ free }) => free),
      render: (_, { part, free }) =>
        part.quantity === 0 ? (
          <span className={styles.toBuy}>{t('shelfPanel.toBuy')}</span>
        ) : (
          t('shelfPanel.freeOfQuantity', { free, quantity: part.quantity })
        ),
    },
    {
      key: 'where',
      responsive: ['sm'],
      title: t('shelfPanel.where'),
      width: 150,
      sorter: byText(({ part, on }) => on.join() || (part.place ?? '')),
      render: (_, line) => whereText(line),
    },
    {
      key: 'condition',
      responsive: ['md'],
      title: t('shelfPanel.state'),
      width: 74,
      sorter: (a, b) => CONDITIONS.indexOf(a.part.condition) - CONDITIONS.indexOf(b.part.condition),
      render: (_, { part }) => CONDITION_TEXT[part.condition],
    },
    {
      key: 'km',
      responsive: ['md'],
      title: t('shelfPanel.ridden'),
      width: 82,
      align: 'right',
      sorter: byNumber(({ km }) => km),
      render: (_, { km }) => distanceText(units, km),
    },
    {
      key: 'mass',
      title: t('shelfPanel.weight'),
      width: 82,
      align: 'right',
      sorter: byNumber(({ part }) => part.massG),
      render: (_, { part }) => (part.massG === undefined ? '' : partMassText(units, part.massG, 1)),
    },
    {
      key: 'price',
      responsive: ['md'],
      title: t('shelfPanel.price'),
      width: 88,
      align: 'right',
      sorter: byNumber(({ part }) => part.price),
      render: (_, { part }) => (part.price === undefined ? '' : moneyText(units, part.price, part.currency)),
    },
  ];
  // Beside an opened part there is room for what tells parts apart.
  return isOpen ? all.filter(({ key }) => ['name', 'free', 'where', 'mass'].includes(String(key))) : all;
}

/** The list: searched, filtered, sorted, several edited at once; in and out as CSV. */
export function ShelfPanel({ shelf }: { shelf: Shelf }) {
  const units = useUnits();
  const { lines, shown, filter, setFilter, opened, open } = shelf;
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [file, setFile] = useState<{ readonly name: string; readonly text: string }>();
  const picker = useRef<HTMLInputElement>(null);
  const search = useRef<HTMLDivElement>(null);
  const there = chosen.filter((id) => shown.some(({ part }) => part.id === id));
  const save = () =>
    saveText(
      fileName('shelf', 'csv'),
      'text/csv',
      writeShelfCsv(shown.map(({ part }) => withCurrencyCode(part, units.currency))),
    );
  useShortcut('csv', save);
  useShortcut('search', () => search.current?.querySelector('input')?.focus());
  const counts = new Map<string, number>();
  for (const { part } of lines) counts.set(part.kind, (counts.get(part.kind) ?? 0) + 1);

  return (
    <Panel aria-label={t('shelfPanel.shelf')}>
      <PanelHead>
        <h2>{t('shelfPanel.parts')}</h2>
        <AddPart shelf={shelf} />
        <Button size="small" icon={<UploadOutlined />} onClick={() => picker.current?.click()}>
          {t('shelfPanel.csvIn')}
        </Button>
        <Button
          size="small"
          icon={<DownloadOutlined />}
          onClick={save}
          title={withKey(t('shelfPanel.saveWhatIsShownAs'), 'csv')}
        >
          {t('shelfPanel.csvOut')}
        </Button>
        <input
          ref={picker}
          type="file"
          accept=".csv,text/csv"
          hidden
          data-testid="shelf-file"
          onChange={({ target }) => {
            const [picked] = target.files ?? [];
            target.value = '';
            if (picked) void picked.text().then((text) => setFile({ name: picked.name, text }));
          }}
        />
      </PanelHead>
      <div className={styles.filters} ref={search}>
        <Input
          allowClear
          placeholder={t('shelfPanel.searchNameTeethPlaceBike')}
          aria-label={t('shelfPanel.searchTheShelf')}
          title={withKey(t('shelfPanel.search'), 'search')}
          style={{ width: 250 }}
          value={filter.text}
          onChange={({ target }) => setFilter({ ...filter, text: target.value })}
        />
        <Select
          mode="multiple"
          allowClear
          maxTagCount={2}
          placeholder={t('shelfPanel.everyKind')}
          aria-label={t('shelfPanel.kinds')}
          style={{ minWidth: 190 }}
          value={[...filter.kinds]}
          options={SHELF_KINDS.map((kind) => ({ value: kind, label: `${KIND_TEXT[kind]} (${counts.get(kind) ?? 0})` }))}
          onChange={(kinds) => setFilter({ ...filter, kinds })}
        />
        <Segmented<ShelfState>
          aria-label={t('shelfPanel.whichParts')}
          value={filter.state}
          options={SHELF_STATES.map((value) => ({ value, label: STATE_LABEL[value] }))}
          onChange={(state) => setFilter({ ...filter, state })}
        />
        <span className={styles.count} data-testid="shelf-count">
          {shown.length === lines.length
            ? t('shelfPanel.countEntries', { count: lines.length })
            : t('shelfPanel.countOfLinesCountEntries', { count: shown.length, linesCount: lines.length })}
        </span>
      </div>
      {there.length > 0 && <BulkEdit shelf={shelf} ids={there} onDone={() => setChosen([])} />}
      {lines.length === 0 ? (
        <Note>{t('shelfPanel.nothingYetAddAPart')}</Note>
      ) : (
        <Sideways label={t('shelfPanel.parts')}>
          <Table<ShelfLine>
            className={styles.table}
            size="small"
            columns={columnsFor(open, opened !== undefined, units)}
            dataSource={[...shown]}
            rowKey={({ part }) => part.id}
            rowClassName={({ part }) => (part.id === opened?.part.id ? styles.openRow! : '')}
            rowSelection={{
              selectedRowKeys: [...there],
              onChange: (keys) => setChosen(keys.map(String)),
              columnWidth: 34,
            }}
            pagination={{ pageSize: 50, hideOnSinglePage: true, size: 'small', showSizeChanger: false }}
            showSorterTooltip={false}
            locale={{ emptyText: t('shelfPanel.noPartIsLikeThat') }}
          />
        </Sideways>
      )}
      {file && <ImportDialog key={file.name} file={file} onClose={() => setFile(undefined)} />}
    </Panel>
  );
}

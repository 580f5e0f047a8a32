'use client';

import { DownloadOutlined, UploadOutlined } from '@ant-design/icons';
import { Button, Input, Segmented, Select, Table, type TableColumnsType } from 'antd';
import { useRef, useState } from 'react';
import { STOCK_KINDS } from '../../core/parts';
import { writeStockCsv } from '../../formats/shop/stock-csv';
import { moneyText, distanceText, partMassText, type Units } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { fileName, saveText } from '../../ui/files';
import { CONDITION_TEXT, KIND_TEXT } from '../../features/workshop/words';
import { useWithKey } from '../../features/shortcuts/useKeymap';
import { useShortcut } from '../../features/shortcuts/useShortcut';
import { Sideways } from '../../ui/panel/Sideways';
import { CONDITIONS, withCurrencyCode } from '../../records';
import { AddPart } from './AddPart';
import { BulkEdit } from './BulkEdit';
import { ImportDialog } from './ImportDialog';
import { STOCK_STATES, type StockLine, type StockState } from './part-rows';
import type { Stock } from './useParts';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Parts.module.css';
import { t } from './text';
import { defined } from '../../core/optional';
import { definite } from '../../core/items';

const STATE_LABEL: Readonly<Record<StockState, string>> = {
  all: t('stockPanel.stateLabel.all'),
  free: t('stockPanel.stateLabel.free'),
  fitted: t('stockPanel.stateLabel.fitted'),
  toBuy: t('stockPanel.stateLabel.toBuy'),
};

const byText = (of: (line: StockLine) => string) => (a: StockLine, b: StockLine) => of(a).localeCompare(of(b));
/** Unknown values sort last. */
const byNumber = (of: (line: StockLine) => number | undefined) => (a: StockLine, b: StockLine) =>
  (of(a) ?? Infinity) - (of(b) ?? Infinity);

/** Where a part is: on which bikes, and in which place. */
const whereText = ({ part, on }: StockLine) =>
  [...on.map((name) => t('stockPanel.onName', { name })), ...(part.place ? [part.place] : [])].join(', ');

function columnsFor(open: (id: string) => void, isOpen: boolean, units: Units): TableColumnsType<StockLine> {
  const all: TableColumnsType<StockLine> = [
    {
      key: 'name',
      title: t('stockPanel.part'),
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
      title: t('stockPanel.kind'),
      width: 116,
      sorter: (a, b) => STOCK_KINDS.indexOf(a.part.kind) - STOCK_KINDS.indexOf(b.part.kind),
      render: (_, { part }) => KIND_TEXT[part.kind],
    },
    {
      key: 'free',
      title: t('stockPanel.free'),
      width: 74,
      align: 'right',
      sorter: byNumber(({ free }) => free),
      render: (_, { part, free }) =>
        part.quantity === 0 ? (
          <span className={styles.toBuy}>{t('stockPanel.toBuy')}</span>
        ) : (
          t('stockPanel.freeOfQuantity', { free, quantity: part.quantity })
        ),
    },
    {
      key: 'where',
      responsive: ['sm'],
      title: t('stockPanel.where'),
      width: 150,
      sorter: byText(({ part, on }) => on.join() || (part.place ?? '')),
      render: (_, line) => whereText(line),
    },
    {
      key: 'condition',
      responsive: ['md'],
      title: t('stockPanel.state'),
      width: 74,
      sorter: (a, b) => CONDITIONS.indexOf(a.part.condition) - CONDITIONS.indexOf(b.part.condition),
      render: (_, { part }) => CONDITION_TEXT[part.condition],
    },
    {
      key: 'km',
      responsive: ['md'],
      title: t('stockPanel.ridden'),
      width: 82,
      align: 'right',
      sorter: byNumber(({ km }) => km),
      render: (_, { km }) => distanceText(units, km),
    },
    {
      key: 'mass',
      title: t('stockPanel.weight'),
      width: 82,
      align: 'right',
      sorter: byNumber(({ part }) => part.massG),
      render: (_, { part }) => (part.massG === undefined ? '' : partMassText(units, part.massG, 1)),
    },
    {
      key: 'price',
      responsive: ['md'],
      title: t('stockPanel.price'),
      width: 88,
      align: 'right',
      sorter: byNumber(({ part }) => part.price),
      render: (_, { part }) => (part.price === undefined ? '' : moneyText(units, part.price, part.currency)),
    },
  ];
  // Beside an open part only the identifying columns fit.
  return isOpen ? all.filter(({ key }) => ['name', 'free', 'where', 'mass'].includes(String(key))) : all;
}

/** The list: searched, filtered, sorted, several edited at once; in and out as CSV. */
export function StockPanel({ stock }: { stock: Stock }) {
  const withKey = useWithKey();
  const units = useUnits();
  const { lines, shown, filter, setFilter, opened, open } = stock;
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [file, setFile] = useState<{ readonly name: string; readonly text: string }>();
  const picker = useRef<HTMLInputElement>(null);
  const search = useRef<HTMLDivElement>(null);
  const there = chosen.filter((id) => shown.some(({ part }) => part.id === id));
  const save = () =>
    saveText(
      fileName('parts', 'csv'),
      'text/csv',
      writeStockCsv(shown.map(({ part }) => withCurrencyCode(part, units.currency))),
    );
  useShortcut('csv', save);
  useShortcut('search', () => search.current?.querySelector('input')?.focus());
  const counts = new Map<string, number>();
  for (const { part } of lines) counts.set(part.kind, (counts.get(part.kind) ?? 0) + 1);

  return (
    <Panel aria-label={t('stockPanel.title')}>
      <PanelHead>
        <h2>{t('stockPanel.parts')}</h2>
        <AddPart stock={stock} />
        <Button size="small" icon={<UploadOutlined />} onClick={() => picker.current?.click()}>
          {t('stockPanel.csvIn')}
        </Button>
        <Button
          size="small"
          icon={<DownloadOutlined />}
          onClick={save}
          title={withKey(t('stockPanel.saveWhatIsShownAs'), 'csv')}
        >
          {t('stockPanel.csvOut')}
        </Button>
        <input
          ref={picker}
          type="file"
          accept=".csv,text/csv"
          hidden
          data-testid="parts-file"
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
          placeholder={t('stockPanel.searchNameTeethPlaceBike')}
          aria-label={t('stockPanel.searchParts')}
          title={withKey(t('stockPanel.search'), 'search')}
          style={{ width: 250 }}
          value={filter.text}
          onChange={({ target }) => setFilter({ ...filter, text: target.value })}
        />
        <Select
          mode="multiple"
          allowClear
          maxTagCount={2}
          placeholder={t('stockPanel.everyKind')}
          aria-label={t('stockPanel.kinds')}
          style={{ minWidth: 190 }}
          value={[...filter.kinds]}
          options={STOCK_KINDS.map((kind) => ({ value: kind, label: `${KIND_TEXT[kind]} (${counts.get(kind) ?? 0})` }))}
          onChange={(kinds) => setFilter({ ...filter, kinds })}
        />
        <Segmented<StockState>
          aria-label={t('stockPanel.whichParts')}
          value={filter.state}
          options={STOCK_STATES.map((value) => ({ value, label: STATE_LABEL[value] }))}
          onChange={(state) => setFilter({ ...filter, state })}
        />
        <span className={styles.count} data-testid="parts-count">
          {shown.length === lines.length
            ? t('stockPanel.countEntries', { count: lines.length })
            : t('stockPanel.countOfLinesCountEntries', { count: shown.length, linesCount: lines.length })}
        </span>
      </div>
      {there.length > 0 && <BulkEdit stock={stock} ids={there} onDone={() => setChosen([])} />}
      {lines.length === 0 ? (
        <Note>{t('stockPanel.nothingYetAddAPart')}</Note>
      ) : (
        <Sideways label={t('stockPanel.parts')}>
          <Table<StockLine>
            {...defined({ className: styles.table })}
            size="small"
            columns={columnsFor(open, opened !== undefined, units)}
            dataSource={[...shown]}
            rowKey={({ part }) => part.id}
            rowClassName={({ part }) => (part.id === opened?.part.id ? definite(styles.openRow) : '')}
            rowSelection={{
              selectedRowKeys: [...there],
              onChange: (keys) => setChosen(keys.map(String)),
              columnWidth: 34,
            }}
            pagination={{ pageSize: 50, hideOnSinglePage: true, size: 'small', showSizeChanger: false }}
            showSorterTooltip={false}
            locale={{ emptyText: t('stockPanel.noMatchingPartsTry') }}
          />
        </Sideways>
      )}
      {file && <ImportDialog key={file.name} file={file} onClose={() => setFile(undefined)} />}
    </Panel>
  );
}

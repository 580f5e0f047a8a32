'use client';

import { Table, type TableColumnsType } from 'antd';
import { useMemo } from 'react';
import type { Found, Reason } from '../../core/find';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { SaveTable } from '../../kit/export/SaveTable';
import { Sideways } from '../../kit/sheet/Sideways';
import { AIM_NAME, aimText, givesUpText, whyText } from './words/aim-words';
import { KIND_TEXT, partsText, setupName } from './words/part-words';
import { FoundDetails } from './FoundDetails';
import { LayButton } from './LayButton';
import type { Find } from './useFind';
import styles from './Find.module.css';
import { WORDS } from './words/text';

interface FrontTableProps {
  readonly find: Find;
  readonly front: readonly Found[];
  readonly places: readonly number[];
  readonly reasons: readonly Reason[];
  readonly present: Found;
  readonly chosen: string | undefined;
  readonly onChoose: (name: string | undefined) => void;
}

interface Row {
  readonly key: string;
  readonly found: Found;
  readonly reason: Reason;
}

const ROWS_A_PAGE = 12;

/** The same setups as a table: why each is there, and what it gives up. */
export function FrontTable({ find, front, places, reasons, present, chosen, onChoose }: FrontTableProps) {
  const { preferences, bench } = useReadyBench();
  const { aims } = find.settings;
  const { speedUnit } = preferences;
  const all = useMemo(
    () => front.map((found, place): Row => ({ key: setupName(found), found, reason: reasons[place]! })),
    [front, reasons],
  );
  const rows = places.map((place) => all[place]!);
  const columns: TableColumnsType<Row> = [
    {
      title: WORDS.frontTable.setup,
      key: 'setup',
      width: 340,
      render: (_, { key, found, reason }) => (
        <>
          <span className={styles.setup}>
            <i data-shape={found.chainrings.length === 1 ? 'round' : 'square'} aria-hidden /> {key}
          </span>
          <span className={styles.why}>
            {whyText(reason, found, aims, speedUnit)}.
            <br />
            {givesUpText(reason, speedUnit)}.
          </span>
        </>
      ),
    },
    ...aims.map((aim, a) => ({
      title: AIM_NAME[aim],
      key: aim,
      align: 'right' as const,
      sorter: (one: Row, other: Row) => one.found.values[a]! - other.found.values[a]!,
      defaultSortOrder: a === 0 ? ('ascend' as const) : undefined,
      render: (_: unknown, { found }: Row) => (
        <span className={styles.number}>{aimText(aim, found.values[a]!, speedUnit)}</span>
      ),
    })),
    {
      title: WORDS.frontTable.buys,
      key: 'buys',
      render: (_, { found }) => <span className={styles.buys}>{partsText(found.build.newParts)}</span>,
    },
    { title: WORDS.frontTable.bench, key: 'lay', render: (_, { found }) => <LayButton find={find} found={found} /> },
  ];
  return (
    <Sideways label={WORDS.frontTable.setupsFound} testId="front">
      <Table<Row>
        size="small"
        columns={columns}
        dataSource={rows}
        pagination={{ pageSize: ROWS_A_PAGE, hideOnSinglePage: true, showSizeChanger: false }}
        showSorterTooltip={false}
        sortDirections={['ascend', 'descend', 'ascend']}
        rowClassName={({ key }) => (key === chosen ? styles.chosen! : '')}
        onRow={({ key }) => ({ onClick: () => onChoose(key) })}
        expandable={{
          columnTitle: <span className={styles.hidden}>{WORDS.frontTable.open}</span>,
          expandedRowKeys: chosen === undefined ? [] : [chosen],
          onExpand: (open, { key }) => onChoose(open ? key : undefined),
          expandedRowRender: ({ found }) => <FoundDetails find={find} found={found} />,
        }}
        title={() => (
          <div className={styles.tableHead}>
            <span>
              {WORDS.frontTable.aNowSetupNameAims(
                setupName(present),
                aims.map((aim, a) => `${AIM_NAME[aim]} ${aimText(aim, present.values[a]!, speedUnit)}`).join(', '),
              )}
            </span>
            <SaveTable
              name={WORDS.frontTable.nameSearch(bench.bike.name)}
              table={() => ({
                fields: ['setup', ...aims, 'buys', 'fit', 'chain_links', 'easiest_m', 'top_kmh', 'why', 'gives_up'],
                rows: rows.map(({ key, found, reason }) => [
                  key,
                  ...found.values,
                  partsText(found.build.newParts),
                  KIND_TEXT[found.build.kind],
                  found.build.chainLinks,
                  found.metrics.easiestDevelopmentM,
                  found.metrics.topSpeedKmh,
                  whyText(reason, found, aims, speedUnit),
                  givesUpText(reason, speedUnit),
                ]),
              })}
            />
          </div>
        )}
      />
    </Sideways>
  );
}

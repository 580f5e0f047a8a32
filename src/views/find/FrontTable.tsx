'use client';

import { DownOutlined, RightOutlined } from '@ant-design/icons';
import { Button, Table, type TableColumnsType } from 'antd';
import { useMemo } from 'react';
import type { Equals, Found, Reason } from '../../core/find';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { SaveTable } from '../../features/save-table/SaveTable';
import { Sideways } from '../../ui/panel/Sideways';
import { AIM_NAME, aimText, givesUpText, whyText } from '../../features/search/aim-words';
import { doubtText, partsText, setupName } from '../../features/search/part-words';
import { FoundDetails } from './FoundDetails';
import { AddSetupButton } from './AddSetupButton';
import type { Find } from './useFind';
import sheet from '../../ui/panel/sheet.module.css';
import styles from './Find.module.css';
import { findTable } from './find-table';
import { t } from './text';
import { itemAt, definite } from '../../core/items';

interface FrontTableProps {
  readonly find: Find;
  readonly rows: readonly Equals[];
  readonly places: readonly number[];
  readonly reasons: readonly Reason[];
  readonly present: Found;
  readonly chosen: string | undefined;
  readonly onChoose: (name: string | undefined) => void;
}

interface Row {
  readonly key: string;
  readonly found: Found;
  /** Setups with the same figures, this one first. */
  readonly equals: readonly Found[];
  readonly reason: Reason;
}

const ROWS_A_PAGE = 20;

/** The same setups as a table: why each is there, and what it gives up. */
export function FrontTable({ find, rows: joined, places, reasons, present, chosen, onChoose }: FrontTableProps) {
  const { workspace } = useReadyWorkspace();
  const { aims } = find.settings;
  const units = useUnits();
  const all = useMemo(
    () =>
      joined.map(({ lead, all: equals }, place): Row => ({
        key: setupName(lead),
        found: lead,
        equals,
        reason: itemAt(reasons, place),
      })),
    [joined, reasons],
  );
  const rows = places.map((place) => itemAt(all, place));
  const columns: TableColumnsType<Row> = [
    {
      title: t('frontTable.setup'),
      key: 'setup',
      width: 340,
      render: (_, { key, found, equals, reason }) => (
        <>
          <span className={styles.setup}>
            <i data-shape={found.chainrings.length === 1 ? 'round' : 'square'} aria-hidden /> {key}
          </span>
          <span className={styles.why}>
            {equals.length > 1 && (
              <>
                {t('frontTable.oneOfSame', { count: equals.length })}
                <br />
              </>
            )}
            {whyText(reason, found, aims, units)}.
            <br />
            {givesUpText(reason, units)}.
            {found.build.lessCommon && (
              <>
                <br />
                {t('frontTable.lessCommon')}
              </>
            )}
            {found.build.doubts.length > 0 && (
              <>
                <br />
                {doubtText(found.build.doubts)}
              </>
            )}
          </span>
        </>
      ),
    },
    ...aims.map((aim, a) => ({
      title: AIM_NAME[aim],
      key: aim,
      align: 'right' as const,
      // Whatever is sorted by, what is known to be compatible comes first.
      sorter: (one: Row, other: Row, order?: 'ascend' | 'descend' | null) =>
        (order === 'descend' ? -1 : 1) * (one.found.build.doubts.length - other.found.build.doubts.length) ||
        itemAt(one.found.values, a) - itemAt(other.found.values, a),
      ...(a === 0 && { defaultSortOrder: 'ascend' as const }),
      render: (_: unknown, { found }: Row) => (
        <span className={styles.number}>{aimText(aim, itemAt(found.values, a), units)}</span>
      ),
    })),
    {
      title: t('frontTable.buys'),
      key: 'buys',
      render: (_, { found }) => <span className={styles.buys}>{partsText(found.build.buy)}</span>,
    },
    {
      title: t('frontTable.workspace'),
      key: 'lay',
      render: (_, { found }) => <AddSetupButton find={find} found={found} />,
    },
  ];
  return (
    <Sideways label={t('frontTable.setupsFound')} testId="front">
      <Table<Row>
        size="small"
        columns={columns}
        dataSource={rows}
        pagination={{ pageSize: ROWS_A_PAGE, hideOnSinglePage: true, showSizeChanger: false }}
        showSorterTooltip={false}
        sortDirections={['ascend', 'descend', 'ascend']}
        rowClassName={({ key }) => (key === chosen ? definite(styles.chosen) : '')}
        onRow={({ key }) => ({ onClick: () => onChoose(key) })}
        expandable={{
          expandIcon: ({ expanded, onExpand, record }) => (
            <Button
              type="text"
              size="small"
              icon={expanded ? <DownOutlined /> : <RightOutlined />}
              aria-expanded={expanded}
              aria-label={t('frontTable.openSetup', { setup: record.key })}
              onClick={(event) => {
                // The row opens under the pointer anyway.
                event.stopPropagation();
                onExpand(record, event);
              }}
            />
          ),
          columnTitle: <span className={sheet.hidden}>{t('frontTable.open')}</span>,
          expandedRowKeys: chosen === undefined ? [] : [chosen],
          onExpand: (open, { key }) => onChoose(open ? key : undefined),
          expandedRowRender: ({ found, equals }) => <FoundDetails find={find} found={found} equals={equals.slice(1)} />,
        }}
        title={() => (
          <div className={styles.tableHead}>
            <span>
              {t('frontTable.aNowSetupNameAims', {
                setupName: setupName(present),
                aims: aims
                  .map((aim, a) => `${AIM_NAME[aim]} ${aimText(aim, itemAt(present.values, a), units)}`)
                  .join(', '),
              })}
            </span>
            <SaveTable
              name={t('frontTable.nameSearch', { name: workspace.bike.name })}
              table={() => findTable(aims, rows, units.currency)}
            />
          </div>
        )}
      />
    </Sideways>
  );
}

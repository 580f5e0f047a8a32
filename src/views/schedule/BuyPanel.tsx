'use client';

import { isoDayText } from '../../ui/format';
import { Checkbox } from 'antd';
import { useUnits } from '../../features/workspace/useUnits';
import { useWorkspace } from '../../features/workspace/WorkspaceProvider';
import { SaveTable } from '../../features/save-table/SaveTable';
import { costText, itemText, priceText } from '../../features/workshop/card-words';
import { withPurchase, type BuyLine } from '../../features/workshop/buy-list';
import { listed } from '../../messages/job';
import { editJob } from '../../store';
import type { Schedule } from './useSchedule';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Schedule.module.css';
import { yesOrNo } from '../../formats/csv-cells';
import { t } from './text';

/** What all open jobs wait for together, with what is left to pay. */
export function BuyPanel({ schedule }: { schedule: Schedule }) {
  const state = useWorkspace();
  const units = useUnits();
  const { buys, toPay, jobs } = schedule;
  if (state.kind !== 'ready') return null;
  const { edits, workshop } = state;
  const bikeName = (line: BuyLine) => jobs.find(({ job }) => job.id === line.job.id)?.bikeName ?? '';
  const tick = ({ job, card, item }: BuyLine, has: boolean) =>
    edits.write(() =>
      editJob(
        workshop.db,
        job.id,
        { label: t('buyPanel.purchasesOfName', { name: job.name }), key: 'job.bought' },
        (before) => withPurchase(before, card, item.key, has),
        Date.now(),
      ),
    );
  return (
    <Panel aria-label={t('buyPanel.toBuy')}>
      <PanelHead>
        <h2>{t('buyPanel.toBuy')}</h2>
        <SaveTable
          name={t('buyPanel.buyList')}
          byKey
          table={() => ({
            fields: ['part', 'job', 'bike', 'due_on', 'price', 'currency', 'is_here'],
            rows: buys.map((line) => [
              itemText(line.item),
              line.job.name,
              bikeName(line),
              line.job.dueOn ?? '',
              line.item.price ?? '',
              line.item.currency ?? units.currency ?? '',
              yesOrNo(line.hasCome),
            ]),
          })}
        />
      </PanelHead>
      <p className={styles.answer} data-testid="buy-cost">
        {buys.length === 0
          ? t('buyPanel.noPartsOrder')
          : t('buyPanel.stillToPayCost', { cost: costText(toPay.cost, units) })}
        {toPay.typedFor.length > 0 &&
          ` ${t('buyPanel.typedSums', { jobs: listed(toPay.typedFor.map(({ name }) => name)) })}`}
      </p>
      <ul className={styles.buys} data-testid="buys">
        {buys.map((line) => (
          <li key={`${line.job.id} ${line.item.key} ${itemText(line.item)}`}>
            <Checkbox checked={line.hasCome} onChange={({ target }) => tick(line, target.checked)}>
              <b>{itemText(line.item)}</b>
            </Checkbox>
            <span>
              {priceText(line.item, units)} · {line.job.name}, {bikeName(line)}
              {line.job.dueOn && `, ${isoDayText(line.job.dueOn)}`}
              {line.isShort && t('buyPanel.onTheStockButAnother')}
            </span>
          </li>
        ))}
      </ul>
    </Panel>
  );
}

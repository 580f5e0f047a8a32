'use client';

import { isoDayText } from '../../kit/format';
import { Checkbox } from 'antd';
import { useUnits } from '../../kit/bench/useUnits';
import { useBench } from '../../kit/bench/BenchProvider';
import { SaveTable } from '../../kit/export/SaveTable';
import { costText, itemText, priceText } from '../../kit/shop/card-words';
import { withPurchase, type BuyLine } from '../../kit/shop/buy-list';
import { listed } from '../../messages/job';
import { editJob } from '../../store';
import type { Schedule } from './useSchedule';
import { Panel, PanelHead } from '../../kit/sheet/Panel';
import styles from './Schedule.module.css';
import { WORDS } from './words/text';

/** What all open jobs wait for together, with what is left to pay. */
export function BuyPanel({ schedule }: { schedule: Schedule }) {
  const state = useBench();
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
        WORDS.buyPanel.purchasesOfName(job.name),
        (before) => withPurchase(before, card, item.key, has),
        Date.now(),
      ),
    );
  return (
    <Panel aria-label={WORDS.buyPanel.toBuy}>
      <PanelHead>
        <h2>{WORDS.buyPanel.toBuy}</h2>
        <SaveTable
          name={WORDS.buyPanel.buyList}
          byKey
          table={() => ({
            fields: ['part', 'job', 'bike', 'due_on', 'price', 'currency', 'has_come'],
            rows: buys.map((line) => [
              itemText(line.item),
              line.job.name,
              bikeName(line),
              line.job.dueOn ?? '',
              line.item.price ?? '',
              line.item.currency ?? units.currency ?? '',
              line.hasCome ? WORDS.buyPanel.yes : WORDS.buyPanel.no,
            ]),
          })}
        />
      </PanelHead>
      <p className={styles.answer} data-testid="buy-cost">
        {buys.length === 0
          ? WORDS.buyPanel.nothingEveryOpenJobHas
          : WORDS.buyPanel.stillToPayCost(costText(toPay.cost, units))}
        {toPay.typedFor.length > 0 && ` ${WORDS.buyPanel.typedSums(listed(toPay.typedFor.map(({ name }) => name)))}`}
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
              {line.isShort && WORDS.buyPanel.onTheShelfButAnother}
            </span>
          </li>
        ))}
      </ul>
    </Panel>
  );
}

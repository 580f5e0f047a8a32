'use client';

import { Checkbox } from 'antd';
import { useBench } from '../../kit/bench/BenchProvider';
import { SaveTable } from '../../kit/export/SaveTable';
import { costText, priceText } from '../../kit/shop/card-words';
import { withPurchase, type BuyLine } from '../../kit/shop/buy-list';
import { editJob } from '../../store';
import type { Schedule } from './useSchedule';
import styles from './Schedule.module.css';

/** What all open jobs wait for together, with what is left to pay. */
export function BuyPanel({ schedule }: { schedule: Schedule }) {
  const state = useBench();
  const { buys, cost, jobs } = schedule;
  if (state.kind !== 'ready') return null;
  const { edits, workshop } = state;
  const bikeName = (line: BuyLine) => jobs.find(({ job }) => job.id === line.job.id)?.bikeName ?? '';
  const tick = ({ job, card, item }: BuyLine, has: boolean) =>
    edits.write(() =>
      editJob(
        workshop.db,
        job.id,
        `purchases of ${job.name}`,
        (before) => withPurchase(before, card, item.key, has),
        Date.now(),
      ),
    );
  return (
    <section className={styles.panel} aria-label="To buy">
      <div className={styles.panelHead}>
        <h2>To buy</h2>
        <SaveTable
          name="buy list"
          byKey
          table={() => ({
            fields: ['part', 'job', 'bike', 'due_on', 'price', 'currency', 'has_come'],
            rows: buys.map((line) => [
              line.item.name,
              line.job.name,
              bikeName(line),
              line.job.dueOn ?? '',
              line.item.price ?? '',
              line.item.currency ?? '',
              line.hasCome ? 'yes' : 'no',
            ]),
          })}
        />
      </div>
      <p className={styles.answer} data-testid="buy-cost">
        {buys.length === 0 ? 'Nothing: every open job has its parts.' : `Still to pay: ${costText(cost)}.`}
      </p>
      <ul className={styles.buys} data-testid="buys">
        {buys.map((line) => (
          <li key={`${line.job.id} ${line.item.key} ${line.item.name}`}>
            <Checkbox checked={line.hasCome} onChange={({ target }) => tick(line, target.checked)}>
              <b>{line.item.name}</b>
            </Checkbox>
            <span>
              {priceText(line.item)} · {line.job.name}, {bikeName(line)}
              {line.job.dueOn && `, ${line.job.dueOn}`}
              {line.isShort && ' · on the shelf, but another job counts on it'}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

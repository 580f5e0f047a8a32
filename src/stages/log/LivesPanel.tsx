'use client';

import { SaveTable } from '../../kit/export/SaveTable';
import { dateText } from '../../kit/format';
import { kmText } from '../../kit/shop/words';
import type { Log } from './useLog';
import styles from './Log.module.css';

/** How far each part of the shelf has gone on this bike. */
export function LivesPanel({ log }: { log: Log }) {
  const { lives } = log;
  return (
    <section className={styles.panel} aria-label="Parts of this bike">
      <div className={styles.panelHead}>
        <h2>Parts and how far they went</h2>
        <SaveTable
          name="parts of this bike"
          table={() => ({
            fields: ['part', 'kind', 'on_now', 'km_on_this_bike'],
            rows: lives.map(({ part, km, isOn }) => [part.name, part.kind, isOn ? 'yes' : 'no', km]),
          })}
        />
      </div>
      {lives.length === 0 && (
        <p className={styles.note}>
          No part of the shelf has been on this bike. On the Shelf, let it take stock of itself.
        </p>
      )}
      <ul className={styles.lives}>
        {lives.map(({ part, km, isOn }) => {
          const last = part.mounts.at(-1);
          return (
            <li key={part.id}>
              <span>
                {part.name}
                {!isOn && last?.toMs !== undefined && `, off ${dateText(last.toMs)}`}
              </span>
              <b>{kmText(km)}</b>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

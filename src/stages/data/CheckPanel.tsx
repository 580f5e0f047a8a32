'use client';

import { App, Button } from 'antd';
import { useState } from 'react';
import type { BenchEdits } from '../../kit/bench/edits';
import { capital } from '../../kit/format';
import type { DataProblem } from '../../records/schema';
import { findProblems, repairProblems, type Workshop } from '../../store';
import styles from './Data.module.css';
import { t } from './words/text';

/** Looks everything through for what points at nothing, says what it would do, and mends it when asked. */
export function CheckPanel({ db, edits }: { db: Workshop['db']; edits: BenchEdits }) {
  const { message } = App.useApp();
  const [found, setFound] = useState<readonly DataProblem[]>();
  const look = () => edits.write(async () => setFound(await findProblems(db)));
  const mend = () =>
    edits.write(async () => {
      const count = await repairProblems(db, Date.now());
      setFound(await findProblems(db));
      message.success(t('checkPanel.countMendedUndoTakesIt', { count }));
    });
  return (
    <section className={styles.sheet} aria-label={t('checkPanel.check')}>
      <h2>{t('checkPanel.checkTheData')}</h2>
      <p>{t('checkPanel.whetherEveryRecordHasIts')}</p>
      <div className={styles.buttons}>
        <Button onClick={look}>{t('checkPanel.lookEverythingThrough')}</Button>
        {found && found.length > 0 && (
          <Button type="primary" onClick={mend}>
            {t('checkPanel.mendAllCount', { count: found.length })}
          </Button>
        )}
      </div>
      {found && (
        <div role="status" data-testid="check-result">
          {found.length === 0 ? (
            <p className={styles.result}>{t('checkPanel.everythingIsInOrder')}</p>
          ) : (
            <ul className={styles.list}>
              {found.map(({ table, id, text, mend: how }) => (
                <li key={`${table}/${id}/${text}`}>
                  <span>
                    <b>{capital(text)}.</b>
                    {t('checkPanel.mendedHow', { how })}
                  </span>
                </li>
              ))}
            </ul>
          )}
        </div>
      )}
    </section>
  );
}

'use client';

import { App, Button } from 'antd';
import { useState } from 'react';
import type { WorkspaceEdits } from '../../features/workspace/edits';
import { capital } from '../../ui/format';
import type { DataProblem } from '../../records/schemas';
import { findProblems, repairProblems, type Workshop } from '../../store';
import styles from './Settings.module.css';
import { t } from './text';

/** Checks all data for broken references, shows the repairs, and applies them on request. */
export function CheckPanel({ db, edits }: { db: Workshop['db']; edits: WorkspaceEdits }) {
  const { message } = App.useApp();
  const [found, setFound] = useState<readonly DataProblem[]>();
  const look = () => edits.write(async () => setFound(await findProblems(db)));
  const repair = () =>
    edits.write(async () => {
      const count = await repairProblems(db, Date.now());
      setFound(await findProblems(db));
      message.success(t('checkPanel.fixedCanUndoAnything', { count }));
    });
  return (
    <section className={styles.sheet} aria-label={t('checkPanel.check')}>
      <h2>{t('checkPanel.checkTheData')}</h2>
      <p>{t('checkPanel.checksEveryRecordValid')}</p>
      <div className={styles.buttons}>
        <Button onClick={look}>{t('checkPanel.checkAllData')}</Button>
        {found && found.length > 0 && (
          <Button type="primary" onClick={repair}>
            {t('checkPanel.mendAllCount', { count: found.length })}
          </Button>
        )}
      </div>
      {found && (
        <div role="status" data-testid="check-result">
          {found.length === 0 ? (
            <p className={styles.result}>{t('checkPanel.noProblemsFound')}</p>
          ) : (
            <ul className={styles.list}>
              {found.map(({ table, id, text, repair: how }) => (
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

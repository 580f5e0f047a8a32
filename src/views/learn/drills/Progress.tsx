'use client';

import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { LEVELS, type DrillKind } from '../../../core/lesson';
import type { LearnerRecord } from '../../../records';
import { KIND_TEXT, MISTAKE_TEXT, dueText } from '../learner/learn-words';
import { skillRows } from './skill-rows';
import { Panel, PanelHead } from '../../../ui/panel/Panel';
import { Table } from '../../../ui/panel/Table';
import styles from './Drills.module.css';
import { t } from '../learner/text';

const MINUTE_MS = 60_000;

/** What time it is, a minute at most ago. */
function useNow(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), MINUTE_MS);
    return () => clearInterval(timer);
  }, []);
  return now;
}

interface ProgressProps {
  readonly learner: LearnerRecord;
  readonly only: DrillKind | undefined;
  readonly onOnly: (kind: DrillKind | undefined) => void;
}

/** A learner's progress in each kind of drill; each can be practised alone. */
export function Progress({ learner, only, onOnly }: ProgressProps) {
  const now = useNow();
  const rows = skillRows(learner);
  return (
    <Panel aria-label={t('progress.progressOfName', { name: learner.name })}>
      <PanelHead>
        <h2>{t('progress.nameAnswered', { name: learner.name, answered: learner.answered })}</h2>
        {only && (
          <Button size="small" onClick={() => onOnly(undefined)}>
            {t('progress.allTypes')}
          </Button>
        )}
      </PanelHead>
      <Table className={styles.table}>
        <thead>
          <tr>
            <th scope="col">{t('progress.typeChooseOnePractise')}</th>
            <th scope="col">{t('progress.level')}</th>
            <th scope="col">{t('progress.right')}</th>
            <th scope="col">{t('progress.again')}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ kind, level, asked, right, dueMs, mistake }) => (
            <tr key={kind} data-kind={kind} aria-current={kind === only ? true : undefined}>
              <th scope="row">
                <button type="button" className={styles.kind} onClick={() => onOnly(kind)} aria-pressed={kind === only}>
                  {KIND_TEXT[kind]}
                </button>
                {mistake && (
                  <span>
                    {mistake[1]}× {MISTAKE_TEXT[mistake[0]]}
                  </span>
                )}
              </th>
              <td>
                {level === undefined ? (
                  '–'
                ) : (
                  <span className={styles.pips} role="img" aria-label={t('progress.levelOf3', { level })}>
                    {LEVELS.map((one) => (
                      <i key={one} data-on={one <= level} />
                    ))}
                  </span>
                )}
              </td>
              <td>{asked === 0 ? '–' : t('progress.rightOfAsked', { right, asked })}</td>
              <td>{dueMs === undefined ? t('progress.new') : dueText(dueMs, now)}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Panel>
  );
}

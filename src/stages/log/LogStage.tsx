'use client';

import { PrinterOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { SaveTable } from '../../kit/export/SaveTable';
import { PrintSheet, usePrint } from '../../kit/print/PrintSheet';
import { withKey } from '../../kit/shell/shortcuts';
import { useShortcut } from '../../kit/shell/useShortcut';
import { BeforeAfterPanel } from './BeforeAfterPanel';
import { HistoryPaper } from './HistoryPaper';
import { LivesPanel } from './LivesPanel';
import { NoteForm } from './NoteForm';
import { OutcomesPanel } from './OutcomesPanel';
import { Timeline } from './Timeline';
import { useLog } from './useLog';
import { PageHeading, Panel, PanelHead } from '../../kit/sheet/Panel';
import styles from './Log.module.css';
import { t } from './words/text';

/** What happened to the bike, and what was learned from it. */
export function LogStage() {
  const { bench } = useReadyBench();
  const log = useLog();
  const { printing, print } = usePrint();
  useShortcut('print', print);
  return (
    <>
      <PageHeading>{t('logStage.log')}</PageHeading>
      <div className={styles.layout}>
        <Panel aria-label={t('logStage.timeline')}>
          <PanelHead>
            <h2>{bench.bike.name}</h2>
            <SaveTable
              name={t('logStage.historyOfName', { name: bench.bike.name })}
              byKey
              table={() => ({
                fields: ['at', 'kind', 'title', 'text', 'km'],
                rows: log.shown.map(({ atMs, kind, title, text, km }) => [
                  new Date(atMs).toISOString(),
                  kind,
                  title,
                  text,
                  km ?? '',
                ]),
              })}
            />
            <Button
              size="small"
              icon={<PrinterOutlined />}
              onClick={print}
              title={withKey(t('logStage.printTheHistory'), 'print')}
            >
              {t('logStage.print')}
            </Button>
          </PanelHead>
          <NoteForm />
          <Timeline log={log} />
        </Panel>
        <div className={styles.column}>
          <BeforeAfterPanel log={log} />
          <OutcomesPanel log={log} />
          <LivesPanel log={log} />
        </div>
      </div>
      {printing && (
        <PrintSheet>
          <HistoryPaper bikeName={bench.bike.name} log={log} />
        </PrintSheet>
      )}
    </>
  );
}

'use client';

import { PrinterOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { SaveTable } from '../../features/save-table/SaveTable';
import { PrintSheet, usePrint } from '../../ui/print/PrintSheet';
import { useWithKey } from '../../features/shortcuts/useKeymap';
import { useShortcut } from '../../features/shortcuts/useShortcut';
import { BeforeAfterPanel } from './BeforeAfterPanel';
import { HistoryPaper } from './HistoryPaper';
import { LivesPanel } from './LivesPanel';
import { NoteForm } from './NoteForm';
import { OutcomesPanel } from './OutcomesPanel';
import { Timeline } from './Timeline';
import { useLog } from './useLog';
import { PageHeading, Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Log.module.css';
import { t } from './text';

/** What happened to the bike, and what was learned from it. */
export function LogView() {
  const withKey = useWithKey();
  const { workspace } = useReadyWorkspace();
  const log = useLog();
  const { printing, print } = usePrint();
  useShortcut('print', print);
  return (
    <>
      <PageHeading>{t('logView.log')}</PageHeading>
      <div className={styles.layout}>
        <Panel aria-label={t('logView.timeline')}>
          <PanelHead>
            <h2>{workspace.bike.name}</h2>
            <SaveTable
              name={t('logView.historyOfName', { name: workspace.bike.name })}
              byKey
              table={() => ({
                fields: ['time_utc', 'kind', 'title', 'text', 'distance_km'],
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
              title={withKey(t('logView.printTheHistory'), 'print')}
            >
              {t('logView.print')}
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
          <HistoryPaper bikeName={workspace.bike.name} log={log} />
        </PrintSheet>
      )}
    </>
  );
}

'use client';

import { Segmented } from 'antd';
import { useCallback, useState } from 'react';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { useWithKey } from '../../features/shortcuts/useKeymap';
import { useInAddress } from '../../ui/react/useInAddress';
import { useShortcut } from '../../features/shortcuts/useShortcut';
import { GEARS_VIEWS, type GearsTab } from '../../records';
import { DerailleurPanel } from './DerailleurPanel';
import { DistinctPanel } from './DistinctPanel';
import { GearTable } from './GearTable';
import { KeyFigures } from './KeyFigures';
import { LadderPanel } from './LadderPanel';
import { gearOrFirst, nextOf } from './quantity';
import { RidingView } from './RidingView';
import { ShiftingView } from './ShiftingView';
import { TablesView } from './TablesView';
import { StepList } from './StepList';
import { useGears } from './useGears';
import { PageHeading } from '../../ui/panel/Panel';
import styles from './Gears.module.css';
import { t } from './text';

const VIEW_TEXT: Readonly<Record<GearsTab, string>> = {
  table: t('gearsView.viewText.table'),
  riding: t('gearsView.viewText.riding'),
  shifting: t('gearsView.viewText.shifting'),
  tables: t('gearsView.viewText.tables'),
};

/** The selected setup. */
export function GearsView() {
  const withKey = useWithKey();
  const { preferences, edits } = useReadyWorkspace();
  const view = preferences.gearsView;
  useShortcut('view', () => edits.editPreferences((now) => ({ gearsView: nextOf(GEARS_VIEWS, now.gearsView) })));
  useInAddress('view', view, (asked) => {
    const found = GEARS_VIEWS.find((one) => one === asked);
    if (found && found !== view) edits.editPreferences({ gearsView: found });
  });
  const gears = useGears();
  const [selectedKey, setSelectedKey] = useState<string>();
  const selected = gearOrFirst(gears.report.gears, selectedKey);
  const select = useCallback(({ key }: { key: string }) => setSelectedKey(key), []);
  return (
    <>
      <PageHeading>{t('gearsView.gears')}</PageHeading>
      <div className={styles.stage}>
        <div className={styles.ladderColumn}>
          <LadderPanel gears={gears} selectedKey={selectedKey} onSelect={select} />
        </div>
        <div className={styles.beside}>
          <KeyFigures gears={gears} />
          <Segmented<GearsTab>
            aria-label={t('gearsView.view')}
            className={styles.views}
            title={withKey(t('gearsView.view'), 'view')}
            value={view}
            onChange={(gearsView) => edits.editPreferences({ gearsView })}
            options={GEARS_VIEWS.map((value) => ({ value, label: VIEW_TEXT[value] }))}
          />
          {view === 'table' && (
            <div className={styles.columns}>
              <GearTable gears={gears} selected={selected} onSelect={select} />
              <StepList gears={gears} />
              <div className={styles.column}>
                <DerailleurPanel gears={gears} />
                <DistinctPanel gears={gears} />
              </div>
            </div>
          )}
          {view === 'riding' && <RidingView gears={gears} />}
          {view === 'shifting' && <ShiftingView gears={gears} />}
          {view === 'tables' && <TablesView gears={gears} />}
        </div>
      </div>
    </>
  );
}

'use client';

import { Segmented } from 'antd';
import { useCallback, useState } from 'react';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { withKey } from '../../kit/shell/shortcuts';
import { useInAddress } from '../../kit/shell/useInAddress';
import { useShortcut } from '../../kit/shell/useShortcut';
import { GEARS_VIEWS, type GearsView } from '../../records';
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
import { PageHeading } from '../../kit/sheet/Panel';
import styles from './Gears.module.css';
import { t } from './words/text';

const VIEW_TEXT: Readonly<Record<GearsView, string>> = {
  table: t('gearsStage.viewText.table'),
  riding: t('gearsStage.viewText.riding'),
  shifting: t('gearsStage.viewText.shifting'),
  tables: t('gearsStage.viewText.tables'),
};

/** One setup in depth. */
export function GearsStage() {
  const { preferences, edits } = useReadyBench();
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
      <PageHeading>{t('gearsStage.gears')}</PageHeading>
      <div className={styles.stage}>
        <div className={styles.ladderColumn}>
          <LadderPanel gears={gears} selectedKey={selectedKey} onSelect={select} />
        </div>
        <div className={styles.beside}>
          <KeyFigures gears={gears} />
          <Segmented<GearsView>
            aria-label={t('gearsStage.view')}
            className={styles.views}
            title={withKey(t('gearsStage.view'), 'view')}
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

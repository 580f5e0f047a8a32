'use client';

import { PrinterOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useRef, useState } from 'react';
import { BriefNotice } from '../../features/setups-bar/BriefNotice';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { OneOrTwoHeadline } from '../../features/search/OneOrTwo';
import { SavePicture } from '../../ui/picture/SavePicture';
import { svgPicture } from '../../ui/picture/svg';
import { PrintSheet, usePrint } from '../../ui/print/PrintSheet';
import { useWithKey } from '../../features/shortcuts/useKeymap';
import { useShortcut } from '../../features/shortcuts/useShortcut';
import { AtSpeed } from './AtSpeed';
import { CompareCharts } from './CompareCharts';
import { CompareLadder } from './CompareLadder';
import { ComparePaper } from './ComparePaper';
import { DifferenceTable } from './DifferenceTable';
import { ForWhom } from './ForWhom';
import { LossesBetween } from './LossesBetween';
import { NeedsTable } from './NeedsTable';
import { SameJobTable } from './SameJobTable';
import { Priorities } from './Priorities';
import { useCompare } from './useCompare';
import { Verdicts } from './Verdicts';
import { PageHeading, Panel } from '../../ui/panel/Panel';
import styles from './Compare.module.css';
import { t } from './text';
import { firstOf } from '../../core/items';

/** The setups of the workspace on one scale, and what each gains and loses. */
export function CompareView() {
  const withKey = useWithKey();
  const { workspace } = useReadyWorkspace();
  const comparison = useCompare();
  const [selected, setSelected] = useState({
    place: 0,
    key: firstOf(firstOf(comparison.all).figures.report.gears).key,
  });
  const drawing = useRef<SVGSVGElement>(null);
  const { printing, print } = usePrint();
  useShortcut('print', print);
  const { contradictions } = comparison.inUse;
  const alone = comparison.all.length === 1;
  return (
    <>
      <PageHeading>{t('compareView.compare')}</PageHeading>
      {alone && <p className={styles.alone}>{t('compareView.addASecondSetup')}</p>}
      <OneOrTwoHeadline />
      <Panel aria-label={t('compareView.ladder')}>
        {!alone && contradictions.length === 0 && <Verdicts comparison={comparison} />}
        <CompareLadder
          comparison={comparison}
          selected={selected}
          onSelect={({ place, gear }) => setSelected({ place, key: gear.key })}
          drawingRef={drawing}
          tools={
            <>
              <SavePicture
                name={t('compareView.nameComparison', { name: workspace.bike.name })}
                picture={() => svgPicture(drawing.current)}
              />
              <Button
                type="text"
                size="small"
                icon={<PrinterOutlined />}
                onClick={print}
                aria-label={t('compareView.printTheComparison')}
                title={withKey(t('compareView.printTheComparison'), 'print')}
              />
            </>
          }
        />
      </Panel>
      {contradictions.length > 0 ? (
        <BriefNotice contradictions={contradictions} />
      ) : (
        <>
          <NeedsTable comparison={comparison} />
          {!alone && (
            <>
              <ForWhom comparison={comparison} />
              <Priorities comparison={comparison} />
              <DifferenceTable comparison={comparison} />
              <CompareCharts comparison={comparison} />
              <SameJobTable comparison={comparison} />
              <AtSpeed comparison={comparison} />
              <LossesBetween comparison={comparison} />
            </>
          )}
        </>
      )}
      {printing && (
        <PrintSheet>
          <ComparePaper comparison={comparison} />
        </PrintSheet>
      )}
    </>
  );
}

'use client';

import { PrinterOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useRef, useState } from 'react';
import { BriefNotice } from '../../kit/bench/BriefNotice';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { OneOrTwoHeadline } from '../../kit/finding/OneOrTwo';
import { SavePicture } from '../../kit/export/SavePicture';
import { svgPicture } from '../../kit/export/svg';
import { PrintSheet, usePrint } from '../../kit/print/PrintSheet';
import { withKey } from '../../kit/shell/shortcuts';
import { useShortcut } from '../../kit/shell/useShortcut';
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
import { PageHeading, Panel } from '../../kit/sheet/Panel';
import styles from './Compare.module.css';
import { t } from './words/text';

/** The setups of the bench on one scale, and what each gains and loses. */
export function CompareStage() {
  const { bench } = useReadyBench();
  const comparison = useCompare();
  const [selected, setSelected] = useState({ place: 0, key: comparison.all[0]!.figures.report.gears[0]!.key });
  const drawing = useRef<SVGSVGElement>(null);
  const { printing, print } = usePrint();
  useShortcut('print', print);
  const { contradictions } = comparison.inUse;
  const alone = comparison.all.length === 1;
  return (
    <>
      <PageHeading>{t('compareStage.compare')}</PageHeading>
      {alone && <p className={styles.alone}>{t('compareStage.addASecondSetup')}</p>}
      <OneOrTwoHeadline />
      <Panel aria-label={t('compareStage.ladder')}>
        {!alone && contradictions.length === 0 && <Verdicts comparison={comparison} />}
        <CompareLadder
          comparison={comparison}
          selected={selected}
          onSelect={({ place, gear }) => setSelected({ place, key: gear.key })}
          drawingRef={drawing}
          tools={
            <>
              <SavePicture
                name={t('compareStage.nameComparison', { name: bench.bike.name })}
                picture={() => svgPicture(drawing.current)}
              />
              <Button
                type="text"
                size="small"
                icon={<PrinterOutlined />}
                onClick={print}
                aria-label={t('compareStage.printTheComparison')}
                title={withKey(t('compareStage.printTheComparison'), 'print')}
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

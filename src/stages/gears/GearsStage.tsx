'use client';

import { useState } from 'react';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { DerailleurPanel } from './DerailleurPanel';
import { DistinctPanel } from './DistinctPanel';
import { GearTable } from './GearTable';
import { KeyFigures } from './KeyFigures';
import { LadderPanel } from './LadderPanel';
import { StepList } from './StepList';
import { useGears } from './useGears';
import styles from './Gears.module.css';

/** One setup in depth. */
export function GearsStage() {
  const { preferences } = useReadyBench();
  const gears = useGears();
  const [selectedKey, setSelectedKey] = useState<string>();
  const all = gears.report.gears;
  // A gear chosen on another setup may not be there on this one.
  const selected = all.find(({ key }) => key === selectedKey) ?? all[0]!;
  const select = ({ key }: { key: string }) => setSelectedKey(key);
  return (
    <>
      <h1 className={styles.hidden}>Gears</h1>
      <KeyFigures gears={gears} />
      <LadderPanel gears={gears} preferences={preferences} selected={selected} onSelect={select} />
      <div className={styles.columns}>
        <GearTable gears={gears} selected={selected} onSelect={select} />
        <StepList gears={gears} />
        <div className={styles.column}>
          <DerailleurPanel gears={gears} />
          <DistinctPanel gears={gears} />
        </div>
      </div>
    </>
  );
}

'use client';

import { ChainPanel } from './ChainPanel';
import { ChecklistPanel } from './ChecklistPanel';
import { ChecksPanel } from './ChecksPanel';
import { DrivePanel } from './DrivePanel';
import { HubPanel } from './HubPanel';
import { LossPanel } from './LossPanel';
import { SameAsA } from './SameAsA';
import { ShiftPanel } from './ShiftPanel';
import { SidePanel } from './SidePanel';
import { TopPanel } from './TopPanel';
import { useFit } from './useFit';
import { PageHeading } from '../../kit/sheet/Panel';
import styles from './Fit.module.css';
import { t } from './words/text';

/** Whether the setup in depth goes together, how long its chain is, and how its cage hangs. */
export function FitStage() {
  const fit = useFit();
  return (
    <>
      <PageHeading>{t('fitStage.fit')}</PageHeading>
      <SameAsA />
      <div className={styles.top}>
        <ChecksPanel fit={fit} />
        <div className={styles.column}>
          <ChainPanel fit={fit} />
          <HubPanel />
        </div>
      </div>
      <SidePanel fit={fit} />
      <ShiftPanel fit={fit} />
      <TopPanel fit={fit} />
      <ChecklistPanel />
      <DrivePanel />
      <LossPanel fit={fit} />
    </>
  );
}

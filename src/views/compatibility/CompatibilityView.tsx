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
import { PageHeading } from '../../ui/panel/Panel';
import styles from './Compatibility.module.css';
import { t } from './text';

/** Compatibility, chain length and cage angles of the selected setup. */
export function CompatibilityView() {
  const fit = useFit();
  return (
    <>
      <PageHeading>{t('compatibilityView.fit')}</PageHeading>
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

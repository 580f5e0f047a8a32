'use client';

import { useWorkspace } from '../../features/workspace/WorkspaceProvider';
import { MadeOfPanel } from './MadeOfPanel';
import { PartSheet } from './PartSheet';
import { StockPanel } from './PartsPanel';
import { useStock } from './useParts';
import { PageHeading } from '../../ui/panel/Panel';
import styles from './Parts.module.css';
import { t } from './text';

/** Parts with storage place, weight, price and the setups that use them. */
export function PartsView() {
  const state = useWorkspace();
  const stock = useStock();
  if (!stock || state.kind !== 'ready') return null;
  const { opened } = stock;
  return (
    <>
      <PageHeading>{t('partsView.title')}</PageHeading>
      <div className={styles.layout} data-open={opened !== undefined}>
        <StockPanel stock={stock} />
        {opened && <PartSheet key={opened.part.id} stock={stock} line={opened} />}
      </div>
      {state.workspace && !state.workspace.fromLink && <MadeOfPanel />}
    </>
  );
}

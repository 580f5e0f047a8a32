'use client';

import { useWorkspace } from '../../features/workspace/WorkspaceProvider';
import { SendPanel } from '../../features/devices/SendPanel';
import { t } from '../../features/devices/text';
import { Panel, PageHeading } from '../../ui/panel/Panel';
import { readPairing, useLive } from '../../store';
import { ClashPanel } from './ClashPanel';
import { JoinPanel } from './JoinPanel';
import { PairPanel } from './PairPanel';
import { TakePanel } from './TakePanel';
import { useFragment } from './useFragment';
import styles from './DevicesView.module.css';

/** Other devices: what comes from them, those that are paired, and sending to one. */
export function DevicesView() {
  const state = useWorkspace();
  const { asked, clear } = useFragment();
  const db = state.kind === 'ready' ? state.workshop.db : undefined;
  const pairing = useLive(db, readPairing);
  if (state.kind !== 'ready' || !db) return null;
  const { workshop, workspace, edits } = state;
  const choices = [
    ...workshop.bikes.map(({ id, name }) => ({
      what: { kind: 'bike', bikeId: id } as const,
      name: t('send.bike', { bike: name }),
      isOpen: id === workspace?.bike.id,
    })),
    { what: { kind: 'everything' } as const, name: t('send.everything'), isOpen: false },
  ].sort((a, b) => Number(b.isOpen) - Number(a.isOpen));
  return (
    <div className={styles.layout}>
      <PageHeading>{t('title')}</PageHeading>
      {asked.kind === 'pair' && (
        <JoinPanel key={asked.text} db={db} text={asked.text} isPaired={pairing !== undefined} onDone={clear} />
      )}
      {(asked.kind === 'take' || asked.kind === 'data') && (
        <TakePanel key={asked.text} asked={asked} workshop={workshop} edits={edits} onDone={clear} />
      )}
      <PairPanel db={db} pairing={pairing} />
      <ClashPanel db={db} edits={edits} apart={pairing?.apart ?? []} />
      {workshop.bikes.length > 0 && (
        <Panel aria-label={t('send.heading')}>
          <h2>{t('send.heading')}</h2>
          <SendPanel db={db} choices={choices} />
        </Panel>
      )}
    </div>
  );
}

'use client';

import { App, Button } from 'antd';
import Link from 'next/link';
import type { FoundFacts } from '../../core/find';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { letterOf } from '../../features/setup-mark/setup-sign';
import { SETUPS_MAX } from '../../records';
import { setupName } from '../../features/search/part-words';
import type { Find } from './useFind';
import { t } from './text';

/** Adds a setup to the bike. */
export function AddSetupButton({ find, found }: { find: Find; found: FoundFacts }) {
  const { workspace, edits } = useReadyWorkspace();
  const { message } = App.useApp();
  const isThere = workspace.setups.some(
    ({ chainrings, cogs }) =>
      chainrings.join() === found.chainrings.join() && cogs.join() === found.cassette.cogs.join(),
  );
  const text = isThere ? t('addSetupButton.added') : t('addSetupButton.addCompare');
  const lay = () =>
    edits.write(async () => {
      const place = await find.addToWorkspace(found);
      if (place === undefined) {
        void message.warning(t('addSetupButton.alreadyHaveSetupsRemove', { setupsMax: SETUPS_MAX }));
        return;
      }
      void message.success(
        <>
          {t('addSetupButton.nowSetup', { setupName: setupName(found) })} {letterOf(place)}.{' '}
          <Link href="/compare">{t('addSetupButton.compare')}</Link>
        </>,
      );
    });
  return (
    <Button
      size="small"
      disabled={workspace.fromLink || isThere}
      onClick={lay}
      title={isThere ? t('addSetupButton.alreadyAdded') : t('addSetupButton.addSetupCompare')}
      aria-label={`${text}: ${setupName(found)}`}
    >
      {text}
    </Button>
  );
}

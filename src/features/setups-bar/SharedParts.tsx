'use client';

import { SLOT_TEXT } from '../../messages/job';
import { Note } from '../../ui/panel/Panel';
import { useAllRecords } from '../workshop/RecordsProvider';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import { letterOf } from '../setup-mark/setup-sign';
import { sharedParts } from '../workspace/shared-parts';
import { t } from './text';

/** Lists the parts that the selected setup shares with other setups. */
export function SharedParts() {
  const { workspace, workshop } = useReadyWorkspace();
  const shop = useAllRecords();
  const shared = sharedParts(workspace.setup, shop?.setups ?? [], workshop.bikes, workshop.parts);
  if (shared.length === 0) return null;
  const where = (others: (typeof shared)[number]['others']) =>
    others
      .map(({ bike, place }) =>
        bike.id === workspace.bike.id
          ? t('sharedParts.here', { letter: letterOf(place) })
          : t('sharedParts.elsewhere', { letter: letterOf(place), bike: bike.name }),
      )
      .join(', ');
  return (
    <Note data-testid="shared-parts">
      {t('sharedParts.shared', {
        parts: shared.map(({ slot, name, others }) => `${SLOT_TEXT[slot]} “${name}” (${where(others)})`).join('; '),
      })}
    </Note>
  );
}

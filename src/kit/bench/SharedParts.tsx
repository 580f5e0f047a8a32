'use client';

import { SLOT_TEXT } from '../../messages/job';
import { Note } from '../sheet/Panel';
import { useShop } from '../shop/ShopProvider';
import { useReadyBench } from './BenchProvider';
import { letterOf } from './setup-sign';
import { sharedParts } from './shared-parts';
import { t } from './text';

/** Says which parts of the selected setup are shared with other setups; nothing where none is. */
export function SharedParts() {
  const { bench, workshop } = useReadyBench();
  const shop = useShop();
  const shared = sharedParts(bench.setup, shop?.setups ?? [], workshop.bikes, workshop.parts);
  if (shared.length === 0) return null;
  const where = (others: (typeof shared)[number]['others']) =>
    others
      .map(({ bike, place }) =>
        bike.id === bench.bike.id
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

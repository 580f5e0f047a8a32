import type { PartKind } from '../../core/catalog/price-list';
import type { BikeRecord, PublishedLoss } from '../../records';
import { withOptional } from '../../ui/fields/with-optional';

/*
 * Values that are kept together on a bike and typed in fields of their own. Each edit starts from the record that is
 * being written, not from the one that was drawn last: two fields may be left before either is drawn.
 */

/** Sets one value of the bike's published loss and leaves the other as it is kept. */
export function withPublishedLoss<K extends keyof PublishedLoss>(
  bike: BikeRecord,
  field: K,
  value: PublishedLoss[K],
): BikeRecord {
  const loss = withOptional(bike.publishedLoss ?? {}, field, value);
  return withOptional(bike, 'publishedLoss', Object.keys(loss).length > 0 ? loss : undefined);
}

/** Sets what a part costs in the bike's searches and leaves the other prices as they are kept. */
export function withPrice(bike: BikeRecord, part: PartKind, price: number | undefined): BikeRecord {
  const find = bike.find ?? {};
  return { ...bike, find: withOptional(find, 'prices', withOptional(find.prices ?? {}, part, price)) };
}

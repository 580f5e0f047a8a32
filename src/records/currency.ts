import type { PartsById } from './made-setup';
import type { PartRecord } from './part';
import type { Preferences } from './preferences';

/**
 * Returns the currency of every sum without a code: the one that was chosen, or else the one that all priced
 * parts name; undefined where neither is.
 */
export function ownCurrency(
  { currency }: Pick<Preferences, 'currency'>,
  parts: Iterable<Pick<PartRecord, 'price' | 'currency'>>,
): string | undefined {
  if (currency !== undefined) return currency;
  const codes = new Set([...parts].flatMap(({ price, currency: code }) => (price === undefined ? [] : [code])));
  const [code] = codes;
  return codes.size === 1 ? code : undefined;
}

/** Returns the parts with the own currency left out, so that their prices add up with all other sums in it. */
export function pricedInOwn(parts: PartsById, own: string | undefined): PartsById {
  if (own === undefined) return parts;
  return mapped(parts, (part) => {
    if (part.currency !== own) return part;
    const { currency: _own, ...rest } = part;
    return rest;
  });
}

/** Returns the parts with the own currency written out, as a file for others needs it; the inverse of {@link pricedInOwn}. */
export function pricedWithCode(parts: PartsById, own: string | undefined): PartsById {
  return mapped(parts, (part) => withCurrencyCode(part, own));
}

export function withCurrencyCode(part: PartRecord, own: string | undefined): PartRecord {
  const isOpen = part.price !== undefined && part.currency === undefined;
  return isOpen && own !== undefined ? { ...part, currency: own } : part;
}

const mapped = (parts: PartsById, change: (part: PartRecord) => PartRecord): PartsById =>
  new Map([...parts].map(([id, part]) => [id, change(part)]));

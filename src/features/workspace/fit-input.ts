import type { FitInput, OtherDerailleur } from '../../core/fit';
import type { BikeRecord, SetupRecord } from '../../records';
import { fitInputFor } from '../../records/selectors/fit-input';
import { freeCount, isAtHand } from '../../core/parts';
import type { Workshop } from '../../store';
import { letterOf } from '../setup-mark/setup-sign';
import { t } from './text';
import { firstOf } from '../../core/items';

/** Facts of the workshop: its parts, and the outcomes of exceeded limits. */
export type KnownParts = Pick<Workshop, 'parts' | 'experience'>;

/** Core's input for a setup of a bike. */
export function fitInputOf(
  bike: BikeRecord,
  setup: SetupRecord,
  setups: readonly SetupRecord[],
  { parts, experience }: KnownParts,
): FitInput {
  return {
    ...fitInputFor(bike, setup, setups[0], experience),
    others: [...ofStock(bike, setup, parts), ...ofOtherSetups(setup, setups)],
  };
}

/** Every rear derailleur that may be had for a bike: those of its setups, then those in stock. */
export function derailleursAtHand(
  bike: BikeRecord,
  setups: readonly SetupRecord[],
  { parts }: KnownParts,
): OtherDerailleur[] {
  const fitted = firstOf(setups);
  const own = fitted.partIds?.rearDerailleur === undefined ? [ofPlace(fitted, 0)] : [];
  const chosen = setups.flatMap(({ partIds }) => partIds?.rearDerailleur ?? []);
  const stocked = ofStock(bike, { ...fitted, partIds: undefined }, parts);
  const isChosen = ({ partId }: OtherDerailleur) => partId !== undefined && chosen.includes(partId);
  return [
    ...own,
    ...ofOtherSetups(fitted, setups),
    ...stocked.filter(isChosen),
    ...stocked.filter((one) => !isChosen(one)),
  ];
}

const ofPlace = ({ name, rearDerailleur }: SetupRecord, place: number): OtherDerailleur => ({
  name: t('fitInput.ofLetterValue', { letter: letterOf(place), value: name ? `, ${name}` : '' }),
  rearDerailleur,
});

/** Rear derailleurs of other setups, which may be had of the same bike. */
function ofOtherSetups(setup: SetupRecord, setups: readonly SetupRecord[]): OtherDerailleur[] {
  return setups.flatMap((other, place) => {
    // One in stock is listed by its own name.
    if (other.id === setup.id || other.partIds?.rearDerailleur !== undefined) return [];
    return [ofPlace(other, place)];
  });
}

/** Those of the stock: at hand for nothing, or at their price. */
function ofStock(bike: BikeRecord, setup: SetupRecord, parts: KnownParts['parts']): OtherDerailleur[] {
  const { ringDifferenceMaxT } = setup.rearDerailleur;
  return [...parts.values()].flatMap((part): OtherDerailleur[] => {
    if (part.kind !== 'rearDerailleur' || part.id === setup.partIds?.rearDerailleur) return [];
    const { derailleurFamily: _family, clutch: _clutch, ...rear } = part.data;
    const free = freeCount(part) > 0;
    return [
      {
        name: `“${part.name}” ${free ? t('fitInput.ofStock') : part.quantity === 0 ? t('fitInput.order') : t('fitInput.fittedElsewhere')}`,
        // The front derailleur's number stands in the same record and stays.
        rearDerailleur: { ...rear, ...(ringDifferenceMaxT !== undefined && { ringDifferenceMaxT }) },
        partId: part.id,
        cost: isAtHand(part, bike.id) ? 0 : part.price,
      },
    ];
  });
}

import type { FitInput, OtherDerailleur } from '../../core/fit';
import { fitInputFor, type BikeRecord, type SetupRecord } from '../../records';
import { freeCount, isAtHand } from '../../core/shelf';
import type { Workshop } from '../../store';
import { letterOf } from './setup-sign';
import { t } from './text';

/** What the workshop knows beside the bike: its shelf, and what came of passed limits. */
export type ShopFacts = Pick<Workshop, 'parts' | 'experience'>;

/** What core is asked of a setup of a bike. */
export function fitInputOf(
  bike: BikeRecord,
  setup: SetupRecord,
  setups: readonly SetupRecord[],
  { parts, experience }: ShopFacts,
): FitInput {
  return {
    ...fitInputFor(bike, setup, setups[0], experience),
    others: [...onTheShelf(bike, setup, parts), ...onTheBench(setup, setups)],
  };
}

/** Every rear derailleur that may be had for a bike: those of its setups, then those in stock. */
export function derailleursAtHand(
  bike: BikeRecord,
  setups: readonly SetupRecord[],
  { parts }: ShopFacts,
): OtherDerailleur[] {
  const fitted = setups[0]!;
  const own = fitted.shelf?.rearDerailleur === undefined ? [ofPlace(fitted, 0)] : [];
  const chosen = setups.flatMap(({ shelf }) => shelf?.rearDerailleur ?? []);
  const stocked = onTheShelf(bike, { ...fitted, shelf: undefined }, parts);
  const isChosen = ({ partId }: OtherDerailleur) => partId !== undefined && chosen.includes(partId);
  return [
    ...own,
    ...onTheBench(fitted, setups),
    ...stocked.filter(isChosen),
    ...stocked.filter((one) => !isChosen(one)),
  ];
}

const ofPlace = ({ name, rearDerailleur }: SetupRecord, place: number): OtherDerailleur => ({
  name: t('fitInput.ofLetterValue', { letter: letterOf(place), value: name ? `, ${name}` : '' }),
  rearDerailleur,
});

/** Rear derailleurs of other setups, which may be had of the same bike. */
function onTheBench(setup: SetupRecord, setups: readonly SetupRecord[]): OtherDerailleur[] {
  return setups.flatMap((other, place) => {
    // One of the shelf is told of by its own name.
    if (other.id === setup.id || other.shelf?.rearDerailleur !== undefined) return [];
    return [ofPlace(other, place)];
  });
}

/** Those of the shelf: at hand for nothing, or at their price. */
function onTheShelf(bike: BikeRecord, setup: SetupRecord, parts: ShopFacts['parts']): OtherDerailleur[] {
  const { ringDifferenceMaxT } = setup.rearDerailleur;
  return [...parts.values()].flatMap((part): OtherDerailleur[] => {
    if (part.kind !== 'rearDerailleur' || part.id === setup.shelf?.rearDerailleur) return [];
    const { derailleurFamily: _family, clutch: _clutch, ...rear } = part.data;
    const free = freeCount(part) > 0;
    return [
      {
        name: `“${part.name}” ${free ? t('fitInput.onTheShelf') : part.quantity === 0 ? t('fitInput.toBeBought') : t('fitInput.fittedElsewhere')}`,
        // The front derailleur's number stands in the same record and stays.
        rearDerailleur: { ...rear, ...(ringDifferenceMaxT !== undefined && { ringDifferenceMaxT }) },
        partId: part.id,
        cost: isAtHand(part, bike.id) ? 0 : part.price,
      },
    ];
  });
}

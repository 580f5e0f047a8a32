import { SLOTS } from '../core/parts';
import type { BikeRecord } from './bike';
import type { JobSide } from './job';
import { partsInSlots, resolvedSetup, type PartsById } from './made-setup';
import type { SetupRecord } from './setup';

/** A setup as a job keeps it: with the parts that it is made of, so that the card outlives workspace and stock. */
export function jobSideOf(bike: BikeRecord, kept: SetupRecord, parts: PartsById): JobSide {
  const setup = resolvedSetup(kept, parts);
  const inSlots = partsInSlots(setup, parts);
  const wheelset = bike.wheelsets.find(({ id }) => id === setup.wheelsetId);
  return {
    setup,
    ...(wheelset?.freehub && { freehub: wheelset.freehub }),
    parts: Object.fromEntries(
      SLOTS.flatMap((slot) => {
        const part = inSlots[slot];
        if (!part) return [];
        const { id, name, massG, price, currency, data } = part;
        return [
          [
            slot,
            {
              id,
              name,
              ...(massG !== undefined && { massG }),
              ...(price !== undefined && { price }),
              ...(currency !== undefined && { currency }),
              ...(data.chainLinks !== undefined && { chainLinks: data.chainLinks }),
            },
          ],
        ];
      }),
    ),
  };
}

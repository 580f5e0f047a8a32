import { NO_HUB_STAGE } from '../core/gears';
import { BIKE_DEFAULTS, SETUP_DEFAULTS, WHEEL_DEFAULTS, type BikeRecord, type SetupRecord } from '../records';
import { bikeSchema, setupSchema } from '../records/schemas';
import { excerpt } from './excerpt';
import { DERAILLEUR_ORDER } from './link';
import { t } from './text';

/** What a link carries: one bike with one setup, under ids that are never stored. */
interface LinkedWorkspace {
  readonly bike: BikeRecord;
  readonly setup: SetupRecord;
}

export type LinkResult =
  | { readonly kind: 'none' }
  | { readonly kind: 'bench'; readonly workspace: LinkedWorkspace }
  | { readonly kind: 'broken'; readonly message: string };

const LINKED_ID = 'linked';

/** Parses a link's query; returns the reason if it cannot be read. */
export function readLink(query: URLSearchParams): LinkResult {
  const teeth = query.get('setup');
  if (teeth === null) return { kind: 'none' };
  const [rings = '', cogs = ''] = teeth.split('x');
  const defaultWheel = `${WHEEL_DEFAULTS.rimDiameterMm}x${WHEEL_DEFAULTS.tyreWidthMm}`;
  const wheel = (query.get('wheel') ?? defaultWheel).split('x');
  const bike = bikeSchema.safeParse({
    ...BIKE_DEFAULTS,
    id: LINKED_ID,
    rank: 0,
    name: query.get('name') ?? t('link.bikeName'),
    wheelsets: [
      {
        ...WHEEL_DEFAULTS,
        rimDiameterMm: Number(wheel[0]),
        tyreWidthMm: Number(wheel[1]),
        ...optionalNumber('measuredRolloutMm', query.get('rollout')),
      },
    ],
    ...optionalNumber('crankLengthMm', query.get('crank')),
    cadenceRpm: Number(query.get('rpm') ?? BIKE_DEFAULTS.cadenceRpm),
    closenessPercent: Number(query.get('close') ?? BIKE_DEFAULTS.closenessPercent),
  });
  const setup = setupSchema.safeParse({
    ...SETUP_DEFAULTS,
    id: LINKED_ID,
    bikeId: LINKED_ID,
    rank: 0,
    chainrings: rings.split('-').map(Number),
    cogs: cogs.split('-').map(Number),
    hubStages: query.get('hub')?.split('-').map(Number) ?? [...NO_HUB_STAGE],
    rearDerailleur: readDerailleur(query.get('rd')),
  });
  if (bike.success && setup.success) return { kind: 'bench', workspace: { bike: bike.data, setup: setup.data } };
  const [issue] = [...(bike.error?.issues ?? []), ...(setup.error?.issues ?? [])];
  return {
    kind: 'broken',
    message: t('link.broken', { cause: excerpt(issue?.message ?? t('link.unknown')) }),
  };
}

function optionalNumber(name: string, text: string | null): Record<string, number> {
  return text === null ? {} : { [name]: Number(text) };
}

function readDerailleur(text: string | null): Record<string, number> {
  const values = (text ?? '').split('_');
  return Object.fromEntries(
    DERAILLEUR_ORDER.flatMap((field, i) => (values[i] ? [[field, Number(values[i])] as const] : [])),
  );
}

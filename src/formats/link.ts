import type { BikeRecord, SetupRecord, WheelsetRecord } from '../records';

/** What a link gives of a derailleur, in its order. */
export const DERAILLEUR_ORDER = ['totalCapacityT', 'largestCogMaxT', 'largestCogMinT', 'smallestCogMinT'] as const;

/**
 * A setup as what stands behind the # of an address, which no server hears of: every cog named so that it reads the same when the built-in
 * list has changed: `setup=48-32x11-12-…`, `hub=1-0.7` for a two-speed hub, `wheel=622x38` or `rollout=2150`, `rpm`, `close`, `crank`, `rd`, `name`.
 */
export function writeLink(
  bike: BikeRecord,
  wheels: WheelsetRecord,
  setup: Pick<SetupRecord, 'chainrings' | 'cogs' | 'hubStages' | 'rearDerailleur'>,
): string {
  const query = new URLSearchParams({ setup: `${setup.chainrings.join('-')}x${setup.cogs.join('-')}` });
  if (setup.hubStages.length > 1) query.set('hub', setup.hubStages.join('-'));
  query.set('wheel', `${wheels.rimDiameterMm}x${wheels.tyreWidthMm}`);
  if (wheels.measuredRolloutMm !== undefined) query.set('rollout', `${wheels.measuredRolloutMm}`);
  query.set('rpm', `${bike.cadenceRpm}`);
  query.set('close', `${bike.closenessPercent}`);
  if (bike.crankLengthMm !== undefined) query.set('crank', `${bike.crankLengthMm}`);
  const published = DERAILLEUR_ORDER.map((field) => setup.rearDerailleur[field] ?? '');
  if (published.some((value) => value !== '')) query.set('rd', published.join('_'));
  query.set('name', bike.name);
  return query.toString();
}

/** Whether a query or a fragment is that of a link; reading it is another matter. */
export function carriesSetup(query: string): boolean {
  return new URLSearchParams(query).has('setup');
}

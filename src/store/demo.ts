import { NO_HUB_STAGE } from '../core/gears';
import { BIKE_DEFAULTS, PREFERENCES_DEFAULTS, type BikeRecord, type Dataset, type SetupRecord } from '../records';
import { parseShorthand } from '../formats/shorthand';

/** The four bikes of the Saltmarsh Yard, an invented workshop co-operative in the invented estuary town of Wenmouth. */
interface DemoBike {
  readonly id: string;
  readonly name: string;
  readonly shorthand: string;
  readonly bike: Partial<BikeRecord>;
  readonly rearDerailleur: SetupRecord['rearDerailleur'];
}

const DEMO_BIKES: readonly DemoBike[] = [
  {
    id: 'estuary-tourer',
    name: 'Estuary tourer',
    shorthand: '48/32 x 11-36',
    bike: { tyreWidthMm: 38, crankLengthMm: 170 },
    rearDerailleur: { totalCapacityT: 41, largestCogMaxT: 36, largestCogMinT: 28, smallestCogMinT: 11 },
  },
  {
    id: 'seawall-all-road',
    name: 'Seawall all-road',
    shorthand: '44 x 10-44',
    bike: { tyreWidthMm: 42, crankLengthMm: 172.5, measuredRolloutMm: 2188 },
    rearDerailleur: { totalCapacityT: 36, largestCogMaxT: 44, largestCogMinT: 38, smallestCogMinT: 10 },
  },
  {
    id: 'harbour-load-carrier',
    name: 'Harbour load carrier',
    shorthand: '38 x 11-51 11s',
    bike: { rimDiameterMm: 406, tyreWidthMm: 55, crankLengthMm: 165, cadenceRpm: 75 },
    rearDerailleur: { totalCapacityT: 39, largestCogMaxT: 50, smallestCogMinT: 11 },
  },
  {
    id: 'pinewood-hardtail',
    name: 'Pinewood hardtail',
    shorthand: '32 x 10-52',
    bike: { rimDiameterMm: 622, tyreWidthMm: 60, crankLengthMm: 170, cadenceRpm: 85 },
    rearDerailleur: { totalCapacityT: 42, largestCogMaxT: 52, largestCogMinT: 50, smallestCogMinT: 10 },
  },
];

export const EMPTY_DATASET: Dataset = { bikes: [], setups: [], preferences: [PREFERENCES_DEFAULTS] };

/** The demo workshop; the same records every time. */
export function demoDataset(): Dataset {
  return {
    bikes: DEMO_BIKES.map(({ id, name, bike }, rank) => ({ id, rank, name, ...BIKE_DEFAULTS, ...bike })),
    setups: DEMO_BIKES.map(({ id, shorthand, rearDerailleur }): SetupRecord => {
      const result = parseShorthand(shorthand);
      if (!result.ok) throw new Error(`demo bike ${id}: ${result.message}`);
      const { chainrings, cogs } = result.setup;
      return { id: `${id}-a`, bikeId: id, rank: 0, chainrings, cogs, hubStages: NO_HUB_STAGE, rearDerailleur };
    }),
    preferences: [{ ...PREFERENCES_DEFAULTS, currentBikeId: DEMO_BIKES[0]!.id }],
  };
}

import { AWAY_SHARE, chainCost, type ChainCost, type ChainLoad, type HuntingCost } from '../../core/ridden';
import { letterOf } from '../../features/setup-mark/setup-sign';
import { distanceText, moneyText, type Units } from '../../features/units/measures';
import { percentCell } from '../../formats/csv-cells';
import { fixed } from '../../ui/format';
import { t } from './text';
import { firstOf, itemAt } from '../../core/items';

/** What the same rides cost on one setup. */
interface SetupCost {
  readonly hunting: HuntingCost;
  /** Undefined where no power is known. */
  readonly chain: (ChainLoad & ChainCost) | undefined;
}

/** @param lifeKm of a chain on the first setup @param price of a chain */
export function setupCosts(
  hunting: readonly HuntingCost[],
  loads: readonly ChainLoad[] | undefined,
  lifeKm: number,
  price: number,
): readonly SetupCost[] {
  return hunting.map((cost, place) => {
    const load = loads && itemAt(loads, place);
    return { hunting: cost, chain: load && { ...load, ...chainCost(load, firstOf(loads), lifeKm, price) } };
  });
}

/** Minutes in an hour of pedalling. */
const awayMinutes = ({ awayS, drivingS }: HuntingCost) => (drivingS > 0 ? (awayS / drivingS) * 60 : 0);

type Row = readonly [title: string, text: (cost: SetupCost) => string];

/** Rows of the table on screen; those of the chain where its load is known. */
export function costRows(costs: readonly SetupCost[], units: Units): readonly Row[] {
  const ofChain = (text: (chain: ChainLoad & ChainCost) => string) => (cost: SetupCost) =>
    cost.chain ? text(cost.chain) : '–';
  const newtons = (force: number) => t('riddenPanel.newtons', { force: fixed(force, 0) });
  const rows: readonly Row[] = [
    [t('riddenPanel.away', { percent: AWAY_SHARE * 100 }), ({ hunting }) => fixed(awayMinutes(hunting), 1)],
    [t('riddenPanel.lost'), ({ hunting }) => `${fixed(hunting.lostShare * 100, 1)}%`],
    [t('riddenPanel.frontAtGrades'), ({ hunting }) => String(hunting.frontShifts)],
    [t('riddenPanel.doubleAtGrades'), ({ hunting }) => String(hunting.doubleShifts)],
  ];
  const chainRows: readonly Row[] = [
    [t('riddenPanel.meanForce'), ofChain(({ meanForceN }) => newtons(meanForceN))],
    [t('riddenPanel.highForce'), ofChain(({ highForceN }) => newtons(highForceN))],
    [t('riddenPanel.relativeWear'), ofChain(({ relativeWear }) => `${fixed(relativeWear * 100, 0)}%`)],
    [t('riddenPanel.chainLife'), ofChain(({ lifeKm }) => distanceText(units, lifeKm))],
    [t('riddenPanel.per1000Km'), ofChain(({ per1000Km }) => moneyText(units, per1000Km))],
  ];
  return costs.some(({ chain }) => chain) ? [...rows, ...chainRows] : rows;
}

/** The same as a table of a file. */
export function costTable(costs: readonly SetupCost[], currency: string | undefined) {
  return {
    fields: [
      'setup',
      'pedalling_s',
      'away_from_preferred_cadence_s',
      'speed_lost_percent',
      'grade_changes',
      'front_shifts_at_grade_changes',
      'double_shifts_at_grade_changes',
      'mean_chain_force_n',
      'high_chain_force_n',
      'relative_wear_percent',
      'chain_life_km',
      'chain_cost_per_1000_km',
      'currency',
    ],
    rows: costs.map(({ hunting, chain }, place) => [
      letterOf(place),
      hunting.drivingS,
      hunting.awayS,
      percentCell(hunting.lostShare),
      hunting.gradeChanges,
      hunting.frontShifts,
      hunting.doubleShifts,
      chain?.meanForceN ?? '',
      chain?.highForceN ?? '',
      chain ? percentCell(chain.relativeWear) : '',
      chain?.lifeKm ?? '',
      chain?.per1000Km ?? '',
      currency ?? '',
    ]),
  };
}

import type { FindAim, Found, Reason } from '../../core/find';
import { percentCell, yesOrNo } from '../../formats/csv-cells';
import { KIND_TEXT, setupName } from '../../features/search/part-words';
import { PART_KINDS, type PartKind } from '../../core/catalog/price-list';
import { itemAt, lastOf } from '../../core/items';

const same = (value: number) => value;

/** Heading of each aim, with its unit, and its value in that unit. */
const AIM_COLUMNS: Readonly<Record<FindAim, readonly [heading: string, cell: (value: number) => number]>> = {
  stepsOver: ['steps_over_limit_percent', percentCell],
  largestStep: ['largest_step_percent', percentCell],
  meanStep: ['mean_step_percent', percentCell],
  gaps: ['gaps_percent', percentCell],
  usualGears: ['usual_gears_change_percent', percentCell],
  frontShifts: ['front_shifts', same],
  doubleShifts: ['double_shifts', same],
  newParts: ['parts_to_buy', same],
  cost: ['cost', same],
  mass: ['mass_change_g', same],
  outOfBand: ['outside_cadence_range_s', same],
  easiest: ['easiest_m', same],
  // Less is better in a search, so that speeds come with their sign turned.
  topSpeed: ['top_speed_kmh', (value) => -value],
  capacity: ['capacity_needed_t', same],
};

/** A setup of the front, and those with the same figures, it first. */
interface FrontRow {
  readonly found: Found;
  readonly equals: readonly Found[];
  readonly reason: Reason;
}

/** The front as a table of a file: a row a setup, its equals too; one value a cell. */
export function findTable(aims: readonly FindAim[], rows: readonly FrontRow[], currency: string | undefined) {
  // What each aim wants stands in the front of the columns; ends of the gears follow where they are no aim.
  const ends = ([aim]: readonly [FindAim, unknown]) => !aims.includes(aim);
  const more = (
    [
      ['easiest', ({ metrics }: Found) => metrics.easiestDevelopmentM],
      ['topSpeed', ({ metrics }: Found) => metrics.topSpeedKmh],
    ] as const
  ).filter(ends);
  const fields = [
    'setup',
    'largest_ring_t',
    'smallest_ring_t',
    'smallest_cog_t',
    'largest_cog_t',
    'same_figures_as',
    ...aims.map((aim) => AIM_COLUMNS[aim][0]),
    'currency',
    'may_be_compatible_only',
    'has_less_common_ring',
    ...PART_KINDS.map((kind) => `buys_${snake(kind)}`),
    'fit',
    'chain_links',
    ...more.map(([aim]) => AIM_COLUMNS[aim][0]),
    'best_in',
    'best_among',
    'best_shared_by',
    'gives_up',
    'gives_up_value',
    'best_value',
  ];
  const row = (found: Found, lead: Found, reason: Reason) => [
    setupName(found),
    itemAt(found.chainrings, 0),
    lastOf(found.chainrings),
    itemAt(found.cassette.cogs, 0),
    lastOf(found.cassette.cogs),
    found === lead ? '' : setupName(lead),
    ...aims.map((aim, a) => AIM_COLUMNS[aim][1](itemAt(found.values, a))),
    currency ?? '',
    yesOrNo(found.build.doubts.length > 0),
    yesOrNo(found.build.lessCommon),
    ...PART_KINDS.map((kind) => boughtOf(found, kind)),
    KIND_TEXT[found.build.kind],
    found.build.chainLinks,
    ...more.map(([, of]) => of(found)),
    reason.bestIn ?? '',
    reason.among ?? '',
    reason.sharedBy,
    reason.givesUp?.aim ?? '',
    inUnit(reason.givesUp?.aim, reason.givesUp?.value),
    inUnit(reason.givesUp?.aim, reason.givesUp?.bestValue),
  ];
  return { fields, rows: rows.flatMap(({ found, equals, reason }) => equals.map((one) => row(one, found, reason))) };
}

const snake = (name: string) => name.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);

/** Pieces of a kind that are bought; what comes with something else is not counted. */
const boughtOf = ({ build }: Found, kind: PartKind) =>
  build.buy.filter(
    ({ what, comesWith }) =>
      !comesWith && (what === kind || (kind === 'ring' && (what === 'bigRing' || what === 'smallRing'))),
  ).length;

/** A value of an aim in the unit of its column. */
const inUnit = (aim: FindAim | undefined, value: number | undefined) =>
  aim === undefined || value === undefined ? '' : AIM_COLUMNS[aim][1](value);

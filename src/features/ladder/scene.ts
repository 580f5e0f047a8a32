import type { SizedGear, StepReading } from '../../core/gears';
import { percent } from '../../core/units';
import { letterOf, SHAPE_PATHS } from '../setup-mark/setup-sign';
import { allDigits, fixed, percentText } from '../../ui/format';
import { gearSizeText, type Units } from '../units/measures';
import {
  COVERAGE_WIDTH,
  SHARE_TEXT_WIDTH,
  type ColumnLayout,
  type CoverageLayout,
  type LadderLane,
  type LadderLayout,
  type LadderNeeds,
  type Spot,
  type Upright,
} from './layout';
import { axisTicks } from './scale';
import type { Shape } from './shapes';
import { t } from './text';
import { firstOf, itemAt, definite } from '../../core/items';

/** An axis beside the ladder, with its value per metre of development. */
interface LadderAxis {
  readonly title: string;
  readonly perMetre: number;
}

/** Everything that a ladder is drawn from. */
export interface LadderPicture {
  readonly lanes: readonly LadderLane[];
  /** On the left: speeds. */
  readonly left: LadderAxis;
  /** On the right: any measure of a gear's size. */
  readonly right: LadderAxis;
  readonly reading: StepReading;
  readonly units: Units;
  readonly height: number;
  readonly needs?: LadderNeeds | undefined;
  readonly selected: { readonly place: number; readonly key: string };
}

/** Shapes that belong together. */
export interface Part {
  /** React key: constant for the same position. */
  readonly key: string;
  readonly x: number;
  readonly y: number;
  readonly shapes: readonly Shape[];
  /** The gear that a rung is. */
  readonly gear?: SizedGear;
  /** Of the time that is spent in it. */
  readonly share?: number;
  /** The speeds that no gear covers. */
  readonly gap?: string;
  readonly title?: string;
}

export interface LadderScene {
  readonly width: number;
  readonly height: number;
  readonly axes: readonly {
    readonly side: 'left' | 'right';
    readonly title: string;
    readonly parts: readonly Part[];
  }[];
  /** Across all columns, behind them: zones, grid, needs, and a line through the gear that is read out. */
  readonly across: readonly Part[];
  readonly columns: readonly { readonly place: number; readonly parts: readonly Part[] }[];
}

/** Scale of a setup's mark before the title of a column. */
const SIGN_SCALE = 0.75;
const RUNG_HEIGHT = 7;
const TICK_GAP = 26;
const TITLE_Y = 14;
/** A text is crossed by a line that is nearer. */
const HALO_REACH = 9;

/** The drawing of a ladder as shapes. */
export function ladderScene(layout: LadderLayout, { left, right, selected, units }: LadderPicture): LadderScene {
  return {
    width: layout.width,
    height: layout.height,
    axes: [
      { side: 'left', title: left.title, parts: axisParts(layout, left, 'left') },
      { side: 'right', title: right.title, parts: axisParts(layout, right, 'right') },
    ],
    across: [
      ...zoneParts(layout),
      ...axisTicks(layout.scale, left.perMetre, TICK_GAP).map(({ at, label }) => acrossPart(layout, label, 'grid', at)),
      ...plumbOf(layout, selected),
      ...needParts(layout, units),
    ],
    columns: layout.columns.map((column, i) => ({
      place: column.place,
      parts: columnParts(column, layout, i, column.place === selected.place ? selected.key : undefined),
    })),
  };
}

function axisParts(layout: LadderLayout, axis: LadderAxis, side: 'left' | 'right'): Part[] {
  const x = side === 'left' ? layout.left - 6 : layout.right + 6;
  return axisTicks(layout.scale, axis.perMetre, TICK_GAP).map(({ at, label }): Part => ({
    key: label,
    x,
    y: at + 4,
    shapes: [{ kind: 'text', look: `tick ${side}`, x: 0, y: 0, text: label }],
  }));
}

function acrossPart({ left, right }: LadderLayout, key: string, look: string, y: number): Part {
  return { key, x: left, y, shapes: [{ kind: 'line', look, from: [0, 0], to: [right - left, 0] }] };
}

function zoneParts({ zones, left, right }: LadderLayout): Part[] {
  return zones.flatMap(({ from, to, shaded }, i): Part[] =>
    from > to
      ? [
          {
            key: `zone ${i}`,
            x: left,
            y: to,
            shapes: [
              {
                kind: 'rect',
                // eslint-disable-next-line no-restricted-syntax -- names of classes
                look: shaded ? 'zone shaded' : 'zone',
                x: 0,
                y: 0,
                width: right - left,
                height: from - to,
              },
            ],
          },
        ]
      : [],
  );
}

/** Width of the text of a need, pixels. */
const NEED_WIDTH = { long: 154, short: 68 };
const NEED_TEXT_HEIGHT = 12;

/**
 * Lines that every setup must reach; a setup that ends short of one is short of the need. What they say stands where no
 * rung of the first column is.
 */
function needParts(layout: LadderLayout, units: Units): Part[] {
  return layout.needs.map(({ end, at, developmentM }): Part => {
    const line = acrossPart(layout, `need ${end}`, 'need', at);
    const size = gearSizeText(units, developmentM);
    const title = t(`ladder.gearNeeded.${end}`, { size });
    const { x, y, isLong } = freePlace(layout, at);
    const text = isLong ? title : t('ladder.needed', { size });
    return {
      ...line,
      title,
      shapes: [...line.shapes, { kind: 'text', look: 'needed', x, y, text }],
    };
  });
}

/** A place above or below a line across the first column, from its left to its steps; the long words where they have room. */
function freePlace(
  layout: LadderLayout,
  at: number,
): { readonly x: number; readonly y: number; readonly isLong: boolean } {
  const { left, width: columnWidth, uprights, stepsX } = firstOf(layout.columns);
  // Time bars replace the steps.
  const hasBars = uprights.some(({ rungs }) => rungs.some(({ use }) => use));
  const room = hasBars ? columnWidth : stepsX - left;
  const taken = uprights.flatMap(({ x, half, side, bottom, rungs }) => [
    // With its cog beside it; with time on it the bar and its share stand outward and the cog inward.
    ...rungs.map(({ y, use }) => {
      const outward = use ? use.length + (use.isWritten ? SHARE_TEXT_WIDTH : 2) : 26;
      const inward = use ? 26 : 2;
      return {
        from: x - left - half - (side === 'left' ? outward : inward),
        to: x - left + half + (side === 'left' ? inward : outward),
        top: y - 7,
        bottom: y + 7,
      };
    }),
    // The ring's own number.
    { from: x - left - 14, to: x - left + 14, top: bottom + 8, bottom: bottom + 28 },
  ]);
  const lines = uprights.map(({ x, bottom, top }) => ({ from: x - left - 3, to: x - left + 3, top, bottom }));
  const isFree = (x: number, width: number, y: number, obstacles: typeof taken) =>
    x + width <= room &&
    obstacles.every(
      (one) => x + width < one.from || x > one.to || at + y < one.top || at + y - NEED_TEXT_HEIGHT > one.bottom,
    );
  // Close to its line where that is free.
  const ys = [-5, NEED_TEXT_HEIGHT + 1, NEED_TEXT_HEIGHT + 8, -14];
  const xs = Array.from({ length: 12 }, (_, i) => 4 + (i * room) / 12);
  // The line of an upright is crossed before a rung is.
  for (const obstacles of [[...taken, ...lines], taken]) {
    for (const isLong of [true, false]) {
      for (const x of xs) {
        const y = ys.find((one) => isFree(x, isLong ? NEED_WIDTH.long : NEED_WIDTH.short, one, obstacles));
        if (y !== undefined) return { x, y, isLong };
      }
    }
  }
  return { x: 4, y: firstOf(ys), isLong: false };
}

function plumbOf(layout: LadderLayout, selected: LadderPicture['selected']): Part[] {
  const rung = layout.columns
    .find(({ place }) => place === selected.place)
    ?.uprights.flatMap(({ rungs }) => rungs)
    .find(({ gear }) => gear.key === selected.key);
  return rung ? [acrossPart(layout, 'plumb', 'plumb', rung.y)] : [];
}

/** A halo for a text that the line of a need crosses. */
const haloAt = ({ needs }: LadderLayout, y: number) =>
  needs.some(({ at }) => Math.abs(at - y) < HALO_REACH) ? ' haloed' : '';

function columnParts(column: ColumnLayout, layout: LadderLayout, i: number, selectedKey: string | undefined): Part[] {
  const { overlap, coverage, ties, uprights, bridges, steps, stepsX } = column;
  return [
    ...(i > 0 ? [borderPart(column, layout)] : []),
    ...(layout.columns.length > 1 ? titleParts(column) : []),
    ...(overlap ? [overlapPart(overlap, uprights)] : []),
    ...bridges.map(({ from, to }, n): Part => ({
      key: `bridge ${n}`,
      ...bridge(from, to, firstOf(uprights).half),
    })),
    ...ties.map(({ key, mark, from, to }): Part => ({
      key: `tie ${key}`,
      ...tie(mark, from, to, firstOf(uprights).half),
    })),
    ...steps.map(({ from, to, text, isWritten, isOver }, n): Part => {
      const over = isOver ? ' over' : '';
      const middle = (from + to) / 2;
      const haloed = haloAt(layout, middle);
      return {
        key: `step ${n}`,
        x: stepsX,
        y: from,
        shapes: [
          {
            kind: 'line',
            look: `stride${over}`,
            from: [0, -1.5],
            to: [0, to - from + 1.5],
          },
          ...(isWritten
            ? [
                {
                  kind: 'text',
                  look: `step${over}${haloed}`,
                  x: 6,
                  y: (to - from) / 2 + 4,
                  text,
                } satisfies Shape,
              ]
            : []),
        ],
      };
    }),
    ...uprights.flatMap((upright) => uprightParts(upright, selectedKey)),
    ...(coverage ? coverageParts(coverage, layout) : []),
  ];
}

function borderPart({ left }: ColumnLayout, { height }: LadderLayout): Part {
  return {
    key: 'border',
    x: left,
    y: 0,
    shapes: [{ kind: 'line', look: 'border', from: [0, 0], to: [0, height] }],
  };
}

function titleParts({ place, title, left }: ColumnLayout): Part[] {
  return [
    {
      key: 'sign',
      x: left + 8,
      y: TITLE_Y - 11,
      shapes: [{ kind: 'path', look: 'letter', d: itemAt(SHAPE_PATHS, place), scale: SIGN_SCALE }],
    },
    {
      key: 'title',
      x: left + 8,
      y: TITLE_Y,
      shapes: [
        { kind: 'text', look: 'letter', x: 18, y: 0, text: letterOf(place) },
        { kind: 'text', look: 'name', x: 34, y: 0, text: title },
      ],
    },
  ];
}

function overlapPart(
  { from, to, share }: NonNullable<ColumnLayout['overlap']>,
  [small, big]: ColumnLayout['uprights'],
): Part {
  const x = definite(small).x + definite(small).half + 3;
  return {
    key: 'overlap',
    x,
    y: to,
    title: t('ladder.bothRingsShare', { share: percentText(share) }),
    shapes: [
      {
        kind: 'rect',
        look: 'hatch',
        hatched: true,
        x: 0,
        y: 0,
        width: Math.max(0, definite(big).x - definite(big).half - 3 - x),
        height: from - to,
      },
    ],
  };
}

/** The ring change of the shift sequence, as a bridge from upright to upright. */
function bridge(from: Spot, to: Spot, half: number): Omit<Part, 'key'> {
  const way = Math.sign(to.x - from.x);
  const [dx, dy] = [to.x - from.x - 2 * way * half, to.y - from.y];
  const d = `M0 0C${dx / 2} 0 ${dx / 2} ${dy} ${dx} ${dy}`;
  return {
    x: from.x + way * half,
    y: from.y,
    shapes: [{ kind: 'path', look: 'bridge', d, scale: 1 }],
  };
}

function tie(mark: '=' | '≈', from: Spot, to: Spot, half: number): Omit<Part, 'key'> {
  const way = Math.sign(to.x - from.x);
  const [dx, dy] = [to.x - from.x - 2 * way * half, to.y - from.y];
  return {
    x: from.x + way * half,
    y: from.y,
    shapes: [
      {
        kind: 'line',
        // eslint-disable-next-line no-restricted-syntax -- names of classes
        look: mark === '=' ? 'tie' : 'tie near',
        from: [0, 0],
        to: [dx, dy],
      },
      { kind: 'text', look: 'equals', x: dx / 2, y: dy / 2 + 4, text: mark },
    ],
  };
}

function uprightParts(
  { chainring, hubStage, x, half, side, bottom, top, rungs }: Upright,
  selectedKey: string | undefined,
): Part[] {
  const name = `${chainring}@${hubStage}`;
  const textX = side === 'left' ? -half - 6 : half + 6;
  return [
    {
      key: `${name} upright`,
      x,
      y: bottom,
      shapes: [{ kind: 'line', look: 'rail', from: [0, 8], to: [0, top - bottom - 8] }],
    },
    {
      key: `${name} ring`,
      x,
      y: bottom + 25,
      shapes: [
        {
          kind: 'text',
          look: 'ring',
          x: 0,
          y: 0,
          text: `${chainring}`,
          ...(hubStage === 1 ? {} : { tail: { look: 'stage', text: `×${allDigits(hubStage)}` } }),
        },
      ],
    },
    ...rungs.map(({ gear, y, isOnPath, isNamed, use }, i): Part => {
      // With time on it a rung is open where nobody rode in it; the cog stands on the inner side, for the bar goes outward.
      const isFull = use ? use.share > 0 : isOnPath;
      const inner = use ? (side === 'left' ? 'right' : 'left') : side;
      const state = `${isFull ? '' : ' open'}${gear.key === selectedKey ? ' selected' : ''}`;
      return {
        key: `${name} rung ${i}`,
        x,
        y,
        gear,
        ...(use && { share: use.share }),
        shapes: [
          {
            kind: 'rect',
            look: 'target',
            x: -half - 24,
            y: -9,
            width: 2 * half + 48,
            height: 18,
          },
          {
            kind: 'rect',
            look: `bar${state}`,
            x: -half,
            y: -RUNG_HEIGHT / 2,
            width: 2 * half,
            height: RUNG_HEIGHT,
          },
          ...(isNamed || gear.key === selectedKey
            ? [
                {
                  kind: 'text',
                  look: `cog ${inner}${state}`,
                  x: use ? -textX : textX,
                  y: 4,
                  text: `${gear.cog}`,
                } satisfies Shape,
              ]
            : []),
          ...(use ? barShapes(use, side, half) : []),
        ],
      };
    }),
  ];
}

/** The time in a gear as a bar from its rung outward, with its percent. */
function barShapes(
  { share, length, isWritten }: NonNullable<Upright['rungs'][number]['use']>,
  side: Upright['side'],
  half: number,
): Shape[] {
  const way = side === 'left' ? -1 : 1;
  const from = way * (half + 1);
  return [
    {
      kind: 'rect',
      look: 'use',
      x: way < 0 ? from - length : from,
      y: -RUNG_HEIGHT / 2,
      width: length,
      height: RUNG_HEIGHT,
    },
    ...(isWritten
      ? [
          {
            kind: 'text',
            look: `share ${side}`,
            x: from + way * (length + 4),
            y: 4,
            text: fixed(percent(share), share < 0.095 ? 1 : 0),
          } satisfies Shape,
        ]
      : []),
  ];
}

/** Speeds that the rider's cadences reach, with the gaps named. */
function coverageParts({ x, label, spans, gaps }: CoverageLayout, layout: LadderLayout): Part[] {
  return [
    ...spans.map(({ from, to }, i): Part => ({
      key: `span ${i}`,
      x,
      y: to,
      title: t('ladder.speedsAt', { rpm: label }),
      shapes: [
        {
          kind: 'rect',
          look: 'span',
          x: 0,
          y: 0,
          width: COVERAGE_WIDTH,
          height: from - to,
        },
      ],
    })),
    ...gaps.map(({ from, to, text, textY }, i): Part => ({
      key: `gap ${i}`,
      x,
      y: from,
      gap: text,
      title: text,
      shapes: [
        {
          kind: 'path',
          look: 'gap',
          d: `M-4 0h${COVERAGE_WIDTH + 8}M-4 ${to - from}h${COVERAGE_WIDTH + 8}`,
          scale: 1,
        },
        ...(textY === undefined
          ? []
          : [
              {
                kind: 'text',
                look: `speeds${haloAt(layout, textY)}`,
                x: COVERAGE_WIDTH + 8,
                y: textY - from + 4,
                text,
              } satisfies Shape,
            ]),
      ],
    })),
  ];
}

import type { SizedGear, StepReading } from '../../core/gears';
import { LETTERS, SHAPE_PATHS } from '../bench/setup-sign';
import { allDigits, percentText, type SpeedUnit } from '../format';
import {
  AXIS_HEIGHT,
  COVERAGE_HEIGHT,
  type CoverageLayout,
  type LadderLane,
  type LadderLayout,
  type LadderRow,
  type LaneLayout,
} from './layout';
import { axisTicks } from './scale';
import type { Shape } from './shapes';
import { WORDS } from './text';

/** An axis over the ladder: what it says for one metre of development. */
export interface LadderAxis {
  readonly title: string;
  readonly perMetre: number;
}

/** Everything that a ladder is drawn from. */
export interface LadderPicture {
  readonly lanes: readonly LadderLane[];
  readonly upper: LadderAxis;
  readonly lower: LadderAxis;
  readonly reading: StepReading;
  readonly speedUnit: SpeedUnit;
  readonly selected: { readonly place: number; readonly key: string };
}

/** Shapes that belong together and are moved together. */
export interface Part {
  /** The same from one drawing to the next for what stands at the same place. */
  readonly key: string;
  readonly x: number;
  readonly y: number;
  readonly shapes: readonly Shape[];
  /** The gear that a rung is. */
  readonly gear?: SizedGear;
  /** The speeds that no gear covers. */
  readonly hole?: string;
  readonly title?: string;
}

export interface LadderScene {
  readonly width: number;
  readonly height: number;
  /** Between the two axes and clear of them: no axis reaches into it, no lane out of it. */
  readonly field: { readonly top: number; readonly bottom: number };
  readonly axes: readonly {
    readonly side: 'upper' | 'lower';
    readonly title: string;
    readonly parts: readonly Part[];
  }[];
  /** From one axis to the other, behind the lanes: the grid, and a line through the gear that is read out. */
  readonly lines: readonly Part[];
  readonly lanes: readonly { readonly place: number; readonly parts: readonly Part[] }[];
}

/** Every look that a scene can have, so that all can be read before the first is needed. */
export const LOOKS: readonly string[] = [
  'axis',
  'grid',
  'tick',
  'plumb',
  'letter',
  'name',
  'ring',
  'stage',
  'rail',
  'gap',
  'target',
  ...['bar', 'cog'].flatMap((look) => ['', ' crossed', ' selected', ' crossed selected'].map((state) => look + state)),
  'tie',
  'knot',
  'equals',
  'hatch',
  'plate',
  'overlap',
  'band',
  'span',
  'hole',
  'speeds',
];

/** How much smaller than in its own box a setup's sign stands before the title of a lane. */
const SIGN_SCALE = 0.75;
/** Half the width of the plate under the overlap's text. */
const PLATE_HALF = 58;

/** The drawing of a ladder as shapes, whoever draws them: there is one description, and screen and canvas agree. */
export function ladderScene(layout: LadderLayout, { upper, lower, selected }: LadderPicture): LadderScene {
  return {
    width: layout.width,
    height: layout.height,
    field: fieldOf(layout),
    axes: [
      { side: 'upper', title: upper.title, parts: axisParts(layout, upper, 'upper') },
      { side: 'lower', title: lower.title, parts: axisParts(layout, lower, 'lower') },
    ],
    lines: [
      ...ticksOf(layout, upper).map(({ x, label }) => linePart(layout, label, 'grid', x)),
      ...plumbOf(layout, selected),
    ],
    lanes: layout.lanes.map((lane) => ({
      place: lane.place,
      parts: laneParts(lane, layout, lane.place === selected.place ? selected.key : undefined),
    })),
  };
}

const edgesOf = ({ height }: LadderLayout) => ({ top: AXIS_HEIGHT - 6, bottom: height - AXIS_HEIGHT + 6 });

function fieldOf(layout: LadderLayout): LadderScene['field'] {
  const { top, bottom } = edgesOf(layout);
  return { top: top + 1, bottom: bottom - 1 };
}

const ticksOf = ({ scale, width }: LadderLayout, { perMetre }: LadderAxis) =>
  axisTicks(scale, perMetre, width < 600 ? 30 : 40);

function axisParts(layout: LadderLayout, axis: LadderAxis, side: 'upper' | 'lower'): Part[] {
  const { scale } = layout;
  const { top, bottom } = edgesOf(layout);
  const [edge, tickY, textY] = side === 'upper' ? [top, -4, -7] : [bottom, 4, 17];
  return [
    {
      key: 'edge',
      x: scale.left,
      y: edge,
      shapes: [{ kind: 'line', look: 'axis', from: [0, 0], to: [scale.right - scale.left, 0] }],
    },
    ...ticksOf(layout, axis).map(({ x, label }): Part => ({
      key: label,
      x,
      y: edge,
      shapes: [
        { kind: 'line', look: 'axis', from: [0, 0], to: [0, tickY] },
        { kind: 'text', look: 'tick', x: 0, y: textY, text: label },
      ],
    })),
  ];
}

function linePart(layout: LadderLayout, key: string, look: 'grid' | 'plumb', x: number): Part {
  const { top, bottom } = fieldOf(layout);
  return { key, x, y: top, shapes: [{ kind: 'line', look, from: [0, 0], to: [0, bottom - top] }] };
}

function plumbOf(layout: LadderLayout, selected: LadderPicture['selected']): Part[] {
  const rung = layout.lanes
    .find(({ place }) => place === selected.place)
    ?.rows.flatMap(({ rungs }) => rungs)
    .find(({ gear }) => gear.key === selected.key);
  return rung ? [linePart(layout, 'plumb', 'plumb', rung.x)] : [];
}

function laneParts(lane: LaneLayout, layout: LadderLayout, selectedKey: string | undefined): Part[] {
  const { overlap, coverage, ties, rows } = lane;
  return [
    ...titleParts(lane),
    ...(overlap ? [overlapPart(overlap)] : []),
    ...ties.map(({ key, x, top, bottom }): Part => {
      const half = (bottom - top) / 2;
      return {
        key: `tie ${key}`,
        x,
        y: top + half,
        shapes: [
          { kind: 'line', look: 'tie', from: [0, -half], to: [0, half] },
          { kind: 'circle', look: 'knot', radius: Math.min(8, half - 1) },
          { kind: 'text', look: 'equals', x: 0, y: 4, text: '=' },
        ],
      };
    }),
    ...rows.flatMap((row) => rowParts(row, layout, selectedKey)),
    ...(coverage ? coverageParts(coverage) : []),
  ];
}

function titleParts({ place, title, titleY }: LaneLayout): Part[] {
  if (titleY === undefined) return [];
  return [
    {
      key: 'sign',
      x: 2,
      y: titleY - 11,
      shapes: [{ kind: 'path', look: 'letter', d: SHAPE_PATHS[place]!, scale: SIGN_SCALE }],
    },
    {
      key: 'title',
      x: 0,
      y: titleY,
      shapes: [
        { kind: 'text', look: 'letter', x: 20, y: 0, text: LETTERS[place]! },
        { kind: 'text', look: 'name', x: 36, y: 0, text: title },
      ],
    },
  ];
}

function overlapPart({ from, to, top, bottom, share, textX }: NonNullable<LaneLayout['overlap']>): Part {
  const half = Math.min(8, (bottom - top) / 2);
  const text = WORDS.ladder.bothRingsShare(percentText(share));
  const words: Shape[] =
    textX === undefined
      ? []
      : [
          {
            kind: 'rect',
            look: 'plate',
            x: textX - from - PLATE_HALF,
            y: -half - 1,
            width: 2 * PLATE_HALF,
            height: 2 * half + 2,
          },
          { kind: 'text', look: 'overlap', x: textX - from, y: 4, text },
        ];
  return {
    key: 'overlap',
    x: from,
    y: (top + bottom) / 2,
    title: text,
    shapes: [
      { kind: 'rect', look: 'hatch', hatched: true, x: 0, y: -half, width: to - from, height: 2 * half },
      ...words,
    ],
  };
}

function rowParts(row: LadderRow, { barWidth, railHeight }: LadderLayout, selectedKey: string | undefined): Part[] {
  const half = railHeight / 2;
  const name = `${row.chainring}@${row.hubStage}`;
  const rail = (y: number): Shape => ({ kind: 'line', look: 'rail', from: [0, y], to: [row.to - row.from + 24, y] });
  return [
    {
      key: `${name} ring`,
      x: 2,
      y: row.y + 6,
      shapes: [
        {
          kind: 'text',
          look: 'ring',
          x: 0,
          y: 0,
          text: `${row.chainring}`,
          ...(row.hubStage === 1 ? {} : { tail: { look: 'stage', text: `×${allDigits(row.hubStage)}` } }),
        },
      ],
    },
    { key: `${name} rails`, x: row.from - 12, y: row.y, shapes: [rail(-half), rail(half)] },
    // By place, not by gear: what stands there is written over.
    ...row.gaps.map(({ x, text }, i): Part => ({
      key: `${name} gap ${i}`,
      x,
      y: row.y + 4,
      shapes: [{ kind: 'text', look: 'gap', x: 0, y: 0, text }],
    })),
    ...row.rungs.map(({ gear, x }, i): Part => {
      const state = `${gear.crossChained ? ' crossed' : ''}${gear.key === selectedKey ? ' selected' : ''}`;
      return {
        key: `${name} rung ${i}`,
        x,
        y: row.y,
        gear,
        shapes: [
          { kind: 'rect', look: 'target', x: -11, y: -half - 18, width: 22, height: railHeight + 22 },
          { kind: 'rect', look: `bar${state}`, x: -barWidth / 2, y: -half, width: barWidth, height: railHeight },
          { kind: 'text', look: `cog${state}`, x: 0, y: -half - 5, text: `${gear.cog}` },
        ],
      };
    }),
  ];
}

/** Speeds that the rider's cadences reach, with the holes named. */
function coverageParts({ y, label, spans, holes }: CoverageLayout): Part[] {
  return [
    {
      key: 'band',
      x: 2,
      y: y + COVERAGE_HEIGHT,
      shapes: [{ kind: 'text', look: 'band', x: 0, y: 0, text: label }],
    },
    ...spans.map(({ from, to }, i): Part => ({
      key: `span ${i}`,
      x: from,
      y,
      shapes: [{ kind: 'rect', look: 'span', x: 0, y: 0, width: to - from, height: COVERAGE_HEIGHT }],
    })),
    ...holes.map(({ from, to, text, textX }, i): Part => {
      const width = to - from;
      const bracket = `M0 -3v${COVERAGE_HEIGHT + 6}M${width} -3v${COVERAGE_HEIGHT + 6}M0 ${COVERAGE_HEIGHT / 2}H${width}`;
      const words: Shape[] =
        textX === undefined ? [] : [{ kind: 'text', look: 'speeds', x: textX - from, y: COVERAGE_HEIGHT + 14, text }];
      return {
        key: `hole ${i}`,
        x: from,
        y,
        hole: text,
        title: text,
        shapes: [{ kind: 'path', look: 'hole', d: bracket, scale: 1 }, ...words],
      };
    }),
  ];
}

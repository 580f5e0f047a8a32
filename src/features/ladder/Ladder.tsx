'use client';

import isEqual from 'fast-deep-equal';
import {
  memo,
  useId,
  useImperativeHandle,
  useMemo,
  useRef,
  useState,
  type KeyboardEvent,
  type PointerEvent,
  type Ref,
  type TouchEvent,
} from 'react';
import { speedKmh } from '../../core/gears';
import { usePendingWorkspace, type Workspace } from '../workspace/WorkspaceProvider';
import { letterOf, signOf } from '../setup-mark/setup-sign';
import { gearName, stepText } from '../explanations/gears';
import { fixed, percentText } from '../../ui/format';
import { speedText } from '../units/speed';
import { laidOut, pictureOf, rememberedLanes, type LadderRequest, type LaidOut } from './request';
import { NARROW, neighbourOf, placeShown, type LadderLane, type PlacedGear } from './layout';
import { useStableCallback } from '../../ui/react/useStableCallback';
import { pointedAt } from './pointed';
import type { Span } from './scale';
import type { LadderPicture, Part } from './scene';
import { TAIL_GAP, type Shape } from './shapes';
import { t } from './text';
import { useWidth } from './useWidth';
import styles from './Ladder.module.css';
import { firstOf, definite } from '../../core/items';

interface LadderProps {
  readonly picture: LadderPicture;
  /** What it will be made from, of a workspace that has just been typed; without it the picture waits for the database. */
  readonly askedOf?: (workspace: Workspace) => LadderRequest;
  /** Indices of setups whose text does not parse: their column is greyed, with a note. */
  readonly lastReadable?: Places | undefined;
  /** Without it no gear is chosen. */
  readonly onSelect?: ((selected: PlacedGear) => void) | undefined;
  /** The drawing, for saving it. */
  readonly drawingRef?: Ref<SVGSVGElement>;
}

/** Places in the workspace. */
type Places = Pick<ReadonlySet<number>, 'has'>;

const NONE: Places = new Set<number>();

/** Minimum length of a swipe, pixels. */
const SWIPE_PX = 50;

/**
 * All gears on one standing log scale: a column a setup, an upright a ring, a rung a gear, in true scale. It draws what is
 * being typed in the frame of the key press, ahead of the database and of all else on the page.
 */
export function Ladder({ picture: saved, askedOf, lastReadable = NONE, onSelect, drawingRef }: LadderProps) {
  const [ref, width] = useWidth<HTMLDivElement>();
  const [typed, setTyped] = useState<Workspace>();
  usePendingWorkspace(setTyped);
  const [lanes] = useState(rememberedLanes);
  const picture = useMemo(
    () => (typed && askedOf ? pictureOf(askedOf(typed), saved, lanes) : saved),
    [typed, askedOf, saved, lanes],
  );
  // On a phone one column fills the screen.
  const isNarrow = width > 0 && width < NARROW && picture.lanes.length > 1;
  const [turnedTo, turnTo] = useState<number>();
  const places = picture.lanes.map(({ place }) => place);
  const shownPlace = definite(placeShown(places, turnedTo, picture.selected.place));
  const shown = useMemo(
    () => (isNarrow ? { ...picture, lanes: picture.lanes.filter(({ place }) => place === shownPlace) } : picture),
    [picture, isNarrow, shownPlace],
  );
  const [span, setSpan] = useState<Span>();
  const drawn = useMemo(() => (width > 0 ? laidOut(shown, width, span) : undefined), [shown, width, span]);
  if (drawn && drawn.layout.span !== span) setSpan(drawn.layout.span);
  const touched = useRef<number>(undefined);
  const swipe = {
    onTouchStart: ({ touches }: TouchEvent) => (touched.current = touches[0]?.clientX),
    onTouchEnd: ({ changedTouches }: TouchEvent) => {
      const way = (changedTouches[0]?.clientX ?? 0) - (touched.current ?? 0);
      if (Math.abs(way) < SWIPE_PX) return;
      const next = places[places.indexOf(shownPlace) + (way < 0 ? 1 : -1)];
      if (next !== undefined) turnTo(next);
    },
  };
  return (
    <div>
      {isNarrow && <ColumnPicker lanes={picture.lanes} shown={shownPlace} onTurn={turnTo} />}
      <div ref={ref} className={styles.frame} style={{ height: picture.height }} {...(isNarrow && swipe)}>
        {drawn && (
          <Drawing
            drawingRef={drawingRef}
            drawn={drawn}
            lanes={shown.lanes}
            picture={shown}
            lastReadable={lastReadable}
            onSelect={onSelect}
          />
        )}
      </div>
    </div>
  );
}

/** Which setup a narrow ladder shows; a swipe over the drawing does the same. */
function ColumnPicker({
  lanes,
  shown,
  onTurn,
}: {
  lanes: readonly LadderLane[];
  shown: number;
  onTurn: (place: number) => void;
}) {
  return (
    <div className={styles.picker} role="group" aria-label={t('ladder.setupShown')}>
      {lanes.map(({ place, title }) => (
        <button
          key={place}
          type="button"
          data-setup={signOf(place)}
          aria-pressed={place === shown}
          aria-label={t('ladder.showSetup', { letter: letterOf(place), title })}
          onClick={() => onTurn(place)}
        >
          {letterOf(place)}
        </button>
      ))}
    </div>
  );
}

interface DrawingProps {
  readonly drawingRef: Ref<SVGSVGElement> | undefined;
  readonly drawn: LaidOut;
  readonly lanes: readonly LadderLane[];
  readonly picture: LadderPicture;
  readonly lastReadable: Places;
  readonly onSelect: LadderProps['onSelect'];
}

function Drawing({ drawingRef, drawn, lanes, picture, lastReadable, onSelect }: DrawingProps) {
  const svg = useRef<SVGSVGElement>(null);
  useImperativeHandle(drawingRef, () => definite(svg.current), []);
  const { layout, scene } = drawn;
  const { scale, left, right } = layout;
  const [pointedY, setPointedY] = useState<number>();
  const point = ({ clientX, clientY, pointerType }: PointerEvent) => {
    const box = definite(svg.current).getBoundingClientRect();
    const [x, y] = [clientX - box.left, clientY - box.top];
    const isInside = pointerType !== 'touch' && x >= left && x <= right && y <= scale.begin && y >= scale.end;
    setPointedY(isInside ? y : undefined);
  };
  return (
    <svg
      ref={svg}
      className={styles.ladder}
      width={scene.width}
      height={scene.height}
      role="group"
      aria-label={t('ladder.gearLadder')}
      onPointerMove={point}
      onPointerLeave={() => setPointedY(undefined)}
    >
      <Gears drawn={drawn} selected={picture.selected} lastReadable={lastReadable} onSelect={onSelect} />
      {layout.columns
        .filter(({ place }) => lastReadable.has(place))
        .map(({ place, left: from }) => (
          <text key={place} className={styles.lastReadable} x={from + 8} y={scale.end - 6}>
            {t('ladder.lastReadable')}
          </text>
        ))}
      {pointedY !== undefined && <PointedAt y={pointedY} drawn={drawn} lanes={lanes} picture={picture} />}
    </svg>
  );
}

/** A line at the height that is pointed at, and what every column does at that speed. */
function PointedAt({
  y,
  drawn,
  lanes,
  picture,
}: {
  y: number;
  drawn: LaidOut;
  lanes: readonly LadderLane[];
  picture: LadderPicture;
}) {
  const { layout } = drawn;
  const developmentM = layout.scale.sizeAt(y);
  const { units, reading, left: axis } = picture;
  const textY = layout.scale.end - 6;
  return (
    <g className={styles.pointed} data-testid="pointed" aria-hidden>
      <line className={styles.pointer} x1={layout.left} x2={layout.right} y1={y} y2={y} />
      <text className={styles.pointedSpeed} x={layout.left - 6} y={y + 4}>
        {fixed(developmentM * axis.perMetre, 1)}
      </text>
      {pointedAt(lanes, developmentM).map(({ place, gear, cadenceRpm, next }) => {
        const column = definite(layout.columns.find((one) => one.place === place));
        return (
          <text key={place} className={styles.pointedText} x={column.left + 8} y={textY}>
            {t('ladder.pointed', {
              gear: gearName(gear),
              rpm: fixed(cadenceRpm, 0),
              next: next ? stepText(next, reading) : t('ladder.hardest'),
            })}
          </text>
        );
      })}
      <title>{speedText(units.speedUnit, speedKmh(developmentM, firstOf(lanes).cadenceRpm))}</title>
    </g>
  );
}

interface GearsProps {
  readonly drawn: LaidOut;
  readonly selected: LadderPicture['selected'];
  readonly lastReadable: Places;
  readonly onSelect: LadderProps['onSelect'];
}

const Gears = memo(function Gears({ drawn, selected, lastReadable, onSelect }: GearsProps) {
  const { layout, scene } = drawn;
  const group = useRef<SVGGElement>(null);
  const hatchId = useId();
  const moveTo = useStableCallback((event: KeyboardEvent, from: PlacedGear) => {
    const next = neighbourOf(layout, from, event.key);
    if (!next) return;
    event.preventDefault();
    onSelect?.(next);
    group.current?.querySelector<SVGGElement>(`[data-place="${next.place}"][data-gear="${next.gear.key}"]`)?.focus();
  });
  return (
    <>
      {scene.across.map((part) => (
        <PartView key={part.key} part={part} hatchId={hatchId} />
      ))}
      {scene.axes.map(({ side, title, parts }) => (
        <g key={side} data-axis={side}>
          {parts.map((part) => (
            <PartView key={part.key} part={part} hatchId={hatchId} />
          ))}
          <title>{title}</title>
        </g>
      ))}
      <g ref={group}>
        {scene.columns.map(({ place, parts }) => (
          <g key={place} data-setup={signOf(place)} data-last-readable={lastReadable.has(place) || undefined}>
            <defs>
              <pattern
                id={`${hatchId}${place}`}
                width="6"
                height="6"
                patternUnits="userSpaceOnUse"
                patternTransform="rotate(45)"
              >
                <line className={styles.hatch} x1="0" y1="0" x2="0" y2="6" />
              </pattern>
            </defs>
            {parts.map((part) =>
              part.gear ? (
                <Rung
                  key={part.key}
                  part={part}
                  placed={{ place, gear: part.gear }}
                  isSelected={place === selected.place && part.gear.key === selected.key}
                  onSelect={onSelect}
                  onKeyDown={moveTo}
                />
              ) : (
                <PartView key={part.key} part={part} hatchId={`${hatchId}${place}`} />
              ),
            )}
          </g>
        ))}
      </g>
    </>
  );
});

/** Memoised: a typed tooth changes few parts. */
const PartView = memo(function PartView({ part, hatchId }: { part: Part; hatchId: string }) {
  return (
    <g data-gap={part.gap}>
      {part.shapes.map((shape, i) => (
        <ShapeView key={i} shape={shape} x={part.x} y={part.y} hatchId={hatchId} />
      ))}
      {part.title && <title>{part.title}</title>}
    </g>
  );
}, isEqual);

interface RungProps {
  readonly part: Part;
  readonly placed: PlacedGear;
  readonly isSelected: boolean;
  readonly onSelect: LadderProps['onSelect'];
  readonly onKeyDown: (event: KeyboardEvent, from: PlacedGear) => void;
}

const Rung = memo(function Rung({ part, placed, isSelected, onSelect, onKeyDown }: RungProps) {
  const { gear, place } = placed;
  return (
    <g
      className={styles.rung}
      data-gear={gear.key}
      data-place={place}
      data-share={part.share?.toFixed(4)}
      aria-label={t('ladder.ringChainringCogValue', {
        chainring: gear.chainring,
        cog: gear.cog,
        crossChained: gear.crossChained ? 'yes' : 'no',
        share: part.share === undefined ? 'none' : percentText(part.share),
      })}
      {...(onSelect
        ? {
            role: 'button',
            'aria-pressed': isSelected,
            tabIndex: isSelected ? 0 : -1,
            onClick: () => onSelect(placed),
            onKeyDown: (event: KeyboardEvent) =>
              event.key === 'Enter' || event.key === ' ' ? onSelect(placed) : onKeyDown(event, placed),
          }
        : { role: 'img' })}
    >
      {part.shapes.map((shape, i) => (
        <ShapeView key={i} shape={shape} x={part.x} y={part.y} />
      ))}
    </g>
  );
}, isEqual);

const classesOf = (look: string) =>
  look
    .split(' ')
    .map((name) => styles[name])
    .join(' ');

interface ShapeViewProps {
  readonly shape: Shape;
  /** Of its part. */
  readonly x: number;
  readonly y: number;
  readonly hatchId?: string;
}

/** Each shape but a path has its place on the drawing itself: the browser would join a hundred transforms for every frame. */
function ShapeView({ shape, x, y, hatchId }: ShapeViewProps) {
  const className = classesOf(shape.look);
  switch (shape.kind) {
    case 'line': {
      const [[x1, y1], [x2, y2]] = [shape.from, shape.to];
      return <line className={className} x1={x + x1} y1={y + y1} x2={x + x2} y2={y + y2} />;
    }
    case 'rect': {
      const { width, height, hatched } = shape;
      const box = { x: x + shape.x, y: y + shape.y, width, height };
      return hatched ? (
        <rect className={styles.hatched} {...box} fill={hatchId && `url(#${hatchId})`} />
      ) : (
        <rect className={className} {...box} />
      );
    }
    case 'path': {
      const scaled = shape.scale === 1 ? '' : ` scale(${shape.scale})`;
      return <path className={className} d={shape.d} transform={`translate(${x} ${y})${scaled}`} />;
    }
    case 'text':
      return (
        <text className={className} x={x + shape.x} y={y + shape.y}>
          {shape.text}
          {shape.tail && (
            <tspan className={classesOf(shape.tail.look)} dx={TAIL_GAP}>
              {shape.tail.text}
            </tspan>
          )}
        </text>
      );
  }
}

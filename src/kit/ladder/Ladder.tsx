'use client';

import {
  memo,
  useEffect,
  useId,
  useImperativeHandle,
  useMemo,
  useRef,
  useState,
  type KeyboardEvent,
  type Ref,
  type RefObject,
} from 'react';
import { useTypedNow, type Bench } from '../bench/BenchProvider';
import { signOf } from '../bench/setup-sign';
import { AheadCanvas } from './ahead-canvas';
import { laidOut, type LadderAsked, type LadderFrame, type LaidOut } from './asked';
import { neighbourOf, type PlacedGear } from './layout';
import type { Span } from './scale';
import type { LadderPicture, Part } from './scene';
import { TAIL_GAP, type Shape } from './shapes';
import { WORDS } from './text';
import { useWidth } from './useWidth';
import styles from './Ladder.module.css';

export interface LadderProps {
  readonly picture: LadderPicture;
  /** What it was made from. */
  readonly asked: LadderAsked;
  /** What it will be made from, of a bench that has just been typed. */
  readonly askedOf: (bench: Bench) => LadderAsked;
  readonly onSelect: (selected: PlacedGear) => void;
  /** The drawing, for saving it. */
  readonly drawingRef?: Ref<SVGSVGElement>;
}

/**
 * All gears on one log axis: a lane a setup, a row a ring, a rung a gear, in true scale. While somebody types, a canvas
 * over the drawing shows the gears at once; the drawing itself, which can be read out, clicked and saved, follows.
 */
export function Ladder({ picture, asked, askedOf, onSelect, drawingRef }: LadderProps) {
  const [ref, width] = useWidth<HTMLDivElement>();
  const [span, setSpan] = useState<Span>();
  const drawn = useMemo(() => (width > 0 ? laidOut(picture, width, span) : undefined), [picture, width, span]);
  if (drawn && drawn.layout.span !== span) setSpan(drawn.layout.span);
  const svg = useRef<SVGSVGElement>(null);
  const over = useRef<HTMLDivElement>(null);
  const ahead = useRef<AheadCanvas>(undefined);
  // A ladder that is out of sight for a while has no width, and comes back with another drawing.
  const isThere = drawn !== undefined;
  useEffect(() => {
    if (!isThere || !over.current || !svg.current) return undefined;
    const opened = new AheadCanvas(over.current, svg.current, styles);
    ahead.current = opened;
    return () => {
      opened.close();
      ahead.current = undefined;
    };
  }, [isThere]);
  useEffect(() => {
    if (!drawn) return;
    const { scene, layout } = drawn;
    ahead.current?.liesOver({
      asked,
      frame: frameOf(picture),
      width: scene.width,
      height: scene.height,
      span: layout.span,
    });
  }, [drawn, picture, asked]);
  useTypedNow((bench) => (bench ? ahead.current?.show(askedOf(bench)) : ahead.current?.empty()));
  return (
    <div ref={ref} className={styles.frame} style={drawn && { height: drawn.layout.height }}>
      {drawn && (
        <Drawing svg={svg} drawingRef={drawingRef} drawn={drawn} selected={picture.selected} onSelect={onSelect} />
      )}
      <div ref={over} />
    </div>
  );
}

const frameOf = ({ upper, lower, reading, speedUnit }: LadderPicture): LadderFrame => ({
  upper,
  lower,
  reading,
  speedUnit,
});

interface DrawingProps {
  readonly svg: RefObject<SVGSVGElement | null>;
  readonly drawingRef: Ref<SVGSVGElement> | undefined;
  readonly drawn: LaidOut;
  readonly selected: LadderPicture['selected'];
  readonly onSelect: (selected: PlacedGear) => void;
}

const Drawing = memo(function Drawing({ svg, drawingRef, drawn, selected, onSelect }: DrawingProps) {
  useImperativeHandle(drawingRef, () => svg.current!, [svg]);
  const { layout, scene } = drawn;
  const group = useRef<SVGGElement>(null);
  const hatchId = useId();
  const moveTo = (event: KeyboardEvent, from: PlacedGear) => {
    const next = neighbourOf(layout, from, event.key);
    if (!next) return;
    event.preventDefault();
    onSelect(next);
    group.current?.querySelector<SVGGElement>(`[data-place="${next.place}"][data-gear="${next.gear.key}"]`)?.focus();
  };
  return (
    <svg
      ref={svg}
      className={styles.ladder}
      width={scene.width}
      height={scene.height}
      role="group"
      aria-label={WORDS.ladder.ladderOfGears}
    >
      {scene.axes.map(({ side, title, parts }) => (
        <g key={side} data-axis={side}>
          {parts.map((part) => (
            <PartView key={part.key} part={part} hatchId={hatchId} />
          ))}
          <title>{title}</title>
        </g>
      ))}
      {scene.lines.map((part) => (
        <PartView key={part.key} part={part} hatchId={hatchId} />
      ))}
      <g ref={group}>
        {scene.lanes.map(({ place, parts }) => (
          <g key={place} data-setup={signOf(place)}>
            <defs>
              <pattern
                id={hatchId + place}
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
                <PartView key={part.key} part={part} hatchId={hatchId + place} />
              ),
            )}
          </g>
        ))}
      </g>
    </svg>
  );
});

function PartView({ part, hatchId }: { part: Part; hatchId: string }) {
  return (
    <g data-hole={part.hole}>
      {part.shapes.map((shape, i) => (
        <ShapeView key={i} shape={shape} x={part.x} y={part.y} hatchId={hatchId} />
      ))}
      {part.title && <title>{part.title}</title>}
    </g>
  );
}

interface RungProps {
  readonly part: Part;
  readonly placed: PlacedGear;
  readonly isSelected: boolean;
  readonly onSelect: (selected: PlacedGear) => void;
  readonly onKeyDown: (event: KeyboardEvent, from: PlacedGear) => void;
}

function Rung({ part, placed, isSelected, onSelect, onKeyDown }: RungProps) {
  const { gear, place } = placed;
  return (
    <g
      className={styles.rung}
      data-gear={gear.key}
      data-place={place}
      role="button"
      aria-pressed={isSelected}
      aria-label={WORDS.ladder.ringChainringCogValue(
        gear.chainring,
        gear.cog,
        gear.crossChained ? WORDS.ladder.crossChained : '',
      )}
      tabIndex={isSelected ? 0 : -1}
      onClick={() => onSelect(placed)}
      onKeyDown={(event) => (event.key === 'Enter' || event.key === ' ' ? onSelect(placed) : onKeyDown(event, placed))}
    >
      {part.shapes.map((shape, i) => (
        <ShapeView key={i} shape={shape} x={part.x} y={part.y} />
      ))}
    </g>
  );
}

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

/**
 * Each shape but a path has its place on the drawing itself, without a transform of its part: the browser would sort and join a
 * hundred transforms for every frame of the page, whatever changed on it.
 */
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
      return hatched ? <rect {...box} fill={`url(#${hatchId})`} /> : <rect className={className} {...box} />;
    }
    case 'circle':
      return <circle className={className} cx={x} cy={y} r={shape.radius} />;
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

import type { LadderScene, Part } from './scene';
import { lookKey, TAIL_GAP, type Look, type Shape } from './shapes';

/** The look that has the sheet's own colour. */
const SHEET_LOOK = 'plate';
/** Between two lines of a hatching, and their width, as the pattern of the drawing has them. */
const HATCH_PITCH = 6;
const HATCH_LINE = 0.7;
/** Half the width of the longest text that has a halo, with the halo. */
const HALO_REACH = 34;
/** Of a drawing; a canvas has another. */
const MITER_LIMIT = 4;

/**
 * Draws a ladder, over what the canvas showed there.
 * @param ratio pixels of the canvas for one of the page
 * @param withAxes or only the field between them: most of the texts are on the axes, and a tooth leaves those alone
 * @param looks every look of the scene, by `lookKey`
 */
export function paint(
  context: OffscreenCanvasRenderingContext2D,
  ratio: number,
  { width, height, field, axes, lines, lanes }: LadderScene,
  withAxes: boolean,
  looks: ReadonlyMap<string, Look>,
): void {
  const { place } = lanes[0]!;
  const { top, bottom } = withAxes ? { top: 0, bottom: height } : field;
  context.setTransform(ratio, 0, 0, ratio, 0, 0);
  context.miterLimit = MITER_LIMIT;
  context.globalAlpha = 1;
  context.fillStyle = looks.get(lookKey(place, SHEET_LOOK))!.fill!;
  context.fillRect(0, top, width, bottom - top);
  const pen = new Pen(
    context,
    looks,
    lines.map(({ x }) => x),
  );
  if (withAxes) for (const { parts } of axes) pen.draw(parts, place);
  pen.draw(lines, place);
  for (const lane of lanes) pen.draw(lane.parts, lane.place);
}

/** Draws shapes on a canvas as their looks have it. */
class Pen {
  /** The text with a halo that was written last. */
  private last = { x: NaN, y: NaN };

  /** @param lines where lines go through the field from top to bottom */
  constructor(
    private readonly context: OffscreenCanvasRenderingContext2D,
    private readonly looks: ReadonlyMap<string, Look>,
    private readonly lines: readonly number[],
  ) {}

  draw(parts: readonly Part[], place: number): void {
    for (const part of parts) {
      this.context.translate(part.x, part.y);
      for (const shape of part.shapes) this.shape(shape, this.lookOf(place, shape.look), place, part);
      this.context.translate(-part.x, -part.y);
    }
  }

  private lookOf(place: number, look: string): Look {
    return this.looks.get(lookKey(place, look))!;
  }

  private shape(shape: Shape, look: Look, place: number, part: Part): void {
    const { context } = this;
    if (look.fill === undefined && look.stroke === undefined) return;
    context.globalAlpha = look.opacity;
    if (look.fill !== undefined) context.fillStyle = look.fill;
    if (look.stroke !== undefined) {
      context.strokeStyle = look.stroke;
      context.lineWidth = look.lineWidth;
      context.setLineDash(look.dash as number[]);
    }
    switch (shape.kind) {
      case 'line': {
        context.beginPath();
        context.moveTo(...shape.from);
        context.lineTo(...shape.to);
        return context.stroke();
      }
      case 'rect': {
        const { x, y, width, height } = shape;
        if (shape.hatched) return this.hatch(shape, look);
        // One of its own colour around it only makes it larger.
        const edge = look.stroke !== undefined && look.stroke === look.fill ? look.lineWidth : 0;
        if (look.fill !== undefined) context.fillRect(x - edge / 2, y - edge / 2, width + edge, height + edge);
        if (look.stroke !== undefined && edge === 0) context.strokeRect(x, y, width, height);
        return;
      }
      case 'circle': {
        context.beginPath();
        context.arc(0, 0, shape.radius, 0, 2 * Math.PI);
        return this.ink(look);
      }
      case 'path': {
        context.save();
        context.scale(shape.scale, shape.scale);
        const path = new Path2D(shape.d);
        if (look.fill !== undefined) context.fill(path);
        if (look.stroke !== undefined) context.stroke(path);
        return context.restore();
      }
      case 'text': {
        const hasHalo = look.stroke !== undefined && !this.standsFree(part.x + shape.x, part.y + shape.y);
        this.write(shape.text, shape.x, shape.y, look, hasHalo);
        if (!shape.tail) return;
        const behind = shape.x + context.measureText(shape.text).width + TAIL_GAP;
        const tail = this.lookOf(place, shape.tail.look);
        if (tail.fill !== undefined) context.fillStyle = tail.fill;
        return this.write(shape.tail.text, behind, shape.y, tail, tail.stroke !== undefined);
      }
    }
  }

  /** Whether there is nothing behind a text that its halo would have to part from it. */
  private standsFree(x: number, y: number): boolean {
    const { last } = this;
    this.last = { x, y };
    const follows = y === last.y && Math.abs(x - last.x) < HALO_REACH;
    return !follows && this.lines.every((line) => Math.abs(line - x) >= HALO_REACH);
  }

  private ink({ fill, stroke }: Look): void {
    if (fill !== undefined) this.context.fill();
    if (stroke !== undefined) this.context.stroke();
  }

  /** Its halo first, so that the figure stands on it. */
  private write(text: string, x: number, y: number, { font, fontStretch, align }: Look, hasHalo: boolean): void {
    const { context } = this;
    context.font = font;
    context.fontStretch = fontStretch;
    context.textAlign = align;
    if (hasHalo) context.strokeText(text, x, y);
    context.fillText(text, x, y);
  }

  private hatch({ x, y, width, height }: { x: number; y: number; width: number; height: number }, look: Look): void {
    const { context } = this;
    context.save();
    context.beginPath();
    context.rect(x, y, width, height);
    context.clip();
    context.rotate(Math.PI / 4);
    context.fillStyle = look.stroke!;
    const reach = width + height;
    for (let at = -HATCH_PITCH * Math.ceil(reach / HATCH_PITCH); at < reach; at += HATCH_PITCH) {
      context.fillRect(at, -reach, HATCH_LINE, 2 * reach);
    }
    context.restore();
  }
}

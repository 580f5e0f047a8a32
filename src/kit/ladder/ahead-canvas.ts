import { LookBook, type Look } from './looks';
import { TAIL_GAP, type LadderScene, type Part, type Shape } from './scene';

/** Between two lines of a hatching, and their width, as the pattern of the drawing has them. */
const HATCH_PITCH = 6;
const HATCH_LINE = 0.7;
/** So long after the drawing its looks are read. */
const READ_AFTER_MS = 200;
/** Half the width of the longest text that has a halo, with the halo. */
const HALO_REACH = 34;
/** Of a drawing; a canvas has another. */
const MITER_LIMIT = 4;

/**
 * A canvas over the drawing of a ladder. It shows what has just been typed within the same frame, for which laying out
 * and painting the drawing's many texts takes too long; it is empty again as soon as the drawing has caught up.
 */
export class AheadCanvas {
  private readonly looks: LookBook;
  /** Which state of what is typed it shows; undefined while it is empty. */
  private shows: number | undefined;
  /** Whether it shows the axes too, or the field between those of the drawing. */
  private showsAxes = false;
  /** What the drawing below shows. */
  private below: LadderScene | undefined;
  private reading: ReturnType<typeof setTimeout> | undefined;

  /** @param drawing lies below it, of the same size */
  constructor(
    private readonly canvas: HTMLCanvasElement,
    drawing: SVGSVGElement,
    classNames: Readonly<Record<string, string>>,
  ) {
    this.looks = new LookBook(drawing, classNames);
  }

  /** The drawing shows this scene now. @param version the state of what is typed that it is of */
  caughtUp(scene: LadderScene, version: number): void {
    if (this.shows !== undefined && version < this.shows) return;
    const [width, height] = [scene.width, scene.height].map((length) => Math.round(length * devicePixelRatio));
    const isOfSize = width === this.canvas.width && height === this.canvas.height;
    if (this.shows !== undefined || !isOfSize) {
      // To be given a size empties a canvas, too.
      this.canvas.width = width!;
      this.canvas.height = height!;
      this.canvas.style.width = `${scene.width}px`;
      this.canvas.style.height = `${scene.height}px`;
      delete this.canvas.dataset.shows;
    }
    this.shows = undefined;
    this.below = scene;
    // What is read while nobody waits need not be read when a key comes.
    clearTimeout(this.reading);
    this.reading = setTimeout(() => this.prepare(scene), READ_AFTER_MS);
  }

  /**
   * Draws a scene ahead of the drawing. One of another size is left to the drawing, which moves what stands below.
   * @param version the state of what is typed that it is of
   */
  show(scene: LadderScene, version: number): void {
    const context = this.canvas.getContext('2d');
    const { below } = this;
    if (!context || !below || scene.width !== below.width || scene.height !== below.height) return;
    this.looks.learn(scene);
    // What it may show beside the field, of a state that the drawing has not reached, is gone over too.
    const isWhole = this.shows !== undefined && this.showsAxes;
    this.showsAxes = isWhole || !haveSameAxes(scene, below);
    this.shows = version;
    this.paint(context, scene, this.showsAxes);
    this.canvas.dataset.shows = `${version}`;
  }

  /** The canvas goes: nothing is read any more. */
  close(): void {
    clearTimeout(this.reading);
  }

  /** Reads the looks of the drawing, and draws it once for nobody: the first key would wait for fonts and code. */
  private prepare(scene: LadderScene): void {
    const context = this.canvas.getContext('2d');
    if (!context || this.shows !== undefined) return;
    const isFirst = this.looks.renew(scene);
    if (!isFirst) return;
    this.paint(context, scene, true);
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.clearRect(0, 0, this.canvas.width, this.canvas.height);
  }

  /** @param withAxes or only the field between them: most of the texts are on the axes, and a tooth leaves those alone */
  private paint(context: CanvasRenderingContext2D, scene: LadderScene, withAxes: boolean): void {
    context.setTransform(devicePixelRatio, 0, 0, devicePixelRatio, 0, 0);
    context.miterLimit = MITER_LIMIT;
    const { place } = scene.lanes[0]!;
    const { top, bottom } = withAxes ? { top: 0, bottom: scene.height } : scene.field;
    context.globalAlpha = 1;
    context.fillStyle = this.looks.sheet(place);
    context.fillRect(0, top, scene.width, bottom - top);
    const pen = new Pen(context, this.looks, scene);
    if (withAxes) for (const { parts } of scene.axes) pen.draw(parts, place);
    pen.draw(scene.lines, place);
    for (const lane of scene.lanes) pen.draw(lane.parts, lane.place);
  }
}

function haveSameAxes(a: LadderScene, b: LadderScene): boolean {
  return a.axes.every(({ parts }, side) => {
    const others = b.axes[side]!.parts;
    return (
      parts.length === others.length && parts.every(({ key, x }, i) => key === others[i]!.key && x === others[i]!.x)
    );
  });
}

/** Draws shapes on a canvas as their looks have it. */
class Pen {
  /** Where lines go through the field from top to bottom. */
  private readonly linesX: readonly number[];
  /** The text with a halo that was written last. */
  private last = { x: NaN, y: NaN };

  constructor(
    private readonly context: CanvasRenderingContext2D,
    private readonly looks: LookBook,
    { lines }: LadderScene,
  ) {
    this.linesX = lines.map(({ x }) => x);
  }

  draw(parts: readonly Part[], place: number): void {
    for (const part of parts) {
      this.context.translate(part.x, part.y);
      for (const shape of part.shapes) this.shape(shape, this.looks.of(place, shape.look), place, part);
      this.context.translate(-part.x, -part.y);
    }
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
        const tail = this.looks.of(place, shape.tail.look);
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
    return !follows && this.linesX.every((line) => Math.abs(line - x) >= HALO_REACH);
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

import { READY } from '../../workers/ready';
import { afterFrame } from '../after-frame';
import type { Answer, NamedLooks, Told, Wanted } from './ahead-protocol';
import { facesOfPage } from './faces';
import { LookBook } from './looks';

/** So long after the drawing is what a key will need made ready. */
const READY_AFTER_MS = 200;

/** What the drawing shows, and what of. */
export interface Drawn extends Wanted {
  /** Pixels. */
  readonly height: number;
}

/**
 * A canvas over the drawing of a ladder. It shows what has just been typed at once, for which laying out and painting
 * the drawing's many texts takes too long; it is empty again as soon as the drawing has caught up. A worker works the
 * ladder out and draws it, so that a key waits for neither. Where there is none the drawing alone shows what is typed.
 */
export class AheadCanvas {
  private readonly looks: LookBook;
  private worker: Worker | undefined;
  private isListening = false;
  private isClosed = false;
  /** Keeps its size; for another there is another. */
  private canvas: HTMLCanvasElement | undefined;
  /** How many ladders it was told to show. */
  private version = 0;
  /** Which of them it shows; undefined while it is empty. */
  private shows: number | undefined;
  /** What the drawing below shows. */
  private below: Drawn | undefined;
  private preparing: ReturnType<typeof setTimeout> | undefined;
  /** Until the drawing that it is to be empty for is on screen. */
  private clearing: (() => void) | undefined;

  /**
   * @param host lies over the drawing
   * @param classNames of the style sheet, by the names in looks; `ahead` is the canvas's own
   */
  constructor(
    private readonly host: HTMLElement,
    drawing: SVGSVGElement,
    private readonly classNames: Readonly<Record<string, string>>,
  ) {
    this.looks = new LookBook(drawing, classNames);
  }

  /** The drawing shows this now. */
  liesOver(drawn: Drawn): void {
    this.below = drawn;
    if (this.canvas && !isOfSize(this.canvas, drawn)) this.drop();
    this.prepareSoon();
  }

  /** The drawing shows what was typed. */
  empty(): void {
    if (this.shows === undefined) return;
    this.shows = undefined;
    this.clearing = afterFrame(() => this.clear());
    this.prepareSoon();
  }

  /** Has a ladder drawn ahead of the drawing. */
  show(asked: Wanted['asked']): void {
    // Of other colours than the page has by now: those are read when nobody waits.
    if (this.canvas?.dataset.open === undefined || !this.below || !this.looks.areOfNow()) return;
    // In one frame with what comes now, but before it.
    if (this.clearing) this.clear();
    this.tellLooks(this.looks.learn(placesOf(asked)));
    const { frame, width, span } = this.below;
    this.version += 1;
    this.shows = this.version;
    this.tell({ kind: 'show', version: this.version, wanted: { asked, frame, width, span } });
  }

  /** The canvas goes, and the worker with it; neither comes again. */
  close(): void {
    this.isClosed = true;
    clearTimeout(this.preparing);
    this.drop();
    this.worker?.terminate();
  }

  /** What is read and opened while nobody waits need not be when a key comes. */
  private prepareSoon(): void {
    clearTimeout(this.preparing);
    this.preparing = setTimeout(() => this.prepare(), READY_AFTER_MS);
  }

  private prepare(): void {
    if (this.isClosed) return;
    if (!this.worker) return this.start();
    if (!this.isListening || !this.below || this.shows !== undefined) return;
    const read = this.looks.renew(placesOf(this.below.asked));
    if (this.canvas) this.tellLooks(read);
    else if (document.fonts.status === 'loaded') this.open(this.below);
    else void document.fonts.ready.then(() => this.prepare());
  }

  private start(): void {
    if (typeof OffscreenCanvas === 'undefined') return;
    const worker = new Worker(new URL('./ahead.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<typeof READY | Answer>) => this.hear(data);
    // Without it the drawing goes on alone.
    worker.onerror = () => this.close();
    this.worker = worker;
  }

  private hear(answer: typeof READY | Answer): void {
    if (answer === READY) {
      this.isListening = true;
      return this.prepare();
    }
    if (!this.canvas) return;
    if (answer.kind === 'opened') this.canvas.dataset.open = '';
    // It may have been drawn over by now, or emptied.
    else if (answer.version === this.shows) this.canvas.dataset.shows = `${answer.version}`;
  }

  private open(drawn: Drawn): void {
    const canvas = document.createElement('canvas');
    canvas.className = this.classNames.ahead!;
    canvas.ariaHidden = 'true';
    [canvas.width, canvas.height] = pixelsOf(drawn);
    canvas.style.width = `${drawn.width}px`;
    canvas.style.height = `${drawn.height}px`;
    this.host.append(canvas);
    this.canvas = canvas;
    const offscreen = canvas.transferControlToOffscreen();
    const { asked, frame, width, span } = drawn;
    this.tell(
      {
        kind: 'open',
        canvas: offscreen,
        ratio: devicePixelRatio,
        faces: facesOfPage(),
        looks: this.looks.all(),
        rehearsal: { asked, frame, width, span },
      },
      [offscreen],
    );
  }

  private drop(): void {
    this.clearing?.();
    this.clearing = undefined;
    this.canvas?.remove();
    this.canvas = undefined;
    this.shows = undefined;
  }

  private clear(): void {
    this.clearing?.();
    this.clearing = undefined;
    delete this.canvas!.dataset.shows;
    this.tell({ kind: 'clear' });
  }

  private tellLooks(looks: NamedLooks): void {
    if (looks.length > 0) this.tell({ kind: 'looks', looks });
  }

  private tell(told: Told, transfer: Transferable[] = []): void {
    this.worker!.postMessage(told, transfer);
  }
}

const placesOf = ({ lanes }: Wanted['asked']) => lanes.map(({ place }) => place);

const pixelsOf = ({ width, height }: Drawn): [width: number, height: number] => [
  Math.round(width * devicePixelRatio),
  Math.round(height * devicePixelRatio),
];

function isOfSize(canvas: HTMLCanvasElement, drawn: Drawn): boolean {
  const [width, height] = pixelsOf(drawn);
  return canvas.width === width && canvas.height === height;
}

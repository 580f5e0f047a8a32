import { writeForReader } from '../../formats/reader';
import { READY } from '../../workers/ready';
import type { Answer, Face, Told, Wanted } from './ahead-protocol';
import { laidOut, pictureOf, rememberedLanes } from './asked';
import { paint } from './pen';
import type { Look } from './shapes';

/** What a worker has and a page has not, or otherwise. */
interface Scope {
  readonly fonts: FontFaceSet;
  postMessage: (message: typeof READY | Answer) => void;
  onmessage: ((event: MessageEvent<Told>) => void) | null;
}
const scope = globalThis as unknown as Scope;

/** As often is a ladder drawn for nobody before the first that somebody waits for: by then the code runs at its best. */
const REHEARSALS = 30;

const looks = new Map<string, Look>();
/** By their sources. */
const faces = new Map<string, Promise<unknown>>();
let last: OffscreenCanvas | undefined;
let context: OffscreenCanvasRenderingContext2D | null = null;
let ratio = 1;
let lane = rememberedLanes();
/** Whether what is on it covers the axes of the drawing below too. */
let showsAxes = false;

writeForReader();
scope.onmessage = ({ data }) => {
  switch (data.kind) {
    case 'open':
      return void open(data);
    case 'looks':
      return know(data.looks);
    case 'clear':
      return clear();
    case 'show':
      return context && show(context, data.wanted) ? say({ kind: 'shown', version: data.version }) : undefined;
  }
};
scope.postMessage(READY);

async function open({ canvas, rehearsal, ...told }: Extract<Told, { kind: 'open' }>): Promise<void> {
  context = null;
  last = canvas;
  know(told.looks);
  // What a face that does not come would write is written in the next one of its list, as on the page.
  await Promise.allSettled(told.faces.map(faceThere));
  if (canvas !== last) return;
  context = canvas.getContext('2d');
  if (!context) return;
  ratio = told.ratio;
  for (let times = 0; times < REHEARSALS; times += 1) {
    lane = rememberedLanes();
    show(context, rehearsal);
  }
  clear();
  say({ kind: 'opened' });
}

/** @returns false where the ladder is of another size, which is left to the drawing: it moves what stands below */
function show(on: OffscreenCanvasRenderingContext2D, { asked, frame, width, span }: Wanted): boolean {
  const { layout, scene } = laidOut(pictureOf(asked, frame, lane), width, span);
  if (Math.round(scene.height * ratio) !== on.canvas.height) return false;
  // An axis that it shows already, of a state that the drawing has not reached, is gone over too.
  showsAxes ||= layout.span !== span;
  paint(on, ratio, scene, showsAxes, looks);
  return true;
}

function know(told: readonly (readonly [key: string, look: Look])[]): void {
  for (const [key, look] of told) looks.set(key, look);
}

function faceThere({ family, source, descriptors }: Face): Promise<unknown> {
  const known = faces.get(source);
  if (known) return known;
  const face = new FontFace(family, source, descriptors);
  scope.fonts.add(face);
  const there = face.load();
  faces.set(source, there);
  return there;
}

function clear(): void {
  showsAxes = false;
  if (!context) return;
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.clearRect(0, 0, context.canvas.width, context.canvas.height);
}

/** Once the frame is on its way: a canvas gives its picture away after the callbacks of a frame, a message posted in one comes after that. */
function say(answer: Answer): void {
  requestAnimationFrame(() => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => scope.postMessage(answer);
    port2.postMessage(undefined);
  });
}

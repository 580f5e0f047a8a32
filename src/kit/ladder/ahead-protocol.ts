import type { LadderAsked, LadderFrame } from './asked';
import type { Span } from './scale';
import type { Look } from './shapes';

/** A face of a font as a style sheet names it; the place of its file is whole. */
export interface Face {
  readonly family: string;
  readonly source: string;
  readonly descriptors: FontFaceDescriptors;
}

/** A ladder to be drawn. */
export interface Wanted {
  readonly asked: LadderAsked;
  readonly frame: LadderFrame;
  /** Of the drawing below, pixels. */
  readonly width: number;
  /** What the axis of the drawing below shows. */
  readonly span: Span;
}

export type NamedLooks = readonly (readonly [key: string, look: Look])[];

/** What the worker that draws is told. */
export type Told =
  | {
      readonly kind: 'open';
      readonly canvas: OffscreenCanvas;
      /** Pixels of the canvas for one of the page. */
      readonly ratio: number;
      readonly faces: readonly Face[];
      readonly looks: NamedLooks;
      /** Drawn for nobody: else what is shown first would wait for fonts and code. */
      readonly rehearsal: Wanted;
    }
  | { readonly kind: 'looks'; readonly looks: NamedLooks }
  | { readonly kind: 'show'; readonly version: number; readonly wanted: Wanted }
  | { readonly kind: 'clear' };

/** What it answers, once it has said that it listens. */
export type Answer =
  | { readonly kind: 'opened' }
  /** The frame with it is on its way to the screen. */
  | { readonly kind: 'shown'; readonly version: number };

/**
 * A shape of the drawing, in pixels from the place of its part. `look` names classes of the style sheet, a space
 * between them.
 */
export type Shape =
  | { readonly kind: 'line'; readonly look: string; readonly from: Point; readonly to: Point }
  | ({ readonly kind: 'rect'; readonly look: string; readonly hatched?: boolean } & Box)
  | { readonly kind: 'path'; readonly look: string; readonly d: string; readonly scale: number }
  | {
      readonly kind: 'text';
      readonly look: string;
      readonly x: number;
      readonly y: number;
      readonly text: string;
      /** Written behind it in a look of its own. */
      readonly tail?: { readonly look: string; readonly text: string };
    };
type Point = readonly [x: number, y: number];
interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Pixels between a text and its tail. */
export const TAIL_GAP = 3;

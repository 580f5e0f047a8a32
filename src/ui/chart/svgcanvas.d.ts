/** The part of the package that is used here: a canvas that writes down what is drawn on it as SVG. */
declare module 'svgcanvas' {
  interface Context {
    getSerializedSvg(fixNamedEntities?: boolean): string;
    fill(): void;
    stroke(): void;
    /** What was drawn last, which fill and stroke are for. */
    readonly __currentElement: SVGElement;
  }

  export class Element {
    constructor(options: { width: number; height: number });
    getContext(type: '2d'): Context;
  }
}

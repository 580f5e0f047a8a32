/** The part of the package that is used here: a canvas that writes down what is drawn on it as SVG. */
declare module 'svgcanvas' {
  export class Element {
    constructor(options: { width: number; height: number });
    getContext(type: '2d'): { getSerializedSvg(fixNamedEntities?: boolean): string };
  }
}

/** Id of the part of every page in which menus and questions of the head open: it lies above all else. */
export const LAYER = 'layer';

/** Returns the landmark of the page that what opens at an element belongs to, so that it is read as part of it. */
export function landmarkOf(element: HTMLElement): HTMLElement {
  return element.closest<HTMLElement>('main') ?? document.getElementById(LAYER) ?? document.body;
}

/** Returns the part of the page that what opens at an element belongs to, so that it is read there. */
export function landmarkOf(element: HTMLElement): HTMLElement {
  return element.closest<HTMLElement>('main') ?? element.closest<HTMLElement>('section, header') ?? document.body;
}

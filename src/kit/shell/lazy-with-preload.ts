import { lazy, type ComponentType, type LazyExoticComponent } from 'react';

/**
 * A part of the page whose code is on its way as soon as the page's frame is, without the frame waiting for it.
 * @param load the code; asked a second time where the first did not come
 */
export function lazyWithPreload<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
): LazyExoticComponent<ComponentType<Props>> {
  // The server draws the frame alone.
  const first = typeof window === 'undefined' ? undefined : load();
  // Told by the second try, if it comes to that.
  first?.catch(() => undefined);
  return lazy(async () => ({ default: await (first ?? load()).catch(load) }));
}

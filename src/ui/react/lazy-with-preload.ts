import { lazy, type ComponentType, type LazyExoticComponent } from 'react';

/**
 * Returns a lazy component whose code starts loading together with the frame, without the frame waiting for it.
 * @param load imports the component; retried once if the first attempt fails
 */
export function lazyWithPreload<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
): LazyExoticComponent<ComponentType<Props>> {
  // The server renders the frame only.
  const first = typeof window === 'undefined' ? undefined : load();
  // Reported by the retry, if that fails too.
  first?.catch(() => undefined);
  return lazy(async () => ({ default: await (first ?? load()).catch(load) }));
}

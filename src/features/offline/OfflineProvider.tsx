'use client';

import { createContext, use, useEffect, useMemo, useState, type ReactNode } from 'react';
import { atBase } from '../../offline/base-path';
import { OFFLINE_SCRIPT } from '../../offline/places';

/** Whether the app is kept in the browser. */
export interface Offline {
  /**
   * none: this browser keeps none, or not for this address; keeping: on its way; kept: works without the
   * server; newer: kept, and a newer one lies ready.
   */
  readonly state: 'none' | 'keeping' | 'kept' | 'newer';
  /** Activates the newer version and reloads the page. */
  readonly update: () => void;
}

const OfflineContext = createContext<Offline>({ state: 'none', update: () => undefined });

const canKeep = () =>
  process.env.NODE_ENV === 'production' &&
  (navigator as { readonly serviceWorker?: ServiceWorkerContainer }).serviceWorker !== undefined;

/** Keeps the app in the browser after the first visit, and learns when there is a newer one. */
export function OfflineProvider({ children }: { children: ReactNode }) {
  const [state, setState] = useState<Offline['state']>('none');
  const [update, setUpdate] = useState<() => void>(() => () => undefined);
  useEffect(() => {
    if (!canKeep()) return;
    let stays = true;
    const keep = async () => {
      // After the page has loaded.
      const { Serwist } = await import('@serwist/window');
      const script = new Serwist(atBase(OFFLINE_SCRIPT), { scope: atBase('/') });
      const say = (next: Offline['state']) => stays && setState(next);
      script.addEventListener('installing', ({ isUpdate }) => !isUpdate && say('keeping'));
      script.addEventListener('activated', () => say('kept'));
      script.addEventListener('waiting', () => say('newer'));
      script.addEventListener('controlling', ({ isUpdate }) => isUpdate && location.reload());
      if (stays) setUpdate(() => () => script.messageSkipWaiting());
      const registration = await script.register();
      if (registration?.active && !registration.waiting) say('kept');
    };
    keep().catch(() => stays && setState('none'));
    return () => {
      stays = false;
    };
  }, []);
  return <OfflineContext value={useMemo(() => ({ state, update }), [state, update])}>{children}</OfflineContext>;
}

export function useOffline(): Offline {
  return use(OfflineContext);
}

'use client';

import { useEffect, useState } from 'react';
import { definite } from '../../core/items';
import { SHARED_CACHE, SHARED_PARAM } from '../../offline/places';
import { useStableCallback } from '../../ui/react/useStableCallback';

/** Takes the files that another app shared out of the cache in which they wait. */
async function takeShared(): Promise<readonly File[]> {
  const cache = await caches.open(SHARED_CACHE);
  const requests = await cache.keys();
  const files = await Promise.all(
    requests.map(async (request) => {
      const response = definite(await cache.match(request));
      return new File([await response.blob()], decodeURIComponent(response.headers.get('x-file-name') ?? ''));
    }),
  );
  await Promise.all(requests.map((request) => cache.delete(request)));
  return files;
}

/**
 * Is given the files that another app shared with this one.
 * @param isReady until then they wait
 * @returns lost where the address tells that files were shared which did not arrive
 */
export function useSharedFiles(onFiles: (files: readonly File[]) => void, isReady: boolean): 'lost' | undefined {
  const take = useStableCallback(onFiles);
  const [isLost, setLost] = useState(false);
  useEffect(() => {
    const address = new URL(window.location.href);
    const shared = address.searchParams.get(SHARED_PARAM);
    if (!isReady || shared === null) return;
    // Reloading the page shares nothing again.
    address.searchParams.delete(SHARED_PARAM);
    window.history.replaceState(null, '', address);
    const taking = shared === 'files' ? takeShared() : Promise.resolve([]);
    taking.then(
      (files) => (files.length > 0 ? take(files) : setLost(true)),
      () => setLost(true),
    );
  }, [isReady, take]);
  return isLost ? 'lost' : undefined;
}

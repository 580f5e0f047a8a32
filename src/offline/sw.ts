// Answers for the server once the app has been visited: from what was kept at that visit, whether the server
// is reachable or not, so that one version serves all pages until the user takes the next.
import { NetworkOnly, PrecacheRoute, Serwist, type PrecacheEntry } from 'serwist';
import { atBase } from './base-path';
import { FIRST_PAGE, FORMER_PAGES, SHARED_AT, SHARED_CACHE, SHARED_PARAM, SHARE_FIELD, SHARE_PATH } from './places';

declare const self: ServiceWorkerGlobalScope & {
  /** Written in when this is built: all scripts, styles, fonts and pages. */
  readonly __SW_MANIFEST: (PrecacheEntry | string)[];
};

/** A worker's script derives what to load from its address; a cached response reports the address it was cached under. */
async function underAskedAddress({ request, response }: { readonly request: Request; readonly response: Response }) {
  return request.destination === 'worker' ? new Response(await response.blob(), response) : response;
}

const kept = new Serwist({
  // The user decides when the next version takes over.
  skipWaiting: false,
  clientsClaim: true,
  precacheOptions: {
    cleanupOutdatedCaches: true,
    concurrency: 6,
    plugins: [{ handlerWillRespond: underAskedAddress }],
  },
});

// Partial page data depend on the state of the page: offline the whole page is loaded instead.
kept.registerCapture(({ request, sameOrigin }) => sameOrigin && request.headers.has('rsc'), new NetworkOnly());

// An address without a page, and those that pages had before; with whatever else is in the address.
const REDIRECTS: Readonly<Record<string, string>> = Object.fromEntries(
  Object.entries({ '/': FIRST_PAGE, ...FORMER_PAGES }).map(([path, page]) => [atBase(path), atBase(page)]),
);

kept.registerCapture(
  ({ request, url, sameOrigin }) => sameOrigin && request.mode === 'navigate' && url.pathname in REDIRECTS,
  ({ url }) => Promise.resolve(Response.redirect(`${REDIRECTS[url.pathname]}${url.search}`)),
);

/** Keeps what another app shares until the page of rides takes it; @returns what that page's address says of it. */
async function keepShared(request: Request): Promise<'files' | 'none'> {
  try {
    const form = await request.formData();
    const cache = await caches.open(SHARED_CACHE);
    const files = form.getAll(SHARE_FIELD).filter((value): value is File => value instanceof File);
    for (const [index, file] of files.entries()) {
      const headers = { 'x-file-name': encodeURIComponent(file.name) };
      await cache.put(atBase(`${SHARE_PATH}/${Date.now()}-${index}`), new Response(file, { headers }));
    }
    return files.length > 0 ? 'files' : 'none';
  } catch {
    // No room, or nothing of a form: the page says so.
    return 'none';
  }
}

kept.registerCapture(
  ({ url, sameOrigin }) => sameOrigin && url.pathname === atBase(SHARE_PATH),
  async ({ request }) => Response.redirect(`${atBase(SHARED_AT)}?${SHARED_PARAM}=${await keepShared(request)}`, 303),
  'POST',
);

kept.addToPrecacheList(self.__SW_MANIFEST);
kept.registerRoute(
  new PrecacheRoute(kept, {
    // State of the page may be in the address.
    ignoreURLParametersMatching: [/.*/],
  }),
);

kept.addEventListeners();

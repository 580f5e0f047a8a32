// Answers for the server once the app has been visited: from what was kept at that visit, whether the server
// is there or not, so that one version runs from the first page to the last until the person takes the next.
import { NetworkOnly, PrecacheRoute, Serwist, type PrecacheEntry } from 'serwist';
import { FIRST_PAGE } from './places';

declare const self: ServiceWorkerGlobalScope & {
  /** Written in when this is built: all scripts, styles, fonts and pages. */
  readonly __SW_MANIFEST: (PrecacheEntry | string)[];
};

/** A worker's script learns from its address what to load; a kept answer says the address that it was kept under. */
async function underAskedAddress({ request, response }: { readonly request: Request; readonly response: Response }) {
  return request.destination === 'worker' ? new Response(await response.blob(), response) : response;
}

const kept = new Serwist({
  // The person says when the next version takes over.
  skipWaiting: false,
  clientsClaim: true,
  precacheOptions: {
    cleanupOutdatedCaches: true,
    concurrency: 6,
    plugins: [{ handlerWillRespond: underAskedAddress }],
  },
});

// Parts of pages hang on what the page has already: without the server the page itself is loaded instead.
kept.registerCapture(({ request, sameOrigin }) => sameOrigin && request.headers.has('rsc'), new NetworkOnly());

// Whoever asks for no page, also with something in the address.
kept.registerCapture(
  ({ request, url, sameOrigin }) => sameOrigin && request.mode === 'navigate' && url.pathname === '/',
  ({ url }) => Promise.resolve(Response.redirect(`${FIRST_PAGE}${url.search}`)),
);

kept.addToPrecacheList(self.__SW_MANIFEST);
kept.registerRoute(
  new PrecacheRoute(kept, {
    // What is on screen may stand in the address.
    ignoreURLParametersMatching: [/.*/],
  }),
);

kept.addEventListeners();

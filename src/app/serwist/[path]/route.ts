import { createSerwistRoute } from '@serwist/turbopack';
import { PAGES } from '../../../offline/places';
import { definite } from '../../../core/items';

/** The script that answers when the server does not, built with the list of all that it keeps. */
export const { dynamic, dynamicParams, revalidate, generateStaticParams, GET } = createSerwistRoute({
  swSrc: 'src/offline/sw.ts',
  useNativeEsbuild: true,
  globPatterns: ['.next/static/**/*.{js,css,woff2}'],
  additionalPrecacheEntries: [...PAGES, '/icon.svg'].map((url) => ({
    url,
    revision: definite(process.env.RONTEL_BUILD),
  })),
  esbuildOptions: { format: 'iife', sourcemap: false },
});

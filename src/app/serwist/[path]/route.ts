import { createSerwistRoute } from '@serwist/turbopack';
import { atBase, BASE_PATH } from '../../../offline/base-path';
import { ICONS, iconPath } from '../../../offline/icons';
import { PAGES } from '../../../offline/places';
import { definite } from '../../../core/items';

/** The script that answers when the server does not, built with the list of all that it keeps. */
export const { dynamic, dynamicParams, revalidate, generateStaticParams, GET } = createSerwistRoute({
  swSrc: 'src/offline/sw.ts',
  useNativeEsbuild: true,
  globPatterns: ['.next/static/**/*.{js,css,woff2}'],
  additionalPrecacheEntries: [...PAGES, '/icon.svg', ...ICONS.map(({ name }) => iconPath(name))].map((path) => ({
    url: atBase(path),
    revision: definite(process.env.RONTEL_BUILD),
  })),
  esbuildOptions: {
    format: 'iife',
    sourcemap: false,
    define: { 'process.env.RONTEL_BASE_PATH': JSON.stringify(BASE_PATH) },
  },
});

import type { MetadataRoute } from 'next';
import { LIGHT } from '../ui/theme/palette';
import { FIRST_PAGE } from '../offline/places';

/** Web app manifest, for installation on a device. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Rontel: plan a drivetrain',
    short_name: 'Rontel',
    description: 'Plan a bicycle drivetrain: gears, steps, capacity, chain and swap.',
    id: '/',
    start_url: FIRST_PAGE,
    display: 'standalone',
    background_color: LIGHT.sheet,
    theme_color: LIGHT.steel,
    icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
  };
}

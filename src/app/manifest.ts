import type { MetadataRoute } from 'next';
import { atBase } from '../offline/base-path';
import { ICONS, iconPath } from '../offline/icons';
import { FIRST_PAGE, SHARE_FIELD, SHARE_PATH } from '../offline/places';
import { LIGHT } from '../ui/theme/palette';
import { MANIFEST_SCREENSHOTS } from './manifest-screenshots';
import { RIDE_FILE_TYPES } from '../formats/ride/file-types';
import { t } from './text';

/** Web app manifest: how the app is installed on a device, and what the device may hand to it. */
export default function manifest(): MetadataRoute.Manifest {
  const shortcutIcons = [{ src: atBase(iconPath('icon-192.png')), sizes: '192x192', type: 'image/png' }];
  return {
    name: t('manifest.name'),
    short_name: t('manifest.shortName'),
    description: t('manifest.description'),
    lang: 'en',
    id: atBase('/'),
    scope: atBase('/'),
    start_url: atBase(FIRST_PAGE),
    display: 'standalone',
    background_color: LIGHT.sheet,
    theme_color: LIGHT.steel,
    icons: [
      { src: atBase('/icon.svg'), sizes: 'any', type: 'image/svg+xml', purpose: 'any' },
      ...ICONS.flatMap(({ name, sidePx, purpose }) =>
        purpose === 'apple'
          ? []
          : [{ src: atBase(iconPath(name)), sizes: `${sidePx}x${sidePx}`, type: 'image/png', purpose }],
      ),
    ],
    screenshots: MANIFEST_SCREENSHOTS.map(({ name, ...picture }) => ({
      ...picture,
      src: atBase(`/screenshots/${name}`),
      type: 'image/png',
    })),
    shortcuts: [
      { name: t('manifest.newJob'), url: atBase('/jobs'), icons: shortcutIcons },
      { name: t('manifest.compare'), url: atBase('/compare'), icons: shortcutIcons },
    ],
    file_handlers: [
      { action: atBase('/rides'), accept: RIDE_FILE_TYPES },
      { action: atBase('/settings'), accept: { 'application/json': ['.json'] } },
    ],
    share_target: {
      action: atBase(SHARE_PATH),
      method: 'post',
      enctype: 'multipart/form-data',
      params: { files: [{ name: SHARE_FIELD, accept: Object.entries(RIDE_FILE_TYPES).flat(2) }] },
    },
  };
}

import { t } from './text';

/** Pictures of the README that a device shows before the app is installed. */
export const MANIFEST_SCREENSHOTS = [
  { name: 'gears.png', sizes: '1280x800', form_factor: 'wide', label: t('manifest.gears') },
  { name: 'jobs.png', sizes: '1280x800', form_factor: 'wide', label: t('manifest.jobs') },
  { name: 'gears-phone.png', sizes: '390x844', form_factor: 'narrow', label: t('manifest.gears') },
  { name: 'work-phone.png', sizes: '390x844', form_factor: 'narrow', label: t('manifest.work') },
] as const;

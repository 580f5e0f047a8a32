/** A picture of the app for a device, square. */
interface AppIcon {
  readonly name: string;
  readonly sidePx: number;
  /** What is left at each edge for the system to cut off, as a share of the side. */
  readonly marginShare: number;
  readonly purpose: 'any' | 'maskable' | 'apple';
}

/** All icons that the app is installed with. A mask keeps the middle 80 % (W3C, Web Application Manifest). */
export const ICONS: readonly AppIcon[] = [
  { name: 'icon-192.png', sidePx: 192, marginShare: 0, purpose: 'any' },
  { name: 'icon-512.png', sidePx: 512, marginShare: 0, purpose: 'any' },
  { name: 'maskable-192.png', sidePx: 192, marginShare: 0.12, purpose: 'maskable' },
  { name: 'maskable-512.png', sidePx: 512, marginShare: 0.12, purpose: 'maskable' },
  { name: 'apple-touch-180.png', sidePx: 180, marginShare: 0.08, purpose: 'apple' },
];

/** The address of an icon within the app. */
export const iconPath = (name: string) => `/icons/${name}`;

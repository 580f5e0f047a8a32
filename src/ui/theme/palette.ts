import { itemAt } from '../../core/items';
/** The colours of one mode, by what they are for. All text pairs meet 4.5 : 1. */
export interface Palette {
  /** The background that panels lie on. */
  readonly ground: string;
  /** A sheet: panels and fields. */
  readonly sheet: string;
  /** A sheet's shaded part: table heads, readouts. */
  readonly shade: string;
  readonly ink: string;
  readonly inkSoft: string;
  /** Lines that part things. */
  readonly line: string;
  /** Edges of things to press or type in: 3 : 1 on the sheet. */
  readonly edge: string;
  /** The steel rule at the top, and what is engraved in it. */
  readonly steel: string;
  readonly steelInk: string;
  readonly steelSoft: string;
  /** Marking ink: what is chosen, pressed, focused. */
  readonly mark: string;
  readonly markWash: string;
  readonly onMark: string;
  /** Past a limit, or not readable. */
  readonly stop: string;
  /** The places of the workspace; each with a letter, a shape and a line pattern besides. */
  readonly setupA: string;
  readonly setupAWash: string;
  readonly setupB: string;
  readonly setupBWash: string;
  readonly setupC: string;
  readonly setupCWash: string;
  readonly setupD: string;
  readonly setupDWash: string;
}

export const LIGHT: Palette = {
  ground: '#dfe3e4',
  sheet: '#fbfbf9',
  shade: '#f0f2f1',
  ink: '#151d20',
  inkSoft: '#4c595d',
  line: '#d2d8d8',
  edge: '#87949a',
  steel: '#2b373c',
  steelInk: '#f3f5f4',
  steelSoft: '#b4c0c3',
  mark: '#343fa0',
  markWash: '#e4e6f5',
  onMark: '#ffffff',
  stop: '#a3261a',
  setupA: '#0b625f',
  setupAWash: '#d5e6e3',
  setupB: '#a04a06',
  setupBWash: '#f4e2d2',
  setupC: '#84266f',
  setupCWash: '#f1dcec',
  setupD: '#5c5a00',
  setupDWash: '#e9e7c8',
};

export const DARK: Palette = {
  ground: '#0f1517',
  sheet: '#182023',
  shade: '#20292d',
  ink: '#e9eeec',
  inkSoft: '#a9b6b8',
  line: '#2f3a3e',
  edge: '#6c7a80',
  steel: '#070b0d',
  steelInk: '#f0f3f2',
  steelSoft: '#93a1a5',
  mark: '#a9b2ff',
  markWash: '#272d4d',
  onMark: '#10142e',
  stop: '#ff9483',
  setupA: '#5ac4b8',
  setupAWash: '#1d3a38',
  setupB: '#f0a060',
  setupBWash: '#45301c',
  setupC: '#e79ad6',
  setupCWash: '#432a3e',
  setupD: '#d3d06a',
  setupDWash: '#3a391b',
};

export const FONT_FAMILY = "'Archivo Variable', system-ui, sans-serif";

const kebab = (name: string) => name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

function variables(palette: Palette): string {
  return Object.entries(palette)
    .map(([name, value]) => `--${kebab(name)}:${value as string};`)
    .join('');
}

/** The colours of a place of the workspace, as values. */
export function setupColours(palette: Palette, place: number): { readonly line: string; readonly wash: string } {
  return itemAt(
    [
      { line: palette.setupA, wash: palette.setupAWash },
      { line: palette.setupB, wash: palette.setupBWash },
      { line: palette.setupC, wash: palette.setupCWash },
      { line: palette.setupD, wash: palette.setupDWash },
    ],
    place,
  );
}

/** Both palettes as style sheet text: the system's choice unless the page sets another. */
export function paletteCss(): string {
  return [
    `:root{color-scheme:light;--font:${FONT_FAMILY};${variables(LIGHT)}}`,
    `@media (prefers-color-scheme:dark){:root:not([data-theme=light]){color-scheme:dark;${variables(DARK)}}}`,
    `:root[data-theme=dark]{color-scheme:dark;${variables(DARK)}}`,
    // Paper is light, whatever the screen was.
    `@media print{:root:root:root{color-scheme:light;${variables(LIGHT)}}}`,
  ].join('\n');
}

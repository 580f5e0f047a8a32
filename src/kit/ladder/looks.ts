import { signOf } from '../bench/setup-sign';
import type { NamedLooks } from './ahead-protocol';
import { LOOKS } from './scene';
import { lookKey, type Look } from './shapes';

/** The widths of a font that a canvas has names for, percent. */
const STRETCHES: readonly (readonly [percent: number, name: CanvasFontStretch])[] = [
  [75, 'condensed'],
  [87.5, 'semi-condensed'],
  [100, 'normal'],
  [112.5, 'semi-expanded'],
];

const SVG = 'http://www.w3.org/2000/svg';

/** The looks of a drawing as its style sheet has them now, read once and kept until colours or width change. */
export class LookBook {
  private readonly looks = new Map<string, Look>();
  private readAs = '';

  /** @param classNames of the style sheet, by the names in looks */
  constructor(
    private readonly drawing: SVGSVGElement,
    private readonly classNames: Readonly<Record<string, string>>,
  ) {}

  /** Reads anew what has changed. @param places on the bench @returns what was read */
  renew(places: readonly number[]): NamedLooks {
    if (!this.areOfNow()) this.looks.clear();
    this.readAs = stateOfPage();
    return this.learn(places);
  }

  /** Whether what hangs on them beside the style sheet is as it was when they were read. */
  areOfNow(): boolean {
    return this.readAs === stateOfPage();
  }

  /** Reads the looks of lanes that are not known yet. @returns those */
  learn(places: readonly number[]): NamedLooks {
    const unknown = places.filter((place) => !this.looks.has(lookKey(place, LOOKS[0]!)));
    return this.read(unknown.flatMap((place) => LOOKS.map((look) => ({ place, look }))));
  }

  all(): NamedLooks {
    return [...this.looks];
  }

  private read(wanted: readonly { readonly place: number; readonly look: string }[]): NamedLooks {
    if (wanted.length === 0) return [];
    const room = document.createElementNS(SVG, 'g');
    room.setAttribute('visibility', 'hidden');
    const probes = wanted.map(({ place, look }) => {
      const lane = document.createElementNS(SVG, 'g');
      lane.dataset.setup = signOf(place);
      const probe = document.createElementNS(SVG, 'text');
      probe.setAttribute(
        'class',
        look
          .split(' ')
          .map((name) => this.classNames[name])
          .join(' '),
      );
      lane.append(probe);
      room.append(lane);
      return { key: lookKey(place, look), probe };
    });
    this.drawing.append(room);
    const read = probes.map(({ key, probe }) => [key, lookOf(getComputedStyle(probe))] as const);
    room.remove();
    for (const [key, look] of read) this.looks.set(key, look);
    return read;
  }
}

let dark: MediaQueryList | undefined;

/** What looks hang on beside the style sheet. */
function stateOfPage(): string {
  dark ??= matchMedia('(prefers-color-scheme: dark)');
  return `${document.documentElement.dataset.theme} ${dark.matches} ${innerWidth}`;
}

function lookOf(style: CSSStyleDeclaration): Look {
  const stretch = parseFloat(style.fontStretch);
  const nearest = STRETCHES.reduce((best, one) =>
    Math.abs(one[0] - stretch) < Math.abs(best[0] - stretch) ? one : best,
  );
  return {
    fill: inkOf(style.fill),
    stroke: inkOf(style.stroke),
    lineWidth: parseFloat(style.strokeWidth),
    dash: style.strokeDasharray === 'none' ? [] : style.strokeDasharray.split(/[ ,]+/).map(parseFloat),
    opacity: Number(style.opacity),
    font: `${style.fontWeight} ${style.fontSize} ${style.fontFamily}`,
    fontStretch: nearest[1],
    align: style.textAnchor === 'middle' ? 'center' : 'left',
  };
}

/** A colour that leaves something on the sheet. */
function inkOf(colour: string): string | undefined {
  return colour === 'none' || colour === 'rgba(0, 0, 0, 0)' ? undefined : colour;
}

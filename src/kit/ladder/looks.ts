import { signOf } from '../bench/setup-sign';
import { LOOKS, type LadderScene } from './scene';

/** What a look of the style sheet is for a canvas. */
export interface Look {
  readonly fill: string | undefined;
  readonly stroke: string | undefined;
  readonly lineWidth: number;
  readonly dash: readonly number[];
  readonly opacity: number;
  readonly font: string;
  readonly fontStretch: CanvasFontStretch;
  readonly align: CanvasTextAlign;
}

/** The widths of a font that a canvas has names for, percent. */
const STRETCHES: readonly (readonly [percent: number, name: CanvasFontStretch])[] = [
  [75, 'condensed'],
  [87.5, 'semi-condensed'],
  [100, 'normal'],
  [112.5, 'semi-expanded'],
];

/** The look that has the sheet's own colour. */
const SHEET = 'plate';
const SVG = 'http://www.w3.org/2000/svg';
const keyOf = (place: number, look: string) => `${place} ${look}`;

/** The looks of a drawing as its style sheet has them now, read once and kept until colours or width change. */
export class LookBook {
  private readonly looks = new Map<string, Look>();
  private readAs = '';

  /** @param classNames of the style sheet, by the names in looks */
  constructor(
    private readonly drawing: SVGSVGElement,
    private readonly classNames: Readonly<Record<string, string>>,
  ) {}

  /** Reads anew what has changed. @returns whether it is the first time */
  renew(scene: LadderScene): boolean {
    const isFirst = this.readAs === '';
    const now = stateOfPage();
    if (now !== this.readAs) this.looks.clear();
    this.readAs = now;
    this.learn(scene);
    return isFirst;
  }

  /** Reads the looks of a scene's lanes that are not known yet. */
  learn({ lanes }: LadderScene): void {
    const all = lanes.flatMap(({ place }) => LOOKS.map((look) => ({ place, look })));
    this.read(all.filter(({ place, look }) => !this.looks.has(keyOf(place, look))));
  }

  /** The colour that all of it stands on. */
  sheet(place: number): string {
    return this.of(place, SHEET).fill!;
  }

  of(place: number, look: string): Look {
    return this.looks.get(keyOf(place, look))!;
  }

  private read(wanted: readonly { readonly place: number; readonly look: string }[]): void {
    if (wanted.length === 0) return;
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
      return { key: keyOf(place, look), probe };
    });
    this.drawing.append(room);
    for (const { key, probe } of probes) this.looks.set(key, lookOf(getComputedStyle(probe)));
    room.remove();
  }
}

/** What looks hang on beside the style sheet. */
function stateOfPage(): string {
  const isDark = matchMedia('(prefers-color-scheme: dark)').matches;
  return `${document.documentElement.dataset.theme} ${isDark} ${innerWidth}`;
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

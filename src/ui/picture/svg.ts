import { t } from './text';
import { itemAt, definite } from '../../core/items';
/** Properties that a drawing takes from style sheets; copied into the exported file, so that it is self-contained. */
const PROPERTIES = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'opacity',
  'paint-order',
  'font-family',
  'font-size',
  'font-weight',
  'font-stretch',
  'font-variant-numeric',
  'text-anchor',
] as const;

/** A picture as text that needs nothing from outside, with its size. */
export interface Picture {
  readonly svg: string;
  readonly width: number;
  readonly height: number;
}

/** A drawing on screen as a picture of its own: styles and font written in, on the sheet's colour. */
export async function svgPicture(drawing: SVGSVGElement | null): Promise<Picture> {
  if (!drawing) throw new Error(t('svg.notOnScreenYet'));
  const { width, height } = drawing.getBoundingClientRect();
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  const originals = [drawing, ...drawing.querySelectorAll<SVGElement>('*')];
  [copy, ...copy.querySelectorAll<SVGElement>('*')].forEach((element, i) => {
    const style = getComputedStyle(itemAt(originals, i));
    element.removeAttribute('class');
    element.setAttribute('style', PROPERTIES.map((name) => `${name}:${style.getPropertyValue(name)}`).join(';'));
  });
  const backdrop = document.createElementNS('http://www.w3.org/2000/svg', 'rect');
  backdrop.setAttribute('width', '100%');
  backdrop.setAttribute('height', '100%');
  backdrop.setAttribute('fill', getComputedStyle(document.documentElement).getPropertyValue('--sheet'));
  const font = document.createElementNS('http://www.w3.org/2000/svg', 'style');
  font.textContent = await embeddedFont();
  copy.prepend(font, backdrop);
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  return { svg: new XMLSerializer().serializeToString(copy), width, height };
}

let font: Promise<string> | undefined;

/** The page's own font as a style with the file in it: a picture alone cannot fetch it. */
export function embeddedFont(): Promise<string> {
  font ??= findFont();
  return font;
}

async function findFont(): Promise<string> {
  for (const sheet of document.styleSheets) {
    for (const rule of sheet.cssRules) {
      // Latin is all that the pictures write in.
      if (!(rule instanceof CSSFontFaceRule) || !/U\+0-FF|U\+0000-00FF/i.test(rule.cssText)) continue;
      const address = /url\("?([^")]+)"?\)/.exec(rule.cssText)?.[1];
      if (!address) continue;
      const file = await fetch(new URL(address, sheet.href ?? location.href));
      const bytes = new Uint8Array(await file.arrayBuffer());
      const data = btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''));
      return rule.cssText.replace(/src:[^;]+;/, `src: url(data:font/woff2;base64,${data}) format("woff2");`);
    }
  }
  return '';
}

/** Pixels of a PNG for one on screen: sharp in print. */
const PNG_SCALE = 2;

/** The picture as PNG. */
export async function pngOf({ svg, width, height }: Picture): Promise<Blob> {
  const image = new Image();
  const address = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }));
  try {
    image.src = address;
    await image.decode();
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(width * PNG_SCALE);
    canvas.height = Math.round(height * PNG_SCALE);
    definite(canvas.getContext('2d')).drawImage(image, 0, 0, canvas.width, canvas.height);
    return await new Promise((resolve, reject) =>
      canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error(t('svg.noPng')))), 'image/png'),
    );
  } finally {
    URL.revokeObjectURL(address);
  }
}

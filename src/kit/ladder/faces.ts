import type { Face } from './ahead-protocol';

/**
 * The faces that the page's style sheets name and that the page has loaded: a worker that writes on a canvas has none of
 * the page's fonts.
 */
export function facesOfPage(): Face[] {
  const ranges = new Set([...document.fonts].filter(({ status }) => status === 'loaded').map((face) => faceKey(face)));
  // What a browser's extension has put into the page may not be read.
  const own = [...document.styleSheets].filter(({ href }) => !href || new URL(href).origin === location.origin);
  return own.flatMap((sheet) =>
    [...sheet.cssRules].flatMap((rule) => {
      if (!(rule instanceof CSSFontFaceRule)) return [];
      const face = faceOf(rule.style, sheet.href ?? document.baseURI);
      return ranges.has(faceKey({ family: face.family, unicodeRange: face.descriptors.unicodeRange! })) ? [face] : [];
    }),
  );
}

const withoutQuotes = (family: string) => family.replace(/^["']|["']$/g, '');
const faceKey = ({ family, unicodeRange }: { readonly family: string; readonly unicodeRange: string }) =>
  `${withoutQuotes(family)} ${unicodeRange}`;

function faceOf(style: CSSStyleDeclaration, base: string): Face {
  const valueOf = (name: string, otherwise: string) => style.getPropertyValue(name) || otherwise;
  return {
    family: withoutQuotes(valueOf('font-family', '')),
    source: valueOf('src', '').replace(/url\("([^"]+)"\)/g, (_, url: string) => `url("${new URL(url, base).href}")`),
    descriptors: {
      style: valueOf('font-style', 'normal'),
      weight: valueOf('font-weight', 'normal'),
      stretch: valueOf('font-stretch', 'normal'),
      unicodeRange: valueOf('unicode-range', 'U+0-10FFFF'),
    },
  };
}

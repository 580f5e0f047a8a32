/** How text is written in a file: a name that TextDecoder knows, and the bytes before the text begins. */
interface TextEncoding {
  readonly label: string;
  readonly begins: number;
}

/** Blank bytes that may stand before an XML file. */
const BLANKS = new Set([0x20, 0x09, 0x0a, 0x0d]);
/** Of the start of a file, in which its XML declaration stands. */
const DECLARATION_BYTES = 200;

/** Recognizes how text is written: by its byte order mark, by zeros beside ASCII, or by its XML declaration; else it is UTF-8. */
export function encodingOf(bytes: Uint8Array): TextEncoding {
  const [a, b, c] = bytes;
  if (a === 0xef && b === 0xbb && c === 0xbf) return { label: 'utf-8', begins: 3 };
  if (a === 0xff && b === 0xfe) return { label: 'utf-16le', begins: 2 };
  if (a === 0xfe && b === 0xff) return { label: 'utf-16be', begins: 2 };
  if (a !== 0 && b === 0 && c !== 0 && bytes[3] === 0) return { label: 'utf-16le', begins: 0 };
  if (a === 0 && b !== 0 && c === 0 && bytes[3] !== 0) return { label: 'utf-16be', begins: 0 };
  const declared = /^\s*<\?xml[^>]*\sencoding\s*=\s*["']([\w.:-]+)["']/.exec(
    new TextDecoder('latin1').decode(bytes.subarray(0, DECLARATION_BYTES)),
  )?.[1];
  return { label: declared && isKnown(declared) ? declared : 'utf-8', begins: 0 };
}

/** Number of blank bytes at the start, which the standard does not allow before an XML declaration. */
export function leadingBlanks(bytes: Uint8Array): number {
  const first = bytes.findIndex((byte) => !BLANKS.has(byte));
  return first < 0 ? bytes.length : first;
}

/** The start of a text file as text. */
export function startOf(bytes: Uint8Array, most = 4000): string {
  const { label, begins } = encodingOf(bytes);
  return new TextDecoder(label).decode(bytes.subarray(begins, begins + most), { stream: true });
}

function isKnown(label: string): boolean {
  try {
    new TextDecoder(label);
    return true;
  } catch {
    return false;
  }
}

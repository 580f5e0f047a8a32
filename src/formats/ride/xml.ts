import { SaxesParser } from 'saxes';
import { fileFailure, type FileFailure, type OnProgress } from './result';
import { encodingOf, leadingBlanks } from './text-of-bytes';
import { t } from '../text';
import { lastOf, definite } from '../../core/items';

/** Size of the chunks in which text is decoded, bytes, so that the whole is never in memory twice. */
const PIECE_BYTES = 256 * 1024;

interface XmlHandlers {
  /** @param path local names from the root to this element */
  readonly open: (path: readonly string[], attributes: Readonly<Record<string, string>>) => void;
  readonly close: (path: readonly string[], text: string) => void;
  /** Element whose text is read however long it is. */
  readonly longElement?: string;
}

type XmlResult = { readonly ok: true } | { readonly ok: false; readonly failure: FileFailure };

/** Handlers may end the reading early by throwing this. */
export class StopReading extends Error {
  constructor(readonly failure: FileFailure) {
    super(failure.message);
  }
}

/**
 * Reads XML as it comes, without building a tree. Entities that the file defines itself are not
 * expanded: the parser knows the five of XML alone, any other ends the reading.
 */
export function readXml(
  bytes: Uint8Array,
  { open, close, longElement }: XmlHandlers,
  onProgress?: OnProgress,
): XmlResult {
  const parser = new SaxesParser();
  const path: string[] = [];
  const texts: string[] = [];
  const read = { ended: false };
  parser.on('error', (error) => {
    throw error;
  });
  parser.on('opentag', ({ name, attributes }) => {
    path.push(localName(name));
    texts.push('');
    open(path, attributes);
  });
  parser.on('text', (text) => {
    if (texts.length === 0) return;
    // No other element that is read contains long text.
    if (lastOf(texts).length < 1000 || path.at(-1) === longElement) texts[texts.length - 1] = lastOf(texts) + text;
  });
  parser.on('closetag', () => {
    close(path, definite(texts.pop()).trim());
    path.pop();
    read.ended = path.length === 0;
  });
  const { label, begins } = encodingOf(bytes);
  const decoder = new TextDecoder(label);
  try {
    for (let at = begins + leadingBlanks(bytes.subarray(begins)); at < bytes.length; at += PIECE_BYTES) {
      parser.write(decoder.decode(bytes.subarray(at, at + PIECE_BYTES), { stream: true }));
      onProgress?.(Math.min(1, (at + PIECE_BYTES) / bytes.length));
    }
    parser.write(decoder.decode());
    parser.close();
    return { ok: true };
  } catch (error) {
    if (error instanceof StopReading) return { ok: false, failure: error.failure };
    const cause = error instanceof Error ? error.message.slice(0, 160) : String(error);
    const cut =
      !read.ended &&
      (/unclosed|unexpected end|must contain a root/i.test(cause) || path.length > 0) &&
      /unclosed|unexpected end/i.test(cause);
    return cut
      ? fileFailure('truncated', t('ride.xmlCut', { cause }))
      : fileFailure('notXml', t('ride.xmlBroken', { cause }));
  }
}

const localName = (name: string) => name.slice(name.indexOf(':') + 1);

/** A number as XML writes it; undefined where it is none. */
export function numberOf(text: string): number | undefined {
  const value = text === '' ? NaN : Number(text);
  return Number.isFinite(value) ? value : undefined;
}

/** An instant as XML writes it (ISO 8601), milliseconds since 1970. */
export function timeOf(text: string): number {
  const time = Date.parse(text);
  if (Number.isNaN(time)) {
    throw new StopReading({
      kind: 'damaged',
      message: t('ride.xmlTime', { text: text.slice(0, 40) }),
    });
  }
  return time;
}

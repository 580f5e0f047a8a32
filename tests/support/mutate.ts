import { seededRandom } from './rides';

/** Pieces that break parsers: markup, control characters, other directions, huge numbers, names of the language's own. */
const NASTY = [
  '',
  '\u0000',
  '\u0007\u001b[2J',
  '\u202eevil\u202c',
  '\ufeff',
  '\ud800',
  '<script>alert(1)</script>',
  '"><img src=x onerror=alert(1)>',
  "'; DROP TABLE bikes; --",
  '=HYPERLINK("http://x")',
  '../../etc/passwd',
  '__proto__',
  'constructor',
  'NaN',
  'Infinity',
  '-0',
  '1e309',
  '9'.repeat(400),
  '-1e-400',
  '0x7fffffff',
  'null',
  'true',
  '{}',
  '[]',
  '[[[[[[[[[[',
  '🚲'.repeat(50),
  'é'.repeat(10_000),
  '\r\n\r\n',
  '\t',
  ',,,,,,,,',
  '<!DOCTYPE x [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;">]>',
  '&b;',
] as const;

/** What is done to a text in one go. */
type Change = (text: string, at: number, to: number, piece: string) => string;

const CHANGES: readonly Change[] = [
  (text, at, to) => text.slice(0, at) + text.slice(to),
  (text, at, _, piece) => text.slice(0, at) + piece + text.slice(at),
  (text, at, to, piece) => text.slice(0, at) + piece + text.slice(to),
  (text, at, to) => text.slice(0, to) + text.slice(at, to) + text.slice(to),
  (text, at) => text.slice(0, at),
  (text, at) => text.slice(at),
];

/** `count` broken versions of a text, the same for the same seed; each has one to four changes. */
export function* mutatedTexts(text: string, count: number, seed: number): Generator<string> {
  const random = seededRandom(seed);
  const whole = (max: number) => Math.floor(random() * max);
  for (let i = 0; i < count; i += 1) {
    let broken = text;
    for (let changes = 1 + whole(4); changes > 0; changes -= 1) {
      const at = whole(broken.length + 1);
      const to = Math.min(broken.length, at + whole(40));
      broken = CHANGES[whole(CHANGES.length)]!(broken, at, to, NASTY[whole(NASTY.length)]!);
    }
    yield broken;
  }
}

/** The same for bytes: flipped, cut, doubled, overwritten with extremes. */
export function* mutatedBytes(bytes: Uint8Array, count: number, seed: number): Generator<Uint8Array<ArrayBuffer>> {
  const random = seededRandom(seed);
  const whole = (max: number) => Math.floor(random() * max);
  for (let i = 0; i < count; i += 1) {
    const broken = Uint8Array.from(bytes);
    for (let changes = 1 + whole(12); changes > 0; changes -= 1) {
      const at = whole(broken.length);
      broken[at] = [whole(256), 0, 255, 127, 128, broken[at]! ^ (1 << whole(8))][whole(6)]!;
    }
    yield whole(4) === 0 ? broken.subarray(0, whole(broken.length)) : broken;
  }
}

/** Values that stand where others are expected in JSON. */
const NASTY_VALUES: readonly unknown[] = [
  null,
  true,
  -1,
  0,
  1e308,
  0.1,
  '',
  '\u0000',
  '🚲',
  'x'.repeat(10_000),
  [],
  {},
  [[[[]]]],
  Array.from({ length: 5000 }, (_, i) => i),
  JSON.parse('{"__proto__":{"polluted":true},"constructor":{"prototype":{"polluted":true}}}'),
];

/** A JSON value with one part of it replaced, taken out or doubled; the text of it. */
export function* mutatedJson(value: unknown, count: number, seed: number): Generator<string> {
  const random = seededRandom(seed);
  const whole = (max: number) => Math.floor(random() * max);
  for (let i = 0; i < count; i += 1) {
    const root = { value: structuredClone(value) };
    let holder: Record<string, unknown> = root;
    let key = 'value';
    // Down into the value until chance stops it.
    for (;;) {
      const inner = holder[key];
      if (typeof inner !== 'object' || inner === null || Object.keys(inner).length === 0 || whole(6) === 0) break;
      holder = inner as Record<string, unknown>;
      const keys = Object.keys(inner);
      key = keys[whole(keys.length)]!;
    }
    const kind = whole(4);
    if (kind === 0) delete holder[key];
    else if (kind === 1) holder[`${key} ${whole(9)}`] = holder[key];
    else holder[key] = NASTY_VALUES[whole(NASTY_VALUES.length)];
    // A value without JSON of its own becomes an empty body.
    yield root.value === undefined ? '' : JSON.stringify(root.value);
  }
}

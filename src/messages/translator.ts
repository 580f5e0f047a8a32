import { IntlMessageFormat } from 'intl-messageformat';
import type { Messages } from './keys';
import { isPseudo, pseudoText } from './pseudo';
import { READER_LANGUAGE } from './reader';

/** The language that the catalogue is written in: its plurals go by it, whatever the reader's numbers look like. */
const CATALOGUE_LANGUAGE = 'en';

/** Messages of one part of the app, by role; each in ICU syntax. */
interface MessageTree {
  readonly [role: string]: string | MessageTree;
}

/** Returns the message of a key with its values filled in. */
type Translate<Part extends keyof Messages> = <Key extends keyof Messages[Part] & string>(
  key: Key,
  ...values: Messages[Part][Key] extends null ? [] : [values: Messages[Part][Key]]
) => string;

/**
 * Creates the translator of one part of the catalogue. A message is compiled at its first use.
 * @param part which one, for the types of its keys and values
 */
export function translator<Part extends keyof Messages>(part: Part, messages: MessageTree): Translate<Part> {
  const compiled = new Map<string, IntlMessageFormat>();
  const messageOf = (key: string): string => {
    const message = key
      .split('.')
      .reduce<string | MessageTree | undefined>(
        (at, role) => (typeof at === 'object' ? at[role] : undefined),
        messages,
      );
    if (typeof message !== 'string') throw new Error(`no message ${part}.${key}`);
    return message;
  };
  return (key, ...[values]) => {
    if (values === undefined) return isPseudo() ? pseudoText(messageOf(key)) : messageOf(key);
    let format = compiled.get(key);
    if (!format) {
      format = compile(messageOf(key));
      compiled.set(key, format);
    }
    return String(format.format(values as Record<string, string | number>));
  };
}

function compile(message: string): IntlMessageFormat {
  const options = { formatters: FORMATTERS, ignoreTag: true };
  const format = new IntlMessageFormat(message, CATALOGUE_LANGUAGE, STYLES, options);
  if (!isPseudo()) return format;
  return new IntlMessageFormat(pseudoElements(format.getAst()), CATALOGUE_LANGUAGE, STYLES, options);
}

const decimals = (least: number, most: number, signDisplay: 'auto' | 'always' = 'auto') => ({
  minimumFractionDigits: least,
  maximumFractionDigits: most,
  // Western digits, because fields parse no others; no grouping, because sizes are short.
  numberingSystem: 'latn',
  useGrouping: false,
  signDisplay,
});

/** Styles of numbers that messages name, as in {length, number, upTo1}. */
export const STYLES = {
  number: {
    fixed0: decimals(0, 0),
    fixed1: decimals(1, 1),
    fixed2: decimals(2, 2),
    fixed3: decimals(3, 3),
    fixed4: decimals(4, 4),
    signed0: decimals(0, 0, 'always'),
    signed2: decimals(2, 2, 'always'),
    upTo1: decimals(0, 1),
    upTo2: decimals(0, 2),
    all: decimals(0, 20),
  },
} as const;

/** Formats numbers with a true minus sign. */
const numberFormat = (style?: Intl.NumberFormatOptions) => {
  const format = new Intl.NumberFormat(READER_LANGUAGE, style);
  return {
    format: (value: number) => format.format(value).replace('-', '\u2212'),
  } as Pick<Intl.NumberFormat, 'format'> as Intl.NumberFormat;
};

const NUMBERS = new Intl.NumberFormat(READER_LANGUAGE);
const STYLED = new Map(Object.values(STYLES.number).map((style) => [style as unknown, numberFormat(style)]));
const DATES = new Intl.DateTimeFormat(READER_LANGUAGE);
const PLURALS = new Intl.PluralRules(CATALOGUE_LANGUAGE);

/**
 * Plurals by the language of the sentence, numbers as the reader writes them. Made once, for they take longer to make than a
 * message to format; messages use no other styles than those above.
 */
const FORMATTERS = {
  getNumberFormat: (_languages: unknown, style?: unknown) => STYLED.get(style) ?? NUMBERS,
  getDateTimeFormat: () => DATES,
  getPluralRules: () => PLURALS,
};

type Elements = ReturnType<IntlMessageFormat['getAst']>;

/** Returns the parts of a message with what is literal in them in pseudo letters. */
function pseudoElements(elements: Elements): Elements {
  return elements.map((element) => {
    if ('options' in element) {
      const options = Object.entries(element.options).map(([name, option]) => [
        name,
        { ...option, value: pseudoElements(option.value) },
      ]);
      return { ...element, options: Object.fromEntries(options) as typeof element.options };
    }
    return (element.type as number) === LITERAL && 'value' in element
      ? { ...element, value: pseudoText(element.value) }
      : element;
  });
}

/** The parser's mark of a stretch of plain text. */
const LITERAL = 0;

import type { AnyMessage, MessageValue } from '../core/message';

/** A translator of any part, whose keys and values are checked where the message is made. */
type Say = (key: string, values?: Readonly<Record<string, string | number>>) => string;

/** Creates the formatter of core's messages. @param t the translator of their part */
export function sayer(t: unknown): (message: AnyMessage) => string {
  const say = t as Say;
  const textOf = ({ code, values }: AnyMessage): string => {
    if (!values) return say(code);
    return say(code, Object.fromEntries(Object.entries(values).map(([name, value]) => [name, quoted(value)])));
  };
  /** Formats a value within a sentence; gears and names are separated by commas, clauses by semicolons. */
  const quoted = (value: MessageValue): string | number => {
    if (typeof value !== 'object') return value;
    if (!isSeveral(value)) return textOf(value);
    return value.map((one) => (typeof one === 'string' ? one : textOf(one))).join(value.some(isMessage) ? '; ' : ', ');
  };
  return textOf;
}

const isSeveral = (value: AnyMessage | readonly (string | AnyMessage)[]): value is readonly (string | AnyMessage)[] =>
  Array.isArray(value);
const isMessage = (value: string | AnyMessage): value is AnyMessage => typeof value !== 'string';

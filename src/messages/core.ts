import type { Message, MessageValue } from '../core/message';
import en from './en/core.json';
import { translator } from './translator';

const t = translator('core', en);
const say = t as (code: Message['code'], values?: Readonly<Record<string, string | number>>) => string;

/** Says what core found, in words. */
export function textOf({ code, values }: Message): string {
  if (!values) return say(code);
  return say(code, Object.fromEntries(Object.entries(values).map(([name, value]) => [name, quoted(value)])));
}

/** Says what is wrong with a value, in words. */
export const problemText = ({ message }: { readonly message: Message }): string => textOf(message);

/** A value as it stands in a sentence; gears and names are parted by commas, clauses by semicolons. */
function quoted(value: MessageValue): string | number {
  if (typeof value !== 'object') return value;
  if (!isSeveral(value)) return textOf(value);
  return value.map((one) => (typeof one === 'string' ? one : textOf(one))).join(value.some(isMessage) ? '; ' : ', ');
}

const isSeveral = (value: Message | readonly (string | Message)[]): value is readonly (string | Message)[] =>
  Array.isArray(value);
const isMessage = (value: string | Message): value is Message => typeof value !== 'string';

import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { catalogueMessages, coreMessagesSource, messageKeysSource } from '../../scripts/message-keys';
import { STYLES } from './translator';

const messages = catalogueMessages();

const SOURCES = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$|messages.keys\.ts$|core.message-values\.ts$/.test(file))
  .map((file) => readFileSync(join('src', file), 'utf8'))
  .join('\n');

/** All that stands between two quotation marks and could be a key. */
const QUOTED = new Set([...SOURCES.matchAll(/'([\w.-]+)'/g)].map(([, text]) => text!));

/** Keys that are put together from a stretch that is written and one that is worked out, as patterns. */
const patterns = [...SOURCES.matchAll(/\b(?:t|message|edit\w*)\(`([^`]+)`/g)].map(
  ([, key]) =>
    new RegExp(`^${key!.replace(/\$\{(?:[^{}]|\{[^{}]*\})*\}/g, '[^.]+').replace(/(?<!\^)\.(?!\+)/g, '\\.')}$`),
);

test('the types of keys and values are those of the catalogue (npm run messages)', () => {
  expect(readFileSync('src/messages/keys.ts', 'utf8')).toBe(messageKeysSource());
  expect(readFileSync('src/core/message-values.ts', 'utf8')).toBe(coreMessagesSource());
});

test('every message is said somewhere', () => {
  const unused = messages.filter(({ key }) => !QUOTED.has(key) && !patterns.some((pattern) => pattern.test(key)));
  expect(unused.map(({ part, key }) => `${part}.${key}`)).toEqual([]);
});

test('no message is empty, doubled in its spaces, or ends in one', () => {
  const odd = messages.filter(({ text }) => /^\s*$| {2}|\s$/.test(text));
  expect(odd.map(({ part, key, text }) => `${part}.${key}: “${text}”`)).toEqual([]);
});

test('every style of a number is one that there is', () => {
  const named = messages.flatMap(({ part, key, text }) =>
    [...text.matchAll(/, number, (\w+)/g)].map(([, style]) => [`${part}.${key}`, style!] as const),
  );
  expect(named.length).toBeGreaterThan(50);
  expect(named.filter(([, style]) => !(style in STYLES.number))).toEqual([]);
});

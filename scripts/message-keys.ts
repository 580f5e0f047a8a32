// Which values each message of the catalogue takes, as types: what npm run messages writes and a test compares.
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { TYPE, parse, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';

const CATALOGUE = 'src/messages/en';

/** Type of a value that a message only quotes. */
const PLAIN = 'string | number';

type Tree = { readonly [role: string]: string | Tree };

/** A message of the catalogue and the values that it takes. */
interface CatalogueMessage {
  readonly part: string;
  readonly key: string;
  readonly text: string;
  readonly values: ReadonlyMap<string, string>;
}

/** Reads all messages of the catalogue. @throws SyntaxError with the key of a message that is no ICU syntax */
export function catalogueMessages(): CatalogueMessage[] {
  return readdirSync(CATALOGUE)
    .sort()
    .flatMap((file) => {
      const part = file.replace(/\.json$/, '');
      const tree = JSON.parse(readFileSync(join(CATALOGUE, file), 'utf8')) as Tree;
      return leaves(tree, '').map(([key, text]) => ({ part, key, text, values: valuesOf(`${part}.${key}`, text) }));
    });
}

function leaves(tree: Tree, above: string): [string, string][] {
  return Object.entries(tree).flatMap(([role, one]): [string, string][] => {
    const key = above === '' ? role : `${above}.${role}`;
    return typeof one === 'string' ? [[key, one]] : leaves(one, key);
  });
}

function valuesOf(key: string, text: string): Map<string, string> {
  const values = new Map<string, string>();
  const look = (elements: readonly MessageFormatElement[]) => {
    for (const element of elements) {
      if (element.type === TYPE.argument && !values.has(element.value)) values.set(element.value, PLAIN);
      if (element.type === TYPE.number) values.set(element.value, 'number');
      if (element.type === TYPE.plural) values.set(element.value, 'number');
      if (element.type === TYPE.select) values.set(element.value, 'string');
      if (element.type === TYPE.plural || element.type === TYPE.select) {
        for (const option of Object.values(element.options)) look(option.value);
      }
    }
  };
  try {
    look(parse(text, { ignoreTag: true }));
  } catch (cause) {
    throw new SyntaxError(`${key}: ${String(cause)}: ${text}`, { cause });
  }
  return values;
}

/** Parts whose messages core names by their code; the drills apart, for one page alone says them. */
const OF_CORE = { core: 'CoreMessages', drills: 'DrillMessages' } as const;

const byPart = (messages: readonly CatalogueMessage[]) => {
  const parts = new Map<string, CatalogueMessage[]>();
  for (const message of messages) parts.set(message.part, [...(parts.get(message.part) ?? []), message]);
  return parts;
};

/** Writes the keys of a part with the types of their values. @param plain type of a value that the message only quotes */
function keyTypes(messages: readonly CatalogueMessage[], plain: string): string {
  const keys = messages.map(({ key, values }) => {
    const named = [...values].map(([name, type]) => `readonly ${name}: ${type === PLAIN ? plain : type}`);
    return `readonly '${key}': ${named.length === 0 ? 'null' : `{ ${named.join('; ')} }`};\n`;
  });
  return keys.join('');
}

/** Returns the source of the module of types. */
export function messageKeysSource(): string {
  const parts = [...byPart(catalogueMessages())].map(([part, messages]) =>
    isOfCore(part)
      ? `  readonly ${part}: ${OF_CORE[part]};\n`
      : `  readonly ${part}: {\n${keyTypes(messages, PLAIN).replace(/^/gm, '    ').trimEnd()}\n  };\n`,
  );
  return `// Generated from the catalogue (npm run messages); do not edit.
import type { ${Object.values(OF_CORE).join(', ')} } from '../core/message-values';

/** The values that each message takes, by part of the app and key; null where it takes none. */
export interface Messages {
${parts.join('')}}
`;
}

const isOfCore = (part: string): part is keyof typeof OF_CORE => part in OF_CORE;

/** Returns the source of core's module of types. */
export function coreMessagesSource(): string {
  const parts = byPart(catalogueMessages());
  const interfaces = Object.entries(OF_CORE).map(
    ([part, name]) => `
/** The values that each message of the part ${part} takes, by its code; null where it takes none. */
export interface ${name} {
${keyTypes(parts.get(part) ?? [], 'MessageValue')
  .replace(/^/gm, '  ')
  .trimEnd()}
}
`,
  );
  return `// Generated from the catalogue (npm run messages); do not edit.
import type { MessageValue } from './message';
${interfaces.join('')}`;
}

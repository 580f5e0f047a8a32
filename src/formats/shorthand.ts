import { NO_HUB_STAGE, checkSetup, type Setup } from '../core/gears';
import { proposedCogs } from '../core/catalog/proposed-cogs';
import { cassettesOfRange, nearestRanges, sameTeeth, type GenericCassette } from '../core/catalog/cassettes';
import { textOf } from '../messages/core';
import { t } from './text';
import { firstOf, itemAt, lastOf, definite } from '../core/items';

type ShorthandResult =
  | {
      readonly ok: true;
      readonly setup: Setup;
      /** Built-in cassettes of the same range, the commonest first; one of them may be the one taken. */
      readonly alternatives: readonly GenericCassette[];
    }
  | {
      readonly ok: false;
      readonly message: string;
      /** Nothing is wrong yet: more is to be typed. */
      readonly unfinished: boolean;
    };

const EXAMPLE = '48/32 x 11-36';
/** Maximum length of user input quoted in a message. */
const QUOTED_MAX = 20;
/** `1x` or `2x` before the rings: only their number. */
const LAYOUT_AHEAD = /^[12]\s*x\s*(?=\d{2})/;
/** Rings and a range with a space alone between them. */
const NO_X_BETWEEN = /^(\d{2}(?:\s*\/\s*\d{2})?)\s+(\d{1,2}\s*-\s*\d{2}.*)$/;
const SPEEDS = /\s*[-\s]?\s*\b(\d{1,3})\s*-?\s*(?:s|sp|spd|speeds?)$/;

/**
 * Parses one line of shorthand: `rings x cassette [speeds]`. Chainrings are separated by / or -; a cassette is a
 * range (`11-36`), for which the most common built-in cassette is used, or every cog (`10-11-13-…`; commas or spaces
 * work too). For a range with an unlisted number of cogs, the cogs between are proposed with the most even steps. Case and
 * spaces do not matter. Read as well: `1x44 10-44` and `44 10-44`, `34t`, and rings with
 * the small one first.
 */
export function parseShorthand(text: string): ShorthandResult {
  const line = text
    .trim()
    .toLowerCase()
    .replace(/[–—−]/g, '-')
    .replace(/[×✕*]/g, 'x')
    .replace(/(\d)\s*t(?![a-z])/g, '$1')
    .replace(LAYOUT_AHEAD, '')
    .replace(NO_X_BETWEEN, '$1 x $2');
  if (line === '') return unfinished(t('shorthand.empty', { example: EXAMPLE }));

  const [ringsText = '', cassetteText, ...more] = line.split('x');
  if (cassetteText === undefined) {
    return unfinished(t('shorthand.noX', { example: EXAMPLE }));
  }
  if (more.length > 0) return wrong(t('shorthand.moreX', { example: EXAMPLE }));

  const rings = numbersOf(ringsText, /[/\-,\s]+/);
  if (!rings.ok) return rings;
  if (rings.numbers.length === 3) return wrong(t('shorthand.triple'));
  const { speeds, cogsText } = splitSpeeds(cassetteText);
  if (cogsText === '') return unfinished(t('shorthand.noCassette'));
  const cogs = numbersOf(cogsText, /\s*[-,]\s*|\s+/);
  if (!cogs.ok) return cogs;

  const chosen = chooseCogs(cogs.numbers, speeds, /^\d+\s*-\s*\d+$/.test(cogsText));
  if (!chosen.ok) return chosen;
  const setup: Setup = {
    chainrings: rings.numbers.sort((a, b) => b - a),
    cogs: chosen.numbers,
    hubStages: NO_HUB_STAGE,
  };
  const [problem] = checkSetup(setup);
  if (problem) return { ok: false, message: textOf(problem.message), unfinished: isCutShort(line) };
  return { ok: true, setup, alternatives: cassettesOfRange(firstOf(setup.cogs), lastOf(setup.cogs)) };
}

/** One line of shorthand that reads back as the same rings and cogs. */
export function formatShorthand({ chainrings, cogs }: Pick<Setup, 'chainrings' | 'cogs'>): string {
  return `${chainrings.join('/')} x ${formatCassette(cogs)}`;
}

/** The shortest text for a cassette: its range, with the speeds where the range alone means another, else every cog. */
export function formatCassette(cogs: readonly number[]): string {
  const range = `${firstOf(cogs)}-${lastOf(cogs)}`;
  const alternatives = cassettesOfRange(firstOf(cogs), lastOf(cogs));
  const place = alternatives.findIndex((cassette) => sameTeeth(cassette.cogs, cogs));
  if (place === 0) return range;
  if (place > 0) return `${range} ${cogs.length}s`;
  if (cogs.length === 1) return `${firstOf(cogs)} 1s`;
  return cogs.length === 2 ? cogs.join(',') : cogs.join('-');
}

type Numbers = { readonly ok: true; readonly numbers: number[] } | Extract<ShorthandResult, { ok: false }>;

function unfinished(message: string): Extract<ShorthandResult, { ok: false }> {
  return { ok: false, message, unfinished: true };
}

function wrong(message: string): Extract<ShorthandResult, { ok: false }> {
  return { ok: false, message, unfinished: false };
}

/** Whether the last number typed has a single digit: a tooth count never has, but for 9. */
function isCutShort(line: string): boolean {
  return /(^|\D)[1-8]$/.test(line);
}

function numbersOf(text: string, separator: RegExp): Numbers {
  const words = text.trim().split(separator);
  if (words.at(-1) === '') {
    const got = text.trim();
    return unfinished(
      got === ''
        ? t('shorthand.noRings', { example: EXAMPLE })
        : t('shorthand.nothingAfter', { text: got.slice(-QUOTED_MAX) }),
    );
  }
  const odd = words.find((word) => !/^\d+(\.\d+)?$/.test(word));
  if (odd !== undefined) {
    return wrong(
      odd === ''
        ? t('shorthand.numberMissing', { text: text.trim().slice(0, QUOTED_MAX) })
        : t('shorthand.notTeeth', { text: odd.slice(0, QUOTED_MAX) }),
    );
  }
  return { ok: true, numbers: words.map(Number) };
}

function splitSpeeds(cassetteText: string): { cogsText: string; speeds: number | undefined } {
  const match = SPEEDS.exec(cassetteText);
  if (!match) return { cogsText: cassetteText.trim(), speeds: undefined };
  return { cogsText: cassetteText.slice(0, match.index).trim(), speeds: Number(match[1]) };
}

function chooseCogs(numbers: number[], speeds: number | undefined, isRange: boolean): Numbers {
  if (isRange) return chooseFromRange(firstOf(numbers), itemAt(numbers, 1), speeds);
  if (numbers.length === 1 && speeds !== 1) {
    return unfinished(t('shorthand.oneCog', { cog: firstOf(numbers) }));
  }
  if (speeds !== undefined && speeds !== numbers.length) {
    return wrong(t('shorthand.otherSpeeds', { cogs: numbers.length, speeds }));
  }
  return { ok: true, numbers };
}

function chooseFromRange(smallest: number, largest: number, speeds: number | undefined): Numbers {
  const [problem] = checkSetup({ chainrings: [40], cogs: [smallest, largest], hubStages: NO_HUB_STAGE });
  if (problem) return { ok: false, message: textOf(problem.message), unfinished: isCutShort(`${largest}`) };
  const range = `${smallest}-${largest}`;
  const found = cassettesOfRange(smallest, largest);
  const isListed = found.some(({ cogs }) => speeds === undefined || cogs.length === speeds);
  const proposed = isListed || speeds === undefined ? undefined : proposedCogs(smallest, largest, speeds);
  if (proposed) return { ok: true, numbers: [...proposed] };
  if (found.length === 0) {
    const near = nearestRanges(smallest, largest, 3).join(', ');
    return {
      ok: false,
      message: t('shorthand.noSuchRange', { range, near }),
      // The first two of a list of cogs look like a narrow range.
      unfinished: largest < 18,
    };
  }
  const cassette = speeds === undefined ? found[0] : found.find(({ cogs }) => cogs.length === speeds);
  if (!cassette) {
    const counts = found.map(({ cogs }) => cogs.length).sort((a, b) => a - b);
    const [others, last] = [counts.slice(0, -1), lastOf(counts)];
    return wrong(
      others.length === 0
        ? t('shorthand.otherCount', { speeds: definite(speeds), range, count: last })
        : t('shorthand.otherCounts', { speeds: definite(speeds), range, counts: others.join(', '), last }),
    );
  }
  return { ok: true, numbers: [...cassette.cogs] };
}

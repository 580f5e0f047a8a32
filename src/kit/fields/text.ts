/** Everything that `kit/fields` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  currencySelect: { noSuchCurrency: 'No currency has this code or name.' },
  datumField: {
    notKnown: 'not known',
    assumed: (assumed: number) => `${assumed} assumed`,
  },
  dateField: {
    suchAs: '2026-12-03',
    noDay: (text: string) => `“${text}” is no day: type it such as 2026-12-03 or 3 Dec 2026`,
    outside: (text: string, first: string, last: string) => `the day ${text}: it runs from ${first} to ${last}`,
  },
  draft: {
    overtaken: (stored: string) =>
      stored === ''
        ? 'Another window has emptied this meanwhile, and that stands.'
        : `Another window has changed this to ${stored} meanwhile, and that stands.`,
  },
  nameField: {
    aNameOfCountCharacters: (count: number, nameLengthMax: number) =>
      `a name of ${count} characters: at most ${nameLengthMax}`,
  },
  noteField: {
    aNoteOfCountCharacters: (count: number, noteLengthMax: number) =>
      `a note of ${count} characters: at most ${noteLengthMax}`,
  },
  parseNumber: {
    minToMaxUnit: (min: string, max: string, unit: string) => `${min} to ${max} ${unit}`,
    termIsEmptyTypeRange: (term: string, range: string) => `${term} is empty: type ${range}`,
    termLineIsNoNumber: (term: string, line: string, range: string) => `${term} “${line}” is no number: type ${range}`,
    termLineWholeNumbersRange: (term: string, line: string, range: string) =>
      `${term} ${line}: whole numbers, ${range}`,
    termLineItRunsFrom: (term: string, line: string, range: string) => `${term} ${line}: it runs from ${range}`,
  },
};

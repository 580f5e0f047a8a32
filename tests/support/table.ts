/** Reads a table of text: a row a line, its cells between bars, without the spaces around them. */
export const rowsOf = (table: string): string[][] =>
  table
    .trim()
    .split('\n')
    .map((line) => line.split('|').map((cell) => cell.trim()));

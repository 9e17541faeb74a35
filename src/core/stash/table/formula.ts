/**
 * A cell that a spreadsheet would run: =, +, -, @ and their full-width forms, also behind blanks and behind the marks that
 * make text of it.
 */
export const FORMULA = /^'*[\s\u00a0\u3000\ufeff]*[=+\-@\uff1d\uff0b\uff0d\uff20]|^'*[\t\r]/;

/** The cell without the mark that it was written with. */
export const fromText = (cell: string): string =>
  cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell;

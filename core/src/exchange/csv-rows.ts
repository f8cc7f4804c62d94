import Papa from "papaparse";
import { accept, refuse, type Result } from "../measure/index.ts";

/** More rows than this are not one intake; split the file. */
export const mostCsvRows = 5000;

export type CsvIssue =
  | { readonly code: "csv-empty" }
  | { readonly code: "csv-encoding"; readonly line: number }
  | {
      readonly code: "csv-columns-missing";
      readonly missing: readonly string[];
      readonly found: readonly string[];
    }
  | {
      readonly code: "csv-columns-unknown";
      readonly unknown: readonly string[];
      readonly known: readonly string[];
    }
  | { readonly code: "csv-too-long"; readonly rows: number; readonly atMost: number }
  | { readonly code: "csv-broken"; readonly line: number };

/** One row by column name, with the line of the file it begins on (the header is line 1). */
export type CsvRow = { readonly line: number; readonly cells: Readonly<Record<string, string>> };

export type CsvColumns = { readonly needed: readonly string[]; readonly known: readonly string[] };

const linesIn = (cells: readonly string[]): number =>
  1 + cells.reduce((breaks, cell) => breaks + (cell.match(/\r\n|\n|\r/g)?.length ?? 0), 0);

const headerOf = (cells: readonly string[]): string[] =>
  cells.map((cell) => cell.trim().toLowerCase().replace(/[ -]+/g, "_"));

function columnIssue(header: readonly string[], columns: CsvColumns): CsvIssue | undefined {
  const missing = columns.needed.filter((name) => !header.includes(name));
  if (missing.length > 0) return { code: "csv-columns-missing", missing, found: header };
  const unknown = header.filter((name) => name !== "" && !columns.known.includes(name));
  return unknown.length > 0 ? { code: "csv-columns-unknown", unknown, known: columns.known } : undefined;
}

/**
 * Reads comma-separated text (RFC 4180; semicolons and tabs are recognised by the header) with a header row.
 * Refuses an empty file, text that was not UTF-8 (a replacement character), an unclosed quote, columns that are
 * missing or unknown, and more than 5,000 rows; rows that are empty are passed over.
 */
export function readCsv(text: string, columns: CsvColumns): Result<readonly CsvRow[], CsvIssue> {
  const clean = text.replace(/^\uFEFF/, "");
  if (clean.trim() === "") return refuse({ code: "csv-empty" });
  const [garbled] = [clean.indexOf("\uFFFD"), clean.indexOf("\0")].filter((at) => at >= 0);
  if (garbled !== undefined)
    return refuse({ code: "csv-encoding", line: clean.slice(0, garbled).split("\n").length });
  const parsed = Papa.parse<string[]>(clean, {
    skipEmptyLines: false,
    delimiter: delimiterOf(clean, columns),
  });
  const quote = parsed.errors.find((e) => e.type === "Quotes");
  if (quote) return refuse({ code: "csv-broken", line: lineOfRow(parsed.data, quote.row ?? 0) });
  const [first = [], ...rows] = parsed.data;
  const header = headerOf(first);
  const issue = columnIssue(header, columns);
  if (issue) return refuse(issue);
  const filled = withLines(first, rows).filter(({ cells }) => cells.some((cell) => cell.trim() !== ""));
  if (filled.length === 0) return refuse({ code: "csv-empty" });
  if (filled.length > mostCsvRows)
    return refuse({ code: "csv-too-long", rows: filled.length, atMost: mostCsvRows });
  return accept(
    filled.map(({ line, cells }) => ({
      line,
      cells: Object.fromEntries(header.map((name, i) => [name, (cells[i] ?? "").trim()])),
    })),
  );
}

const delimiters = [",", ";", "\t"];

/**
 * What parts the cells, by the header alone: the mark that makes most of its names known columns, a comma where the
 * header does not tell. What the cells hold is never asked, so a file of this kitchen's own always reads back.
 */
function delimiterOf(text: string, columns: CsvColumns): string {
  const knownBy = (delimiter: string): number => {
    const [header = []] = Papa.parse<string[]>(text, { delimiter, preview: 1 }).data;
    return headerOf(header).filter((name) => columns.known.includes(name)).length;
  };
  const known = delimiters.map(knownBy);
  return delimiters[known.indexOf(Math.max(...known))] ?? ",";
}

const lineOfRow = (rows: readonly (readonly string[])[], row: number): number =>
  1 + rows.slice(0, row).reduce((lines, cells) => lines + linesIn(cells), 0);

function withLines(
  header: readonly string[],
  rows: readonly string[][],
): { line: number; cells: string[] }[] {
  let line = 1 + linesIn(header);
  return rows.map((cells) => {
    const row = { line, cells };
    line += linesIn(cells);
    return row;
  });
}

/** Writes rows as RFC 4180 text: CRLF, quoted where needed, cells that a spreadsheet would run as formulas disarmed. */
export const writeCsv = (
  columns: readonly string[],
  rows: readonly Readonly<Record<string, string | number>>[],
): string =>
  `${Papa.unparse({ fields: [...columns], data: rows.map((row) => columns.map((name) => row[name] ?? "")) }, { newline: "\r\n", escapeFormulae: true })}\r\n`;

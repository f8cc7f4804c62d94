export { mostCsvRows, readCsv, writeCsv, type CsvIssue, type CsvRow } from "./csv-rows.ts";
export {
  lotColumns,
  lotColumnsOut,
  readLotsCsv,
  type LotDraft,
  type LotsFile,
  type RowFault,
} from "./lots-csv.ts";

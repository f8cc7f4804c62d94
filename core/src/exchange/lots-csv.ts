import {
  priceBases,
  sourceKinds,
  defaultPlace,
  type Grade,
  type PriceBasis,
  type SourceKind,
} from "../basket/index.ts";
import {
  findNamed,
  nameIndexOf,
  toGrams,
  type Catalogue,
  type IngredientFacts,
  type OunceMeaning,
  type Place,
} from "../catalogue/index.ts";
import {
  accept,
  cutText,
  parseAmount,
  refuse,
  type CupSystem,
  type Day,
  type Result,
} from "../measure/index.ts";
import { readCsv, type CsvIssue, type CsvRow } from "./csv-rows.ts";

/** Columns of a lots file: `item` and `amount` are needed, the rest may be left out or empty. */
export const lotColumns = [
  "item",
  "amount",
  "came_in",
  "source",
  "note",
  "place",
  "grade",
  "price",
  "price_per",
  "best_before",
] as const;

/** Further columns of a lots file that is written; they are passed over when one is read back. */
export const lotColumnsOut = [...lotColumns, "state", "on_hand_g", "use_by"] as const;

/** A lot as a row asks for it; the amount stays as it was written. */
export type LotDraft = {
  readonly ingredient: string;
  readonly amount: string;
  readonly place: Place;
  readonly since: Day;
  readonly source: { readonly kind: SourceKind; readonly note: string };
  readonly grade: Grade;
  readonly price: { readonly minor: number; readonly per: PriceBasis } | null;
  readonly bestBefore: Day | null;
};

/** What is wrong with one row: its line in the file, the column, and the refusal of whoever read the cell. */
export type RowFault = {
  readonly line: number;
  readonly column: string;
  readonly text: string;
  readonly issue: { readonly code: string };
};

export type LotsFile = {
  readonly rows: readonly { readonly line: number; readonly lot: LotDraft }[];
  readonly faults: readonly RowFault[];
};

export type CsvKitchen = {
  readonly catalogue: Catalogue;
  readonly cup: CupSystem;
  readonly ounces: Readonly<Record<string, OunceMeaning>>;
  readonly today: Day;
};

type Cell<Value> = Result<Value, { readonly code: string }>;

const dayPattern = /^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/;

function dayIn(text: string, otherwise: Day | null): Cell<Day | null> {
  if (text === "") return accept(otherwise);
  const real = dayPattern.test(text) && new Date(`${text}T00:00:00Z`).toISOString().startsWith(text);
  return real ? accept(text) : refuse({ code: "day-not-understood" });
}

const oneOf =
  <Word extends string>(words: readonly Word[], otherwise: Word) =>
  (text: string): Cell<Word> => {
    if (text === "") return accept(otherwise);
    const word = words.find((w) => w === text.toLowerCase().replace(/[ _]+/g, "-"));
    return word === undefined ? refuse({ code: "word-unknown", known: words }) : accept(word);
  };

const sourceIn = oneOf<SourceKind>(sourceKinds, "market");
const gradeIn = oneOf<Grade>(["prime", "seconds"], "prime");
const basisIn = oneOf<PriceBasis>(priceBases, "all");
const places: readonly Place[] = ["fridge", "freezer", "room", "cupboard"];

/** "2.40" or "2,40" in minor units. */
function moneyIn(text: string): Cell<number | null> {
  if (text === "") return accept(null);
  const match = /^\D?\s?(\d{1,6})(?:[.,](\d{1,2}))?$/.exec(text);
  return match
    ? accept(Number(match[1]) * 100 + Number((match[2] ?? "").padEnd(2, "0")))
    : refuse({ code: "money-not-understood" });
}

function itemIn(text: string, catalogue: Catalogue): Cell<IngredientFacts> {
  const found = catalogue.ingredients.get(text) ?? namedIn(text, catalogue);
  return "code" in found ? refuse(found) : accept(found);
}

function namedIn(
  text: string,
  catalogue: Catalogue,
): IngredientFacts | { readonly code: string; readonly candidates?: readonly string[] } {
  const match = findNamed(text, nameIndexOf(catalogue));
  if (!match) return { code: "ingredient-unknown" };
  const only =
    match.ids.length === 1 && match.leftOver === ""
      ? catalogue.ingredients.get(match.ids[0] ?? "")
      : undefined;
  return only ?? { code: "ingredient-unclear", candidates: match.ids };
}

function amountIn(text: string, facts: IngredientFacts, kitchen: CsvKitchen): Cell<string> {
  const read = parseAmount(text, kitchen.cup);
  if (!read.ok) return refuse(read.issue);
  const weight = toGrams(read.value.amount, facts, {
    rest: read.value.rest,
    ounces: kitchen.ounces[facts.id],
  });
  return weight.ok ? accept(text) : refuse(weight.issue);
}

/** The first fault of a row, or the lot it asks for. */
function readRow({ line, cells }: CsvRow, kitchen: CsvKitchen): { lot: LotDraft } | { fault: RowFault } {
  let fault: RowFault | undefined;
  const cell = <Value>(column: string, read: (text: string) => Cell<Value>): Value | undefined => {
    if (fault) return undefined;
    const text = cells[column] ?? "";
    const answer = read(text);
    if (answer.ok) return answer.value;
    fault = { line, column, text, issue: answer.issue };
    return undefined;
  };
  const facts = cell("item", (text) => itemIn(text, kitchen.catalogue));
  const amount = facts && cell("amount", (text) => amountIn(text, facts, kitchen));
  const since = cell("came_in", (text) => dayIn(text, kitchen.today));
  const kind = cell("source", sourceIn);
  const place = facts && cell("place", oneOf(places, defaultPlace(facts)));
  const grade = cell("grade", gradeIn);
  const minor = cell("price", moneyIn);
  const per = cell("price_per", basisIn);
  const bestBefore = cell("best_before", (text) => dayIn(text, null));
  if (fault) return { fault };
  return {
    lot: {
      ingredient: facts?.id ?? "",
      amount: amount ?? "",
      since: since ?? kitchen.today,
      source: { kind: kind ?? "market", note: cutText(cells["note"] ?? "", 120) },
      place: place ?? "fridge",
      grade: grade ?? "prime",
      price: minor == null ? null : { minor, per: per ?? "all" },
      bestBefore: bestBefore ?? null,
    },
  };
}

/**
 * Reads a lots file. A wrong row is reported with its line, column and reason, and the others stand; only a file
 * that cannot be read at all is refused whole.
 */
export function readLotsCsv(text: string, kitchen: CsvKitchen): Result<LotsFile, CsvIssue> {
  const read = readCsv(text, { needed: ["item", "amount"], known: lotColumnsOut });
  if (!read.ok) return read;
  const rows: { line: number; lot: LotDraft }[] = [];
  const faults: RowFault[] = [];
  for (const row of read.value) {
    const one = readRow(row, kitchen);
    if ("fault" in one) faults.push(one.fault);
    else rows.push({ line: row.line, lot: one.lot });
  }
  return accept({ rows, faults });
}

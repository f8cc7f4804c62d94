import { newId } from "../client/new-id.ts";
import type { LineReading, LogIntake } from "@apron/contract";
import type { BareNumber } from "@apron/core/catalogue";
import { markRaw } from "vue";
import { piecesOrGrams } from "../catalogue/use-amount-reading.ts";
import { useDraft } from "../client/use-draft.ts";
import { todayIso } from "../ui/dates.ts";
import type { SourceKind } from "./lot-draft.ts";

/** One line of a box being logged: typed as a whole, or an ingredient with its weight. */
export type IntakeRow = {
  readonly id: string;
  text: string;
  /** Chosen from a chip, or where the text left it open. */
  ingredient: string | null;
  /** Typed or weighed beside a chosen ingredient; null where the text says it. */
  amount: string | null;
  /** The amount is a bare number that may be pieces or grams, and neither has been chosen. */
  bare: BareNumber | null;
  /** The amount is a bare number, and the figures that tell what it may mean have not come yet. */
  isPending: boolean;
  reading: LineReading | null;
};

export type IntakeDraft = {
  id: string;
  since: string;
  sourceKind: SourceKind;
  sourceNote: string;
  price: string;
  rows: IntakeRow[];
};

export const emptyIntake = (note = ""): IntakeDraft => ({
  id: newId(),
  since: todayIso(),
  sourceKind: "box-share",
  sourceNote: note,
  price: "",
  rows: [],
});

/** The delivery being typed; it survives a reload. How its lines were read is found again. */
export const useIntakeDraft = () => useDraft("intake", emptyIntake);

/** A reading is looked at, never changed in place: it need not be watched. */
export const textRow = (text: string, reading: LineReading | null): IntakeRow => ({
  id: newId(),
  text,
  ingredient: null,
  amount: null,
  bare: null,
  isPending: false,
  reading: reading && markRaw(reading),
});

export const chipRow = (ingredient: string): IntakeRow => ({
  id: newId(),
  text: "",
  ingredient,
  amount: "",
  bare: null,
  isPending: false,
  reading: null,
});

/** The lines of a pasted list, without the empty ones and without headings. */
export const linesOf = (text: string): string[] =>
  text
    .split(/\r\n|\n|\r/)
    .map((line) => line.trim())
    .filter((line) => line !== "");

type RowQuestion = LineReading["questions"][number] | ReturnType<typeof piecesOrGrams>;

/** Does the row still need an answer before it can go in? */
export function openQuestion(row: IntakeRow): RowQuestion | undefined {
  if (row.bare) return piecesOrGrams(row.bare);
  if (row.amount !== null || !row.reading) return undefined;
  const settled = (code: string): boolean => row.ingredient !== null && code.startsWith("ingredient-");
  const open = row.reading.questions.find((q) => !settled(q.code));
  if (open) return open;
  const unsaid = row.ingredient === null && row.reading.grams === null;
  return unsaid ? { code: "amount-empty" } : undefined;
}

/** Does a row go in as it stands? One without an amount beside its ingredient does not. */
export const isClear = (row: IntakeRow): boolean =>
  openQuestion(row) === undefined && (row.amount === null || row.amount.trim() !== "");

/** The intake as it travels. A chosen ingredient of a typed line goes with what the line says it weighs. */
export const intakeBody = (draft: IntakeDraft, priceMinor: number | null): LogIntake => ({
  id: draft.id,
  since: draft.since,
  source: { kind: draft.sourceKind, note: draft.sourceNote },
  priceMinor,
  lines: draft.rows.map((row) => ({
    id: row.id,
    text: row.text,
    ingredient: row.ingredient,
    amount: row.amount ?? (row.ingredient === null ? null : amountOf(row)),
    place: null,
    grade: "prime",
    bestBefore: null,
  })),
});

/** "2 heads" of "2 heads lettuce", "2 pieces" of "2 zorgles": what the line said before the name it left open. */
function amountOf({ reading }: IntakeRow): string | null {
  if (!reading?.count) return null;
  const { low, high } = reading.count;
  const count = low === high ? String(low) : `${low}–${high}`;
  return `${count} ${reading.measure || "pieces"}`;
}

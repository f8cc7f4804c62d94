import { showGrams } from "@apron/core/measure";
import { computed, markRaw, ref, watch, type Ref } from "vue";
import { newId } from "../client/new-id.ts";
import { useNotices } from "../client/notices.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";
import { sentenceFor, sentenceOf } from "../client/words.ts";
import { counted } from "../ui/plural.ts";
import { readMoney } from "../ui/money.ts";
import {
  chipRow,
  emptyIntake,
  intakeBody,
  isClear,
  linesOf,
  textRow,
  useIntakeDraft,
  type IntakeDraft,
  type IntakeRow,
} from "./intake-draft.ts";
import { untilRead } from "../catalogue/use-amount-reading.ts";
import { useLineReader } from "../catalogue/use-line-reader.ts";

/** The rows of an intake: typed, pasted or weighed, read in a worker. */
function useIntakeRows(draft: Ref<IntakeDraft>) {
  const reader = useLineReader();
  async function addLines(text: string): Promise<void> {
    const lines = linesOf(text);
    const readings = await reader.read(lines);
    const rows = lines
      .map((line, i) => textRow(line, readings[i] ?? null))
      .filter((row) => !row.reading?.heading);
    draft.value.rows.push(...rows);
  }
  async function reread(): Promise<void> {
    const rows = draft.value.rows.filter((row) => row.text !== "");
    if (rows.length === 0) return;
    const readings = await reader.read(rows.map((row) => row.text));
    for (const [i, row] of rows.entries()) {
      const reading = readings[i];
      row.reading = reading ? markRaw(reading) : null;
    }
  }
  // A draft that was kept comes back as it was typed; an answer for one row is an answer for all like it.
  watch(reader.told, (told) => told > 0 && void reread(), { immediate: true });
  /** A row written again: it is read anew, and what was chosen for the old words does not fit. */
  async function retype(id: string, text: string): Promise<void> {
    const row = draft.value.rows.find((one) => one.id === id);
    if (!row || text === row.text) return;
    const [reading] = await reader.read([text]);
    Object.assign(row, { text, ingredient: null, reading: reading ? markRaw(reading) : null });
  }
  const addChip = (ingredient: string): void => void draft.value.rows.push(chipRow(ingredient));
  const drop = (id: string): void => {
    draft.value.rows = draft.value.rows.filter((row) => row.id !== id);
  };
  return { ready: computed(() => reader.told.value > 0), addLines, addChip, retype, drop };
}

/**
 * Is there a bare number among the rows that may be pieces or grams? Sent as it stands it would be grams. A tap before
 * the ingredient's figures are there waits for them.
 */
async function mayBeEither(
  rows: readonly IntakeRow[],
  { say }: Pick<ReturnType<typeof useNotices>, "say">,
): Promise<boolean> {
  await untilRead(() => rows.some((row) => row.isPending));
  const isUnknown = rows.some((row) => row.isPending);
  if (isUnknown) say({ text: sentenceFor({ code: "amount-unclear" }) });
  return isUnknown || rows.some((row) => row.bare !== null);
}

/** What of the rows travels: it changes as soon as one is answered, written again or removed. */
const rowsAsSent = (rows: readonly IntakeRow[]): string =>
  JSON.stringify(rows.map(({ id, text, ingredient, amount }) => [id, text, ingredient, amount]));

/** Several things at once: rows typed, pasted or weighed, logged together. */
export function useIntakeForm() {
  const { draft } = useIntakeDraft();
  const notices = useNotices();
  const session = useSession();
  const priceProblem = ref<string>();
  const startAfresh = (): void => {
    draft.value = emptyIntake(draft.value.sourceNote);
  };
  const submission = useSubmit(["since", "source", "priceMinor"], {
    recorded: startAfresh,
    renew: () => (draft.value.id = newId()),
  });
  // What was refused was said of the rows as they were sent, by their places.
  watch(() => rowsAsSent(draft.value.rows), submission.forget);
  /** The sentence for one row: the server names lines by their place. */
  const problemAt = (index: number): string | undefined =>
    submission.problem.value?.field?.startsWith(`lines.${index}.`)
      ? sentenceOf(submission.problem.value)
      : undefined;

  /** Logs the rows, or only those that are clear: the others wait with what was typed. */
  async function log(which: "all" | "clear" = "all"): Promise<boolean> {
    const price = draft.value.price.trim() === "" ? null : readMoney(draft.value.price);
    priceProblem.value = price === undefined ? "Enter a price like 12.50." : undefined;
    if (price === undefined) return false;
    const waiting = which === "clear" ? draft.value.rows.filter((row) => !isClear(row)) : [];
    const rows = draft.value.rows.filter((row) => !waiting.includes(row));
    if (await mayBeEither(rows, notices)) return false;
    const body = intakeBody({ ...draft.value, rows }, price);
    const label = counted(body.lines.length, "item");
    const done = await submission.submit("logIntake", { body }, label);
    if (!done) return false;
    const grams = done.lots.reduce((sum, lot) => sum + lot.grams, 0);
    notices.say({
      text: `Logged ${counted(done.lots.length, "item")}, ${showGrams(grams, session.display)} in total.`,
      undo: { name: "undoIntake", request: { params: { id: done.id } } },
    });
    startAfresh();
    draft.value.rows = waiting;
    return true;
  }
  return { draft, ...useIntakeRows(draft), problemAt, log, priceProblem, submission };
}

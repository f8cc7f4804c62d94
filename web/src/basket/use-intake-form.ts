import type { Lot } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { markRaw, ref, watch } from "vue";
import { call } from "../app/api.ts";
import { useNotices } from "../app/notices.ts";
import { useSession } from "../app/session.ts";
import { useSubmit } from "../app/use-submit.ts";
import { sentenceOf } from "../app/words.ts";
import { readMoney } from "../ui/money.ts";
import { chipRow, emptyIntake, intakeBody, linesOf, textRow, useIntakeDraft } from "./intake-draft.ts";
import { useLineReader } from "./use-line-reader.ts";

/** Several things at once: rows typed, pasted or weighed, read in a worker and logged together. */
export function useIntakeForm() {
  const draft = useIntakeDraft();
  const reader = useLineReader();
  const notices = useNotices();
  const session = useSession();
  const priceProblem = ref<string>();
  const submission = useSubmit<{ id: string; lots: Lot[] }>(["since", "source", "priceMinor"]);

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
  // A draft that was kept comes back as it was typed.
  watch(reader.ready, (ready) => ready && void reread(), { immediate: true });
  const addChip = (ingredient: string): void => void draft.value.rows.push(chipRow(ingredient));
  const drop = (id: string): void => {
    draft.value.rows = draft.value.rows.filter((row) => row.id !== id);
  };
  /** The sentence for one row: the server names lines by their place. */
  const problemAt = (index: number): string | undefined =>
    submission.problem.value?.field?.startsWith(`lines.${index}.`)
      ? sentenceOf(submission.problem.value)
      : undefined;

  async function log(): Promise<boolean> {
    const price = draft.value.price.trim() === "" ? null : readMoney(draft.value.price);
    priceProblem.value = price === undefined ? "Write the price as 12.50." : undefined;
    if (price === undefined) return false;
    const body = intakeBody(draft.value, price);
    const done = await submission.submit((key) => call("logIntake", { body }, key));
    if (!done) return false;
    const grams = done.lots.reduce((sum, lot) => sum + lot.grams, 0);
    notices.say({
      text: `${done.lots.length} things logged, ${showGrams(grams, session.display)} in all.`,
      undo: () => call("undoIntake", { params: { id: done.id } }),
    });
    draft.value = emptyIntake(draft.value.sourceNote);
    return true;
  }
  return {
    draft,
    ready: reader.ready,
    addLines,
    addChip,
    reread,
    drop,
    problemAt,
    log,
    priceProblem,
    submission,
  };
}

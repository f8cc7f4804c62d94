import type { IngredientFacts } from "@apron/core/catalogue";
import { readLineAmount, type LineAmount } from "@apron/core/recipes";
import { computed, ref, watch, type Ref } from "vue";
import { useSession } from "../client/session.ts";
import { sentenceFor } from "../client/words.ts";
import { inBothForms } from "./line-words.ts";
import type { LineDraft } from "./use-recipe-draft.ts";

const rounded = (g: number): string => String(Math.round(g * 10) / 10);

/** A line's amount as a cook would type it. */
const amountOf = ({ amountText, range, grams }: LineDraft): string =>
  amountText || (range ? `${rounded(range.low)}–${rounded(range.high)}` : rounded(grams));

/** What of an amount is kept with its line. */
const ofLine = ({ grams, range, amountText, asBoughtG, cookedG, cook }: LineAmount): Partial<LineDraft> => ({
  ...{ grams, range, amountText, asBoughtG, cookedG },
  ...(cook === null ? {} : { cook, eatenRaw: false }),
});

/** Another trim leaves more or less of the same pieces. */
function whenTrimmedOtherwise(line: Ref<LineDraft>, take: () => void): void {
  watch(
    () => [line.value.trim, line.value.preparation],
    () => {
      if (typeof line.value.asBoughtG === "number") take();
    },
  );
}

/**
 * The amount field of a line: read as it is typed, and read again when another ingredient is chosen, since two bunches
 * of it weigh something else. What cannot be read changes nothing; `onUnreadable` is given it to keep.
 */
export function useLineAmount(
  line: Ref<LineDraft>,
  facts: Ref<IngredientFacts | undefined>,
  kept: { readonly text: string | undefined; readonly onUnreadable: (text: string | undefined) => void },
) {
  const session = useSession();
  const text = ref(kept.text ?? amountOf(line.value));
  const read = computed(() => {
    const { trim, preparation: words } = line.value;
    const ounces = session.ounces[facts.value?.id ?? ""];
    return readLineAmount(text.value, facts.value, { cup: session.cup, ounces, trim, words });
  });
  const problem = computed(() => (read.value.ok ? undefined : sentenceFor(read.value.issue)));
  const hint = computed(() =>
    read.value.ok && read.value.value.amountText ? inBothForms(read.value.value, session.display) : undefined,
  );
  let isUnread = kept.text !== undefined;
  function take(): void {
    isUnread = !read.value.ok;
    if (read.value.ok) Object.assign(line.value, ofLine(read.value.value));
    kept.onUnreadable(read.value.ok ? undefined : text.value);
  }
  // The same ingredient arriving with its figures changes nothing that could be read without them.
  watch(
    () => facts.value?.id,
    (id, before) => {
      const dependsOnIt = line.value.amountText !== "" && before !== undefined;
      if (id !== undefined && (dependsOnIt || isUnread)) take();
    },
  );
  whenTrimmedOtherwise(line, take);
  const type = (now: string): void => {
    text.value = now;
    take();
  };
  return { text, problem, hint, type };
}

import { bareNumber, type IngredientFacts } from "@apron/core/catalogue";
import { readLineAmount, type LineAmount } from "@apron/core/recipes";
import { computed, ref, watch, type Ref } from "vue";
import { piecesOrGrams } from "../catalogue/use-amount-reading.ts";
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

/** What is typed, as an amount of the line's ingredient. */
function useReading(line: Ref<LineDraft>, facts: Ref<IngredientFacts | undefined>, text: Ref<string>) {
  const session = useSession();
  return computed(() => {
    const { trim, preparation: words } = line.value;
    const ounces = session.ounces[facts.value?.id ?? ""];
    return readLineAmount(text.value, facts.value, { cup: session.cup, ounces, trim, words });
  });
}

/** A number just typed that may be pieces or grams; what the line held before is in grams. */
const useBareNumber = (text: Ref<string>, facts: Ref<IngredientFacts | undefined>, isTyped: Ref<boolean>) =>
  computed(() => (isTyped.value && facts.value ? bareNumber(text.value, facts.value) : undefined));

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
  const read = useReading(line, facts, text);
  const isTyped = ref(kept.text !== undefined);
  const bare = useBareNumber(text, facts, isTyped);
  const amount = computed(() => (read.value.ok && !bare.value ? read.value.value : undefined));
  const problem = computed(() => {
    if (bare.value) return sentenceFor(piecesOrGrams(bare.value));
    return read.value.ok ? undefined : sentenceFor(read.value.issue);
  });
  const hint = computed(() => amount.value?.amountText && inBothForms(amount.value, session.display));
  let isUnread = kept.text !== undefined;
  function take(): void {
    isUnread = amount.value === undefined;
    if (amount.value) Object.assign(line.value, ofLine(amount.value));
    kept.onUnreadable(amount.value ? undefined : text.value);
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
    isTyped.value = true;
    take();
  };
  return { text, problem, hint, bare, type };
}

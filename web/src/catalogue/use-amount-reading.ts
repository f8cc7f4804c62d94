import { bareNumber, toGrams, type BareNumber, type LotAtHand, type Weight } from "@apron/core/catalogue";
import { parseAmount, showEstimate } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { until } from "@vueuse/core";
import { computed, toValue, type ComputedRef, type MaybeRefOrGetter } from "vue";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { sentenceFor } from "../client/words.ts";

/** Longer than the figures take to come: then what was typed is refused like anything that cannot be read. */
const patienceMs = 15_000;

/** Waits until a reading has the figures that it takes, or for so long that they will not come. */
export const untilRead = (isPending: () => boolean): Promise<boolean> =>
  until(isPending).toBe(false, { timeout: patienceMs });

type Reading = {
  readonly weight: Weight | undefined;
  readonly words: string;
  readonly refused: boolean;
  /** The amount is in ounces of something pourable, and it is not known yet which ounces. */
  readonly asksOunces: boolean;
  /** A bare number that may be pieces or grams: it is asked which. */
  readonly bare: BareNumber | undefined;
  /** It takes the ingredient's figures to read it, and they have not come yet. */
  readonly isPending: boolean;
};

/** Everything known of the chosen ingredient; its figures seldom change. */
export const useIngredientDetail = (ingredient: MaybeRefOrGetter<string>) =>
  useQuery({
    key: () => ["ingredient", toValue(ingredient)],
    query: () => call("getIngredient", { params: { id: toValue(ingredient) } }),
    enabled: () => toValue(ingredient) !== "",
    staleTime: 60 * 60 * 1000,
  });

/** The question that a bare number asks. */
export const piecesOrGrams = ({ pieces, grams }: BareNumber) =>
  ({ code: "pieces-or-grams", pieces, grams }) as const;

/** What a typed amount comes to in grams of the chosen ingredient, said as it is typed. */
export function useAmountReading(
  ingredient: MaybeRefOrGetter<string>,
  text: MaybeRefOrGetter<string>,
  /** The lot that it is taken from. */
  lot: MaybeRefOrGetter<LotAtHand> = {},
): ComputedRef<Reading> {
  const session = useSession();
  const { data: facts } = useIngredientDetail(ingredient);
  return computed(() => {
    const nothing = {
      ...{ weight: undefined, words: "", refused: false, asksOunces: false, isPending: false },
      bare: undefined,
    };
    if (toValue(text).trim() === "") return nothing;
    const read = parseAmount(toValue(text), session.cup);
    if (!read.ok) return { ...nothing, words: sentenceFor(read.issue), refused: true };
    if (!facts.value || facts.value.id !== toValue(ingredient)) return { ...nothing, isPending: true };
    const known = { ...facts.value, composition: facts.value.composition ?? undefined };
    const bare = bareNumber(toValue(text), known, toValue(lot));
    if (bare) return { ...nothing, words: sentenceFor(piecesOrGrams(bare)), refused: true, bare };
    const weight = toGrams(read.value.amount, known, {
      rest: read.value.rest,
      ounces: session.ounces[facts.value.id],
      pieceG: toValue(lot).pieceG,
    });
    return weight.ok
      ? { ...nothing, weight: weight.value, words: showEstimate(weight.value.grams, session.display) }
      : {
          ...nothing,
          words: sentenceFor(weight.issue),
          refused: true,
          asksOunces: weight.issue.code === "ounce-mass-or-fluid",
        };
  });
}

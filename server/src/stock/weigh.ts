import { toGrams, type IngredientFacts, type Weight } from "@apron/core/catalogue";
import { weighedPieceG } from "@apron/core/forms";
import { parseAmount, type Amount } from "@apron/core/measure";
import { refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext } from "../context/request-context.ts";

/** An amount in grams, with how many bunches, heads or items were counted, where any were. */
export type Weighed = Weight & {
  readonly count: number | null;
  /** Grams of one piece, where they were counted and weighed. */
  readonly pieceG?: number;
};

/** How many were counted; null where it was only weighed or poured. */
function countIn(amount: Amount): number | null {
  if (amount.kind === "count") return (amount.low + amount.high) / 2;
  return amount.kind === "mass" && amount.pieces ? amount.pieces.count : null;
}

/** Reads an amount as a cook says it into grams of this ingredient. */
export function weigh(
  text: string,
  facts: IngredientFacts,
  context: Pick<RequestContext, "session">,
): Answer<Weighed> {
  const { cup, settings } = context.session.kitchen;
  const read = parseAmount(text, cup);
  if (!read.ok) return refuseWith(read.issue, "amount");
  const { amount, rest } = read.value;
  const weight = toGrams(amount, facts, { rest, ounces: settings.ounces?.[facts.id] });
  if (!weight.ok) return refuseWith(weight.issue, "amount");
  const count = countIn(amount);
  const pieceG = weighedPieceG(amount, facts);
  return { ok: true, value: { ...weight.value, count, ...(pieceG === undefined ? {} : { pieceG }) } };
}

import { changeSaid, type CookingChange } from "../catalogue/index.ts";

/** Ways that grain and pulses take up water, the one that cooks them first. */
const swelling = ["boil", "soak"];

/** The change that cooked grain or pulses have been through; undefined of food that takes up no water. */
export const swellingOf = ({
  changes,
}: {
  readonly changes: readonly CookingChange[];
}): CookingChange | undefined =>
  swelling.map((method) => changes.find((one) => one.method === method)).find((one) => one !== undefined);

/** The change that food called cooked has been through: the one its words say, or the one that cooks it first. */
export const cookedBy = (
  facts: { readonly changes: readonly CookingChange[] },
  words = "",
): CookingChange | undefined => changeSaid(words, facts.changes) ?? swellingOf(facts);

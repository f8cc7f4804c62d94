import { writeCsv } from "./csv-rows.ts";
import { withoutMarkup } from "./write-recipe.ts";

/** A line of a shopping list as it is written. */
export type ListLine = {
  readonly name: string;
  readonly amount: string;
  readonly counter: string;
  readonly dishes: readonly string[];
  readonly ticked: boolean;
  readonly grams: number | null;
  readonly priceMinor: number | null;
};

export const listLineText = ({ amount, name }: Pick<ListLine, "amount" | "name">): string =>
  amount === "" ? name : `${amount} ${name}`;

/** Counter by counter, with boxes to tick, as Markdown. */
export function shoppingMarkdown(lines: readonly ListLine[]): string {
  const counters = [...new Set(lines.map((line) => line.counter))];
  const groups = counters.flatMap((counter) => [
    ...["", `## ${counter}`, ""],
    ...lines
      .filter((line) => line.counter === counter)
      .map((line) => {
        const wanted = line.dishes.length > 0 ? ` – for ${line.dishes.join(", ")}` : "";
        return `- [${line.ticked ? "x" : " "}] ${listLineText(line)}${wanted}`;
      }),
  ]);
  return [...["# Shopping list", ...groups].map(withoutMarkup), ""].join("\n");
}

const columns = ["item", "amount", "grams", "counter", "for", "price_minor", "ticked"] as const;

/** The same as a table. */
export const shoppingCsv = (lines: readonly ListLine[]): string =>
  writeCsv(
    columns,
    lines.map((line) => ({
      ...{ item: line.name, amount: line.amount, grams: line.grams ?? "", counter: line.counter },
      ...{
        for: line.dishes.join("; "),
        price_minor: line.priceMinor ?? "",
        ticked: line.ticked ? "yes" : "no",
      },
    })),
  );

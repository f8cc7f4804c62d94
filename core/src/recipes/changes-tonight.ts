import type { Catalogue } from "../catalogue/index.ts";
import { accept, refuse, type Result } from "../measure/index.ts";
import { rawAs } from "./adapt.ts";
import { fillerOf, lineOf, writtenFiller, type Formula, type Line } from "./formula.ts";
import { isBarred } from "./slots.ts";
import { substitutionFor } from "./substitute.ts";
import { substitutionTable } from "./tables/substitutions.ts";

/** What a cook does otherwise this once, as the dish is made; the recipe stays as it is. */
export type TonightsChanges = {
  /** Lines that are filled with something else, in the amount that does the work of what is written. */
  readonly swaps: readonly { readonly lineId: string; readonly ingredient: string }[];
  /** What the recipe never had: grams (> 0) in the whole make, raw or cooked by the time it goes in. */
  readonly joined: readonly Joined[];
  /** Lines that stay out. */
  readonly leftOut: readonly string[];
};

type Joined = {
  readonly id: string;
  readonly ingredient: string;
  readonly grams: number;
  readonly isCooked: boolean;
};

export type ChangeIssue =
  | { readonly code: "line-unknown"; readonly lineId: string }
  | { readonly code: "never-raw"; readonly ingredient: string }
  | { readonly code: "ingredient-unknown"; readonly ingredient: string }
  | { readonly code: "listed-twice"; readonly lineId: string }
  | { readonly code: "nothing-left" };

export const noChanges: TonightsChanges = { swaps: [], joined: [], leftOut: [] };

type Kitchen = { readonly catalogue: Catalogue; readonly batches: number };

function swapped(line: Line, ingredient: string, { catalogue }: Kitchen): Result<Line, ChangeIssue> {
  const [from, to] = [writtenFiller(line)?.ingredient ?? "", ingredient].map((id) =>
    catalogue.ingredients.get(id),
  );
  if (!to || !from) return refuse({ code: "ingredient-unknown", ingredient });
  if (isBarred(line, to)) return refuse({ code: "never-raw", ingredient });
  const row = substitutionTable.find((one) => one.from === from.id && one.to === to.id);
  const substitution = substitutionFor(line.grams, [from, to], row);
  const changed = { grams: substitution.grams, fillers: [fillerOf(ingredient)] };
  return accept({ ...line, ...changed, ...rawAs(line, substitution, catalogue) });
}

function lineOfJoined(joined: Joined, { catalogue, batches }: Kitchen): Result<Line, ChangeIssue> {
  const { id, ingredient, isCooked } = joined;
  const facts = catalogue.ingredients.get(ingredient);
  if (!facts) return refuse({ code: "ingredient-unknown", ingredient });
  const line = lineOf(
    { id, role: "finish", grams: joined.grams / batches, fillers: [fillerOf(ingredient)] },
    { eatenRaw: !isCooked },
  );
  return isBarred(line, facts) ? refuse({ code: "never-raw", ingredient }) : accept(line);
}

/** Of some changes those to a formula's own lines: what is swapped within another recipe changes nothing here. */
export function ownChanges(formula: Formula, changes: TonightsChanges): TonightsChanges {
  const own = new Set(formula.lines.map(({ id }) => id));
  return {
    ...changes,
    swaps: changes.swaps.filter(({ lineId }) => own.has(lineId)),
    leftOut: changes.leftOut.filter((lineId) => own.has(lineId)),
  };
}

/** What is named twice cannot be told apart; undefined where nothing is. */
const twiceIn = (ids: readonly string[]): string | undefined => ids.find((id, i) => ids.indexOf(id) !== i);

/**
 * The formula as it is made this once, for so many batches (> 0): allergens, diet, dates and weights follow from it as from
 * any other. Refuses a line that is not there or is listed twice, food that nobody knows, what is never eaten raw in a line that is, and a
 * dish that nothing is left of.
 */
export function withTonightsChanges(
  formula: Formula,
  { swaps, joined, leftOut }: TonightsChanges,
  kitchen: Kitchen,
): Result<Formula, ChangeIssue> {
  const known = new Set(formula.lines.map((line) => line.id));
  const stranger = [...swaps.map((swap) => swap.lineId), ...leftOut].find((lineId) => !known.has(lineId));
  if (stranger !== undefined) return refuse({ code: "line-unknown", lineId: stranger });
  const twice =
    twiceIn([...known, ...joined.map((one) => one.id)]) ?? twiceIn(swaps.map((one) => one.lineId));
  if (twice !== undefined) return refuse({ code: "listed-twice", lineId: twice });
  const kept = formula.lines
    .filter((line) => !leftOut.includes(line.id))
    .map((line) => {
      const swap = swaps.find((one) => one.lineId === line.id);
      return swap ? swapped(line, swap.ingredient, kitchen) : accept(line);
    });
  const lines: Line[] = [];
  for (const line of [...kept, ...joined.map((one) => lineOfJoined(one, kitchen))]) {
    if (!line.ok) return line;
    lines.push(line.value);
  }
  return lines.length > 0 ? accept({ ...formula, lines }) : refuse({ code: "nothing-left" });
}

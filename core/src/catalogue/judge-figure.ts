import { accept, refuse, type Result } from "../measure/index.ts";
import type { IngredientFacts } from "./catalogue.ts";
import { compositionKeys, seasonKeys, type OwnFigure } from "./own.ts";

export type FigureIssue =
  | {
      readonly code: "figures-out-of-order";
      readonly low: number;
      readonly value: number;
      readonly high: number;
    }
  | {
      readonly code: "figure-out-of-range";
      readonly value: number;
      readonly atLeast: number;
      readonly atMost: number;
    }
  | { readonly code: "figure-unknown"; readonly key: string };

const ranges: Readonly<Record<OwnFigure["table"], readonly [atLeast: number, atMost: number]>> = {
  measure: [0.01, 20_000],
  trim: [0.01, 6],
  composition: [0, 100],
  cooking: [0.05, 6],
  keeping: [1, 400],
  season: [1, 12],
  strength: [0, 20],
};

/** The names a table's figures have, where it takes no others. */
const keysOf: Readonly<Partial<Record<OwnFigure["table"], readonly string[]>>> = {
  composition: compositionKeys,
  keeping: ["days"],
  season: seasonKeys,
  strength: ["strength"],
};

/** Refuses a figure out of order, out of its table's range, or of a name the table does not have. */
export function judgeFigure(figure: OwnFigure, facts: IngredientFacts): Result<OwnFigure, FigureIssue> {
  const { low, value, high, table, key } = figure;
  if (!(low <= value && value <= high)) return refuse({ code: "figures-out-of-order", low, value, high });
  const [atLeast, atMost] = ranges[table];
  if (low < atLeast || high > atMost) return refuse({ code: "figure-out-of-range", value, atLeast, atMost });
  if (keysOf[table]?.includes(key) === false) return refuse({ code: "figure-unknown", key });
  if (table === "season" && ![low, value, high].every(Number.isInteger))
    return refuse({ code: "figure-out-of-range", value, atLeast, atMost });
  const dry = facts.trims.find((t) => t.method === key);
  if (table === "trim" && dry && dry.high <= 1 && high > 1)
    return refuse({ code: "figure-out-of-range", value, atLeast, atMost: 1 });
  return accept(figure);
}

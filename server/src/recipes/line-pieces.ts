import { piecesOfLine, writtenFiller, type Line } from "@apron/core/recipes";
import { nameFor } from "../stock/present-lot.ts";
import type { RequestContext } from "../context/request-context.ts";

/** What a line counts, for so many batches, in this kitchen's name: "4 leeks", and what they weigh. Null where it counts nothing. */
export function piecesAsked(line: Line, batches: number, context: RequestContext) {
  const written = writtenFiller(line)?.ingredient;
  return written === undefined
    ? null
    : piecesOfLine(line, batches, {
        name: nameFor(context, written),
        facts: context.catalogue.ingredients.get(written),
      });
}

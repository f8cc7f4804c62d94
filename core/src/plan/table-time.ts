import type { Catalogue } from "../catalogue/index.ts";
import type { Minutes, StepTool } from "../recipes/index.ts";
import { pieceMm, timeForSize, type Heat } from "../trim/index.ts";
import type { CookedFood } from "./cooked-food.ts";

const heatOf: Readonly<Partial<Record<StepTool, Heat>>> = { oven: "oven", grill: "grill", hob: "water" };

/** A row's minutes for pieces of another size; as they are where the food or the row names none. */
function forItsSize(usual: Minutes, piece: string, { tool, sizeMm }: CookedFood): Minutes {
  const [referenceMm, heat] = [pieceMm(piece), heatOf[tool]];
  if (sizeMm === null || referenceMm === undefined || heat === undefined) return usual;
  const sized = timeForSize(sizeMm, { ...usual, referenceMm }, heat);
  return sized.ok ? { low: sized.value.lookMin, high: sized.value.doneMin } : usual;
}

/** Minutes that the tables of cooking give for a food in pieces of its size; undefined where they have none. */
export function tableTime(food: CookedFood, catalogue: Catalogue): Minutes | undefined {
  const facts = catalogue.ingredients.get(food.ingredient);
  const row = facts?.changes.find((change) => change.method === food.method);
  if (row?.minutesLow == null || row.minutesHigh == null) return undefined;
  return forItsSize({ low: row.minutesLow, high: row.minutesHigh }, row.piece, food);
}

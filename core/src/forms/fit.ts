import { madeFrom, partsNamed, type FoodPart } from "../catalogue/index.ts";
import { isCooked, type FoodForm } from "./food-form.ts";

/** Food on hand: which ingredient, in which form, by which method it came to be so. */
export type FoodOnHand = {
  readonly ingredient: string;
  readonly form: FoodForm;
  readonly method: string | null;
  /** Usable ÷ bought expected of whole food here, by each way of trimming it. Empty once it is trimmed. */
  readonly yields: Readonly<Record<string, number>>;
  /** What it is of its ingredient, where it came off beside the usable part: "thick stems". */
  readonly part?: string | null;
};

/**
 * What a line asks for, before the dish's own cooking: an ingredient after a way of trimming (`method`), or as it comes.
 * `only` is said of what must be whole: "1 whole lemon".
 */
export type FoodWanted = {
  readonly ingredient: string;
  readonly method: string | null;
  readonly form: FoodForm;
  readonly only: boolean;
  /** A part that comes off by `method` beside what that is done for, and how much of the rest: "stems only". */
  readonly part?: { readonly name: FoodPart; readonly ofRest: number };
  /** The line's own cooking and what it does to the weight: what is cooked so already fits too. */
  readonly cook: { readonly method: string; readonly form: FoodForm; readonly factor: number } | null;
};

/** How food on hand gets into a line. */
export type Fit = {
  /** Grams as they lie for one usable gram of the line. */
  readonly perGram: number;
  /** The trim that is still to be done; null where it is ready. */
  readonly toDo: string | null;
  /** What of that trim is taken, where it is not the usable part. */
  readonly part: FoodPart | null;
  /** It is cooked already, as the line would cook it. */
  readonly isCooked: boolean;
};

const ready: Fit = { perGram: 1, toDo: null, part: null, isCooked: false };

/**
 * Part of food: off a lot that is just that, or off whole food by the trim that gives it, of which there is the more the
 * less this kitchen keeps as usable.
 */
function partOf(
  food: FoodOnHand,
  { name, ofRest }: { readonly name: FoodPart; readonly ofRest: number },
  method: string,
): Fit | undefined {
  if (food.part) return partsNamed(food.part).includes(name) ? ready : undefined;
  const yielded = food.form === "whole" ? food.yields[method] : undefined;
  if (yielded === undefined || yielded >= 1) return undefined;
  return { ...ready, perGram: 1 / (ofRest * (1 - yielded)), toDo: method, part: name };
}

const trimmed = (food: FoodOnHand, method: string): Fit | undefined => {
  const yielded = food.yields[method];
  return yielded !== undefined && yielded > 0 ? { ...ready, perGram: 1 / yielded, toDo: method } : undefined;
};

/** Forms that stand for each other where a line takes food as it comes or merely cut. */
const raw: readonly FoodForm[] = ["cut", "drained"];

function sameFood(food: FoodOnHand, wanted: FoodWanted): Fit | undefined {
  if (wanted.part && wanted.method !== null) return partOf(food, wanted.part, wanted.method);
  if (food.part) return undefined;
  if (food.form === "whole") {
    if (wanted.form === "whole") return ready;
    return wanted.method === null ? undefined : trimmed(food, wanted.method);
  }
  if (food.form === wanted.form) return ready;
  const { cook } = wanted;
  if (cook && isCooked(food.form) && food.form === cook.form && raw.concat("whole").includes(wanted.form))
    return food.method === cook.method ? { ...ready, perGram: cook.factor, isCooked: true } : undefined;
  if (wanted.only) return undefined;
  if (wanted.form === "whole") return [...raw, "part", "juice"].includes(food.form) ? ready : undefined;
  return raw.includes(food.form) && raw.includes(wanted.form) ? ready : undefined;
}

/** Food of another name that is what is wanted, or becomes it: a lemon for its juice, home-boiled beans for tinned. */
function fromAnother(food: FoodOnHand, wanted: FoodWanted): Fit | undefined {
  const edge = madeFrom.find((one) => one.ingredient === wanted.ingredient && one.from === food.ingredient);
  if (!edge) return undefined;
  if (food.form === "whole") return trimmed(food, edge.method);
  return food.method === edge.method ? ready : undefined;
}

/**
 * May food on hand go into a line that wants this form, and how? Undefined where no path leads there: peeled raw flesh
 * never becomes charred flesh, juice never zest, and cooked food never raw.
 */
export const fitOf = (food: FoodOnHand, wanted: FoodWanted): Fit | undefined =>
  food.ingredient === wanted.ingredient ? sameFood(food, wanted) : fromAnother(food, wanted);

/** Every ingredient that food of this name may be asked for as: itself, and what is made from it. */
export const askedForAs = (ingredient: string): string[] => [
  ingredient,
  ...madeFrom.filter((one) => one.from === ingredient).map((one) => one.ingredient),
];

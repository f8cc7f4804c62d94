import type { TrimYield } from "./rows.ts";

/** What comes off food beside the part it is bought for. */
export const foodParts = [
  "outer leaves",
  "stems",
  "tops",
  "core",
  "peel",
  "rind",
  "seeds",
  "fronds",
  "pods",
  "cob",
  "white",
] as const;
export type FoodPart = (typeof foodParts)[number];

/** "basil on the stalk": it as it grew, and no stalks of it. */
export const onItsStalk = "on (?:the|its|their) (?:stalk|stem|branch|plant)s?";

/** The words that each is called by, in lines of recipes and in the trim tables alike. */
const words: Readonly<Record<FoodPart, string>> = {
  "outer leaves": "outer lea(?:f|ves)",
  stems: "(?:mid)?ribs?|stems?|stalks?",
  tops: "tops|greens",
  core: "cores?|core stub",
  peel: "peel(?:ings?)?|skins?",
  rind: "rinds?",
  seeds: "seeds?",
  fronds: "fronds?",
  pods: "pods?",
  cob: "cobs?",
  white: "whites?",
};
const pattern = (part: FoodPart, before = "", after = ""): RegExp =>
  new RegExp(`${before}\\b(?:${words[part]})\\b${after}`, "i");

type Patterns = {
  readonly part: FoodPart;
  readonly named: RegExp;
  readonly wanted: RegExp;
  /** "cauliflower core", "core of a cauliflower"; "carrots with tops" are carrots. */
  readonly ofFood: readonly RegExp[];
};
const patterns: readonly Patterns[] = foodParts.map((part) => ({
  part,
  named: pattern(part),
  wanted: pattern(part, "^(?:the |its |their )?", " only\\b"),
  ofFood: [
    new RegExp(
      `^(?<food>.+?)(?<! with| without| and| or| no| on| plus| &| in| in the| in their| in its) (?:(?:fine|thick|tough|dark) )?(?:${words[part]})$`,
      "i",
    ),
    new RegExp(`^(?:${words[part]}) (?:of|from) (?:an? |the |some )?(?<food>.+)$`, "i"),
  ],
}));

/** Every part that a text names: "stems and midribs" are stems, "core and seeds" are two parts. */
export const partsNamed = (text: string): FoodPart[] =>
  patterns.filter(({ named }) => named.test(text)).map(({ part }) => part);

/** The part that the words of a preparation ask for: "stems only, sliced"; undefined of "stems removed". */
export const partWanted = (preparation: string): FoodPart | undefined =>
  preparation.includes("only") ? patterns.find(({ wanted }) => wanted.test(preparation))?.part : undefined;

/** The words that ask for a part, as `partWanted` reads them. */
export const partOnly = (part: FoodPart): string => `${part} only`;

/** A trim that gives a part of food, and how much it is of what that trim does not leave usable (0–1]. */
export type PartYield = { readonly method: string; readonly ofRest: number };

/** How a part comes off: by the most usual trim that gives it. Undefined where no table knows that it does. */
export function partYield(
  trims: readonly Pick<TrimYield, "method" | "mean" | "byProducts">[],
  part: FoodPart,
): PartYield | undefined {
  for (const { method, mean, byProducts } of trims) {
    const found = byProducts.find((one) => partsNamed(one.part).includes(part));
    const named = byProducts.reduce((total, one) => total + one.fraction, 0);
    if (found) return { method, ofRest: found.fraction / Math.max(named, 1 - mean) };
  }
  return undefined;
}

/** A name that is a food and a part of it: "cauliflower core", "outer leaves of cabbage". */
export function splitPart(name: string): { readonly food: string; readonly part: FoodPart } | undefined {
  for (const { part, ofFood } of patterns)
    for (const shape of ofFood) {
      const food = shape.exec(name)?.groups?.["food"];
      if (food !== undefined) return { food, part };
    }
  return undefined;
}

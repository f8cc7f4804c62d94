import type { Category } from "../../catalogue/index.ts";

/** What a whole kind of food is called in a step, one of it. Common practice, no source. */
export const kindWords: Readonly<Partial<Record<Category, readonly string[]>>> = {
  leaf: ["leaf", "salad"],
  "soft-herb": ["herb"],
  nut: ["nut"],
  seed: ["seed"],
  cheese: ["cheese"],
  flower: ["flower", "petal"],
  oil: ["oil"],
  grain: ["grain"],
  legume: ["bean", "pulse"],
  acid: ["acid", "vinegar"],
  root: ["root"],
};

/** Words of names that tell no food from another; behind a name they belong to it ("mint leaves", "walnut oil"). */
export const ofNoFood: ReadonlySet<string> = new Set([
  ...["fine", "fresh", "dried", "dry", "white", "black", "green", "yellow", "orange", "purple"],
  ...["baby", "leaf", "juice", "round", "whole", "large", "small", "with", "from", "wild", "sweet", "flat"],
  ...["extra", "virgin", "plain", "water", "cooked", "boiled", "roasted", "smoked", "pickled", "frozen"],
  ...["ground", "canned", "tinned", "drained", "jarred", "marinated", "part", "other", "mixed", "hard", "soft"],
  ...["seed", "petal", "flower", "flesh", "zest", "peel", "stem", "stalk", "sprig", "powder", "oil", "nut"],
  ...["herb", "paste", "strip", "floret", "flake", "root", "type", "style", "unsalted", "salted", "light"],
  ...["cold", "warm", "quick", "slow", "roast", "blend", "mix", "spread", "dressing", "steak", "joint"],
]);

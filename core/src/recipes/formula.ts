/** What kind of dish it is; appetite and the shelf are counted by kind. */
export const dishKinds = [
  "leaf-salad",
  "chopped-salad",
  "slaw",
  "grain-salad",
  "composed-plate",
  "cooked-salad",
  "cooked-vegetables",
  "pesto",
  "herb-sauce",
  "dip",
  "dressing",
  "preserve",
] as const;
export type DishKind = (typeof dishKinds)[number];

/** The part a line plays in the dish. "liquid" is what something is cooked in: it carries salt, allergens and diet. */
export const roles = [
  "base",
  "body",
  "green",
  "nut",
  "cheese",
  "oil",
  "acid",
  "allium",
  "salt",
  "salty",
  "sweet",
  "creamy",
  "crunch",
  "bright",
  "finish",
  "liquid",
] as const;
export type Role = (typeof roles)[number];

/** How much of a filler replaces the written one: gram for gram, cup for cup, or as sour, salty or strong as it. */
export const conversions = ["mass", "volume", "strength"] as const;
export type Conversion = (typeof conversions)[number];

/**
 * What may fill a line: at most `maxShare` (0–1] and at least `minShare` [0–1] of it. The first filler is the written
 * one; shares are of the line's written amount, after conversion.
 */
export type Filler = {
  readonly ingredient: string;
  readonly maxShare: number;
  readonly minShare: number;
  readonly convertBy: Conversion;
};

/**
 * A cook's hand on the bottle, as shares of the written amount: begin with `start` (0–1], add by `step` (0–1], stop at
 * `most` (≥ 1, which may exceed what is written).
 */
export type GradualAddition = { readonly start: number; readonly step: number; readonly most: number };

export type GramRange = { readonly low: number; readonly high: number };

/**
 * One line of a formula. `grams` is usable food for one batch, before any cooking of that line; `range` its low and
 * high where the recipe gives one, and `written` the amount in the recipe's own words.
 * `trim` names the trim method the preparation implies, `cook` a cooking change ("roast-diced"); null where there is
 * none. `eatenRaw` lines never take a never-raw filler. `strongShare` caps dominant fillers (strength 3) together, as
 * a share of the line (1 = no cap). A line with `recipe` is made by another formula and has no fillers of its own.
 */
export type Line = {
  readonly id: string;
  readonly group: string;
  readonly role: Role;
  readonly grams: number;
  readonly range: GramRange | null;
  readonly amountText: string;
  /**
   * Where the recipe counts whole pieces ("4 leeks"): grams as they are bought. `grams` is then what is left of them
   * after the line's trim. Null where the amount is of usable food already.
   */
  readonly asBoughtG: number | null;
  /**
   * Where the recipe asks for cooked food ("2 cups cooked rice"): grams cooked. `grams` is then the dry food that gives
   * them by the line's `cook`. Null where the amount is of food before its cooking.
   */
  readonly cookedG: number | null;
  readonly fillers: readonly Filler[];
  readonly recipe: string | null;
  readonly preparation: string;
  readonly trim: string | null;
  readonly eatenRaw: boolean;
  readonly cook: string | null;
  readonly maxStrongHerbShare: number;
  readonly optional: boolean;
  readonly toTaste: boolean;
  readonly gradualAddition: GradualAddition | null;
};

/** What a step is done with. `trayShare` of one oven tray (0–1], °C of a conventional oven. */
export const stepTools = [
  "hands",
  "hob",
  "oven",
  "grill",
  "processor",
  "blender",
  "fridge",
  "freezer",
] as const;
export type StepTool = (typeof stepTools)[number];

export type Minutes = { readonly low: number; readonly high: number };

/**
 * One way to do a step, with all that scheduling needs and the recipe tells; null where it does not. `activeMin` keeps the hands
 * busy, `passiveMin` runs by itself. `wait` is how long the result must, and may, stand before the next step.
 */
export type StepWay = {
  readonly text: string;
  readonly activeMin: number | null;
  readonly passiveMin: Minutes | null;
  readonly tool: StepTool | null;
  readonly celsius: number | null;
  readonly trayShare: number | null;
  /** Preheating, water coming to the boil, charcoal: minutes before the step can begin. */
  readonly warmUpMin: number | null;
  /** The sign that it is done, which outranks the clock. */
  readonly doneWhen: string;
  readonly checkEveryMin: number | null;
  readonly wait: { readonly leastMin: number; readonly mostMin: number | null } | null;
  /** What the machine or pan takes at once, grams: the blades must catch, the pan must not be crowded. */
  readonly load: { readonly leastG: number; readonly mostG: number } | null;
  /** A plain portion is set aside before this step. */
  readonly setAside: boolean;
  readonly tasteCold: boolean;
};

/** As many other ways as a step may have. */
export const mostOtherWays = 4;

/** A step as it is written, with other ways to do the same (over a flame, halved): a plan may take any of them. */
export type Step = StepWay & { readonly otherWays?: readonly StepWay[] | undefined };

/** Keeping subjects by place; a place that is null is never offered for this dish. */
export type FormulaKeeping = { readonly fridge: string | null; readonly freezer: string | null };

/** What a batch is said to make, where the recipe says it by mass or volume. */
export type Makes =
  { readonly kind: "mass"; readonly grams: number } | { readonly kind: "volume"; readonly ml: number };

export type Formula = {
  readonly id: string;
  readonly name: string;
  readonly kind: DishKind;
  readonly servings: number;
  readonly makes: Makes | null;
  readonly minutes: number;
  readonly lines: readonly Line[];
  readonly steps: readonly Step[];
  readonly keeping: FormulaKeeping;
  /** Grams per millilitre of the finished dish, for filling containers. */
  readonly gramsPerMl: number;
  /** Triggers of cautions that the ingredients alone do not tell (a hot blender, food held in oil …). */
  readonly cautions: readonly string[];
  readonly notes: string;
  /** The cook's own order of what goes on the plate, bottom first, by the keys of its layers; nothing: as the steps go. */
  readonly layers?: readonly string[] | undefined;
  /** Ingredient lines nobody could read, kept as they were written; they count for nothing. */
  readonly unread: readonly string[];
};

/** A filler that may take all of its line, gram for gram. */
export const fillerOf = (ingredient: string, more: Partial<Filler> = {}): Filler => ({
  ingredient,
  maxShare: 1,
  minShare: 0,
  convertBy: "mass",
  ...more,
});

/** Of an amount that was worked out or weighed: usable grams, without a range or words of its own. */
export const weighedAmount = { range: null, amountText: "", asBoughtG: null, cookedG: null } as const;

/** A line eaten raw, with nothing special about it; `more` says what is. */
export const lineOf = (
  line: Pick<Line, "id" | "role" | "grams" | "fillers">,
  more: Partial<Line> = {},
): Line => ({
  ...line,
  group: "",
  ...weighedAmount,
  recipe: null,
  preparation: "",
  trim: null,
  eatenRaw: true,
  cook: null,
  maxStrongHerbShare: 1,
  optional: false,
  toTaste: false,
  gradualAddition: null,
  ...more,
});

/** A step of which only the words are known; `more` says the rest. */
export const stepOf = (text: string, more: Partial<Step> = {}): Step => ({
  text,
  activeMin: null,
  passiveMin: null,
  tool: null,
  celsius: null,
  trayShare: null,
  warmUpMin: null,
  doneWhen: "",
  checkEveryMin: null,
  wait: null,
  load: null,
  setAside: false,
  tasteCold: false,
  ...more,
});

/** The written filler of a line: its first; undefined of a line that another recipe makes. */
export const writtenFiller = (line: Line): Filler | undefined => line.fillers[0];

/** The dish as it is written: the first filler of each line. */
export const writtenIngredients = (formula: Formula): string[] =>
  formula.lines.flatMap((line) => writtenFiller(line)?.ingredient ?? []);

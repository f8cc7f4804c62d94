/** What kind of dish it is; appetite and the shelf are counted by kind. */
export type DishKind =
  "leaf-salad" | "slaw" | "pesto" | "herb-sauce" | "dip" | "dressing" | "grain-salad" | "cooked-salad";

/** The part a line plays in the dish. */
export type Role =
  | "base"
  | "body"
  | "creamy"
  | "crunch"
  | "bright"
  | "salty"
  | "finish"
  | "green"
  | "nut"
  | "cheese"
  | "oil"
  | "acid"
  | "allium"
  | "salt"
  | "sweet"
  | "liquid";

/** What may fill a line, and up to which share of it (0–1]. The first filler is the written one. */
export type Filler = { readonly ingredient: string; readonly maxShare: number };

/**
 * One line of a formula. `grams` is usable food for one batch, before any cooking of that line.
 * `cook` names a cooking change ("roast-diced") or is null; `eatenRaw` lines never take a never-raw filler.
 * `strongShare` caps dominant fillers (strength 3) together, as a share of the line (1 = no cap).
 */
export type Line = {
  readonly id: string;
  readonly role: Role;
  readonly grams: number;
  readonly fillers: readonly Filler[];
  readonly preparation: string;
  readonly eatenRaw: boolean;
  readonly cook: string | null;
  readonly strongShare: number;
};

/** Keeping subjects by place; a place that is null is never offered for this dish. */
export type FormulaKeeping = { readonly fridge: string | null; readonly freezer: string | null };

export type Formula = {
  readonly id: string;
  readonly name: string;
  readonly kind: DishKind;
  readonly servings: number;
  readonly minutes: number;
  readonly lines: readonly Line[];
  readonly steps: readonly string[];
  readonly keeping: FormulaKeeping;
  /** Grams per millilitre of the finished dish, for filling containers. */
  readonly gramsPerMl: number;
  /** Triggers of cautions that the ingredients alone do not tell (a hot blender, food held in oil …). */
  readonly cautions: readonly string[];
};

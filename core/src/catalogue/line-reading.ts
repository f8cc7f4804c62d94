import type { CupSystem, Estimate, LineParts, LineRemarks } from "../measure/index.ts";
import type { IngredientFacts } from "./catalogue.ts";
import type { NameIndex, NameMatch } from "./name-index.ts";
import type { FoodPart } from "./part-names.ts";
import type { AmountForm, OunceMeaning, WeightIssue } from "./to-grams.ts";
import type { Language, Lexicon } from "../languages/index.ts";

/** Whom a text names: one ingredient and how it was recognised, several to choose from, or nobody known. */
export type LineIngredient =
  | { readonly kind: "one"; readonly id: string; readonly how: Exclude<NameMatch["how"], "spelling"> }
  | { readonly kind: "ask"; readonly candidates: readonly string[] }
  | { readonly kind: "unknown" };

/** What the cook must be asked before the line counts. */
export type LineQuestion =
  | { readonly code: "ingredient-unknown"; readonly text: string }
  | { readonly code: "ingredient-unclear"; readonly text: string; readonly candidates: readonly string[] }
  | { readonly code: "two-ingredients"; readonly text: string }
  | { readonly code: "amount-unclear"; readonly text: string }
  | WeightIssue;

/** Something else that will do in place of what a line names, and how much of the line it may be (0–1]. */
export type LineAlternative = {
  readonly text: string;
  readonly ingredient: LineIngredient;
  readonly maxShare: number;
};

/** A recipe or market line as the kitchen understands it; `text` is kept as it was written. */
export type LineReading = {
  readonly text: string;
  readonly heading: boolean;
  readonly ingredient: LineIngredient;
  readonly count: LineParts["count"];
  /** Unit or measure, with its size: "cup", "large clove", "". */
  readonly measure: string;
  readonly name: string;
  readonly preparation: string;
  readonly remarks: LineRemarks;
  readonly alternatives: readonly LineAlternative[];
  /** Null where no amount was given, or a question stands in the way. */
  readonly grams: Estimate | null;
  readonly weighed: boolean;
  /** Of which form of the food the grams are. */
  readonly form: AmountForm;
  /** Pieces were counted whose weight the table gives trimmed. */
  readonly isTrimmedPiece: boolean;
  readonly workings: string;
  readonly questions: readonly LineQuestion[];
  /** The language it was read in, where that is not English. */
  readonly language: Language | null;
};

/** What a kitchen reads lines with. */
export type LineReader = {
  readonly index: NameIndex;
  readonly facts: (id: string) => IngredientFacts | undefined;
  readonly cup: CupSystem;
  /** What this kitchen has said "oz" means, by ingredient. */
  readonly ounces: Readonly<Record<string, OunceMeaning>>;
  /** What this kitchen has said a name means that could mean several, by the words of the name. */
  readonly meanings: Readonly<Record<string, string>>;
  /** Which food the line is of, where that has been answered for it. */
  readonly meant?: string | undefined;
  /** The language of the recipe, where it is known; else each line is tried in all of them. */
  readonly language: Language | null;
  readonly lexicons: () => ReadonlyMap<Language, Lexicon>;
};

/** A line taken apart, with the part of the food that it asks for. */
export type NamedParts = LineParts & { readonly part?: FoodPart | undefined };

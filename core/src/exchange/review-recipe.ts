import {
  readLine,
  type IngredientFacts,
  type LineQuestion,
  type LineReader,
  type LineReading,
} from "../catalogue/index.ts";
import { toMilligram } from "../measure/index.ts";
import {
  impliedBy,
  usableAmount,
  kindFromWords,
  minutesIn,
  readStep,
  defaultLineRole,
  defaultPortionG,
  type DishKind,
  type Line,
  type Makes,
  type Step,
} from "../recipes/index.ts";
import type { RecipeDraft } from "./recipe-draft.ts";
import { splitSeasoning } from "./split-seasoning.ts";

/** One ingredient line as this kitchen understands it, before the cook has looked at it. */
export type ReviewedLine = Pick<
  Line,
  | "group"
  | "role"
  | "preparation"
  | "trim"
  | "cook"
  | "eatenRaw"
  | "optional"
  | "toTaste"
  | "range"
  | "asBoughtG"
  | "cookedG"
> & {
  readonly text: string;
  /** Null where nobody could say what it is of; then it asks. */
  readonly ingredient: string | null;
  readonly alternatives: readonly string[];
  readonly grams: number | null;
  readonly weighed: boolean;
  /** A start where the recipe gives no amount: shown, never taken without being asked for. */
  readonly proposal: { readonly grams: number; readonly why: string } | null;
  readonly workings: string;
  readonly questions: readonly LineQuestion[];
};

export type RecipeReview = {
  readonly title: string;
  readonly kind: DishKind;
  readonly servings: number | null;
  /** Portions by the weight of it all, where the recipe does not say. */
  readonly servingsProposal: number;
  readonly makes: Makes | null;
  readonly minutes: number | null;
  readonly notes: string;
  readonly lines: readonly ReviewedLine[];
  readonly steps: readonly Step[];
};

/** Salt to begin with when a recipe says only "to taste": one gram in a hundred. Common practice, no source. */
const saltToStart = 0.01;
const smallMeasures = ["handful", "sprig", "pinch", "leaf"] as const;

function proposalFor(facts: IngredientFacts, othersG: number): ReviewedLine["proposal"] {
  if (facts.group === "salt" && othersG > 0)
    return { grams: Math.round(othersG * saltToStart * 10) / 10, why: "1 % of the rest" };
  const small = smallMeasures
    .map((measure) => facts.measures.find((row) => row.measure === measure))
    .find((row) => row !== undefined);
  return small ? { grams: small.grams, why: `one ${small.measure}` } : null;
}

const oneIngredient = (reading: LineReading): string | null =>
  reading.ingredient.kind === "one" ? reading.ingredient.id : null;

/** A range that the line itself gives ("80–100 g"), not the spread of a loose measure. */
function rangeOf({ count }: LineReading, grams: number | undefined): Line["range"] {
  if (!count || !grams || count.low === count.high || count.low <= 0) return null;
  const middle = (count.low + count.high) / 2;
  return {
    low: toMilligram((grams * count.low) / middle),
    high: toMilligram((grams * count.high) / middle),
  };
}

/** "kosher salt, dense flake": what follows the comma of its own name is no preparation. */
function ownWordsLeftOut(preparation: string, facts: IngredientFacts | undefined): string {
  const tails = [facts?.uk ?? "", facts?.us ?? "", ...(facts?.other ?? [])].flatMap(
    (name) => /(?:,\s*|\()([^()]+?)\)?$/.exec(name)?.[1] ?? [],
  );
  const own = tails.find((tail) => preparation === tail || preparation.startsWith(`${tail},`));
  return own === undefined ? preparation : preparation.slice(own.length).replace(/^,\s*/, "");
}

type Grouped = { readonly reading: LineReading; readonly group: string };

type Dish = { readonly kind: DishKind; readonly othersG: number; readonly reader: LineReader };

type Amount = ReturnType<typeof usableAmount>;

/** What of a line goes into the dish; undefined where it does not say how much, or of what. */
function amountOf(
  reading: LineReading,
  facts: IngredientFacts | undefined,
  trim: string | null,
): Amount | undefined {
  const { grams, preparation, text } = reading;
  return facts && grams
    ? usableAmount({ ...reading, grams }, facts, { trim, words: `${preparation} ${text}` })
    : undefined;
}

function reviewLine({ reading, group }: Grouped, { kind, othersG, reader }: Dish): ReviewedLine {
  const ingredient = oneIngredient(reading);
  const facts = ingredient === null ? undefined : reader.facts(ingredient);
  const implied = facts && impliedBy(`${reading.preparation} ${reading.text}`, facts);
  const amount = amountOf(reading, facts, implied?.trim ?? null);
  const grams = amount?.grams ?? null;
  return {
    text: reading.text,
    group,
    ingredient,
    alternatives: reading.alternatives.flatMap((one) =>
      one.ingredient.kind === "one" ? one.ingredient.id : [],
    ),
    grams,
    asBoughtG: amount?.asBoughtG ?? null,
    cookedG: amount?.cookedG ?? null,
    range: rangeOf(reading, amount?.grams),
    weighed: reading.weighed,
    proposal: facts && grams === null ? proposalFor(facts, othersG) : null,
    role: facts ? defaultLineRole(facts, kind) : "body",
    preparation: ownWordsLeftOut(reading.preparation, facts),
    trim: implied?.trim ?? null,
    cook: amount?.cook ?? implied?.cook ?? null,
    eatenRaw: implied?.eatenRaw ?? true,
    optional: reading.remarks.optional,
    toTaste: reading.remarks.toTaste,
    workings: amount?.workings ?? reading.workings,
    questions: reading.questions,
  };
}

/** Lines under a heading ("For the dressing:") belong to its group. */
function grouped(texts: readonly string[], reader: LineReader): Grouped[] {
  let group = "";
  return texts.flatMap(splitSeasoning).flatMap((text) => {
    const reading = readLine(text, reader);
    if (!reading.heading) return [{ reading, group }];
    group = text.replace(/:\s*$/, "").trim().slice(0, 60);
    return [];
  });
}

/** Grams or millilitres of one batch; more was misread. */
const mostMade = 50_000;
const longestMinutes = 2880;

/** "Serves 4–6" is four to six: the smaller, so that nobody goes short. "Makes 300 ml" is a volume. */
export function readYield(text: string): { servings: number | null; makes: Makes | null } {
  const measured = /(\d+(?:[.,]\d+)?) ?(ml|l|litres?|g|kg)\b/i.exec(text);
  const amount = Number((measured?.[1] ?? "").replace(",", "."));
  const unit = (measured?.[2] ?? "").toLowerCase();
  const thousand = unit.startsWith("l") || unit === "kg" ? 1000 : 1;
  const makes: Makes | null =
    measured && amount > 0 && amount * thousand <= mostMade
      ? unit.endsWith("g")
        ? { kind: "mass", grams: amount * thousand }
        : { kind: "volume", ml: amount * thousand }
      : null;
  const said = /(\d+(?:\.\d+)?)/.exec(text.replace(measured?.[0] ?? "\u0000", ""))?.[1];
  const servings = Number(said);
  return { servings: said !== undefined && servings > 0 && servings <= 500 ? servings : null, makes };
}

/** The kind a dish is by its words, else by what most of it is. */
function kindOf(draft: RecipeDraft, lines: readonly Grouped[], reader: LineReader): DishKind {
  const named = kindFromWords(draft.category) ?? kindFromWords(draft.title);
  if (named) return named;
  const facts = lines.flatMap(({ reading }) => reader.facts(oneIngredient(reading) ?? "") ?? []);
  return facts.some((f) => f.category === "leaf") ? "leaf-salad" : "composed-plate";
}

/** Reads a draft line by line and step by step. Nothing is decided: the cook sees it all and may answer otherwise. */
export function reviewRecipe(draft: RecipeDraft, reader: LineReader): RecipeReview {
  const lines = grouped(draft.ingredients, reader);
  const kind = kindOf(draft, lines, reader);
  const about = (othersG: number): ReviewedLine[] =>
    lines.map((line) => reviewLine(line, { kind, othersG, reader }));
  const othersG = about(0).reduce((total, line) => total + (line.grams ?? 0), 0);
  const steps = draft.steps.map((text) => readStep(text.slice(0, 500)));
  const stated = readYield(draft.yieldText);
  const minutes = draft.minutes ?? minutesIn(draft.yieldText)?.high;
  return {
    title: draft.title,
    kind,
    ...stated,
    servingsProposal: Math.max(1, Math.round(othersG / defaultPortionG(kind))),
    minutes: minutes !== undefined && minutes >= 1 && minutes <= longestMinutes ? Math.round(minutes) : null,
    notes: draft.notes,
    lines: about(othersG),
    steps,
  };
}

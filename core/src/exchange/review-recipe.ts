import {
  findExactly,
  readLine,
  wordsOf,
  type IngredientFacts,
  type LineQuestion,
  type LineReader,
  type LineReading,
} from "../catalogue/index.ts";
import { cutText, toMilligram } from "../measure/index.ts";
import {
  impliedBy,
  usableAmount,
  guessKind,
  isHot,
  minutesIn,
  readStep,
  tasksOf,
  withOvenHeat,
  defaultLineRole,
  defaultPortionG,
  type DishContents,
  type DishKind,
  type Line,
  type Makes,
  type Step,
} from "../recipes/index.ts";
import { translate, type Language } from "../languages/index.ts";
import { categoryOf, notesOf, textsOf, titleOf, type RecipeDraft, type SourceLine } from "./recipe-draft.ts";
import { readYield, yieldInNotes, yieldInTitle } from "./read-yield.ts";
import { sections } from "./section-words.ts";
import { splitFoods } from "./split-foods.ts";

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
  /** Which line of the draft it was read from. */
  readonly source: number;
  /** The amount in words: the line's own, or what the cook said instead. */
  readonly amountText: string;
  /** Null where nobody could say what it is of; then it asks. */
  readonly ingredient: string | null;
  /** What else may fill it, and how much of it (0–1]. */
  readonly alternatives: readonly { readonly ingredient: string; readonly maxShare: number }[];
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
  /** The recipe says its kind itself; else it is a guess from what is in it. */
  readonly isKindSaid: boolean;
  readonly servings: number | null;
  /** Portions by the weight of it all, where the recipe does not say. */
  readonly servingsProposal: number;
  readonly makes: Makes | null;
  readonly minutes: number | null;
  readonly notes: string;
  readonly lines: readonly ReviewedLine[];
  readonly steps: readonly Step[];
  readonly language: Language | null;
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

type Grouped = {
  readonly reading: LineReading;
  readonly group: string;
  readonly source: number;
  readonly amountText: string;
};

type Dish = { readonly kind: DishKind; readonly othersG: number; readonly reader: LineReader };

type Amount = ReturnType<typeof usableAmount>;

/** What of a line goes into the dish; undefined where it does not say how much, or of what. */
function amountOf(
  reading: LineReading,
  facts: IngredientFacts | undefined,
  trim: string | null,
): Amount | undefined {
  const { grams, name, preparation, text } = reading;
  return facts && grams
    ? usableAmount({ ...reading, grams }, facts, { trim, words: `${name} ${preparation} ${text}` })
    : undefined;
}

function reviewLine(
  { reading, group, source, amountText }: Grouped,
  { kind, othersG, reader }: Dish,
): ReviewedLine {
  const ingredient = oneIngredient(reading);
  const facts = ingredient === null ? undefined : reader.facts(ingredient);
  const implied = facts && impliedBy(`${reading.preparation} ${reading.text}`, facts);
  const amount = amountOf(reading, facts, implied?.trim ?? null);
  const grams = amount?.grams ?? null;
  return {
    text: reading.text,
    source,
    amountText,
    group,
    ingredient,
    alternatives: reading.alternatives.flatMap(({ ingredient: other, maxShare }) =>
      other.kind === "one" ? { ingredient: other.id, maxShare } : [],
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

const isSection = (text: string): boolean =>
  Object.values(sections).some((words) => words.test(text.replace(/:$/, "")));

const inEnglish = (text: string, { language, lexicons }: LineReader): string => {
  const lexicon = language === null ? undefined : lexicons().get(language);
  return lexicon ? translate(text, lexicon).text : text;
};

/** Is a text the name of one food with nothing beside it, as "tinned" after a comma is not? */
const isOneFood =
  (reader: LineReader) =>
  (text: string): boolean =>
    findExactly(inEnglish(text, reader), reader.index)?.ids.length === 1;

/** Heated: on its own line, or by a step that uses heat and names it. */
function isHeated(
  { eatenRaw }: ReviewedLine,
  facts: IngredientFacts,
  heatedWords: readonly ReadonlySet<string>[],
): boolean {
  const nouns = [facts.us, facts.uk].flatMap((name) => wordsOf(name.split(/[,(/]/)[0] ?? "").at(-1) ?? []);
  return !eatenRaw || heatedWords.some((words) => nouns.some((noun) => words.has(noun)));
}

/** Ingredient lines as they read with what the cook said of them; "salt and pepper" is two. */
function readingsOf(line: SourceLine, reader: LineReader): Pick<Grouped, "reading" | "amountText">[] {
  const asked = { ...reader, meant: line.ingredient };
  const texts =
    line.ingredient === undefined && line.amount === undefined
      ? splitFoods(line.text, { english: inEnglish(line.text, reader), namesFood: isOneFood(reader) })
      : [line.text];
  return texts.map((text) => {
    const reading = readLine(text, asked);
    const { ingredient, name } = reading;
    if (line.amount === undefined || line.amount === "") return { reading, amountText: text };
    const amountText = `${line.amount} ${name}`.trim();
    const meant = ingredient.kind === "one" ? ingredient.id : undefined;
    // The words of the line stay; only how much there is comes from the answer.
    const { preparation, remarks, alternatives } = reading;
    const said = readLine(amountText, { ...asked, language: null, meant });
    return { reading: { ...said, text, preparation, remarks, alternatives }, amountText };
  });
}

/** "…, ditto": prepared as the line before it. */
const asBefore = /^(?:ditto|likewise|the same|as above|same again|prepared the same way)$/i;

const withDitto = (lines: readonly Grouped[]): Grouped[] =>
  lines.reduce<Grouped[]>((before, line) => {
    const preparation = before.at(-1)?.reading.preparation;
    const isDitto = preparation !== undefined && asBefore.test(line.reading.preparation);
    return [...before, isDitto ? { ...line, reading: { ...line.reading, preparation } } : line];
  }, []);

/** Ingredient lines, each under the heading before it ("For the dressing:"). */
function grouped(draft: RecipeDraft, reader: LineReader): Grouped[] {
  let group = "";
  const lines = draft.lines.flatMap((line, source): Grouped[] => {
    if (line.kind === "heading")
      group = isSection(line.text) ? "" : cutText(line.text.replace(/:\s*$/, "").trim(), 60);
    return line.kind === "ingredient"
      ? readingsOf(line, reader).map((one) => ({ ...one, group, source }))
      : [];
  });
  return withDitto(lines);
}

const longestMinutes = 2880;

const contentsOf = (
  draft: RecipeDraft,
  lines: readonly ReviewedLine[],
  about: { readonly steps: readonly Step[]; readonly reader: LineReader },
): DishContents => {
  const heatedWords = about.steps
    .filter(({ tool }) => isHot(tool))
    .map(({ text }) => new Set(wordsOf(inEnglish(text, about.reader))));
  return {
    title: titleOf(draft),
    category: categoryOf(draft),
    parts: lines.flatMap((line) => {
      const facts = line.ingredient === null ? undefined : about.reader.facts(line.ingredient);
      return facts ? [{ facts, grams: line.grams, isHeated: isHeated(line, facts, heatedWords) }] : [];
    }),
    tools: about.steps.map((step) => step.tool),
  };
};

/** Reads a draft line by line and step by step. Nothing is decided: the cook sees it all and may answer otherwise. */
export function reviewRecipe(draft: RecipeDraft, kitchenReader: LineReader): RecipeReview {
  const reader = { ...kitchenReader, language: draft.language };
  const lines = grouped(draft, reader);
  const about = (kind: DishKind, othersG: number): ReviewedLine[] =>
    lines.map((line) => reviewLine(line, { kind, othersG, reader }));
  const first = about("composed-plate", 0);
  const othersG = first.reduce((total, line) => total + (line.grams ?? 0), 0);
  const lexicon = draft.language === null ? undefined : reader.lexicons().get(draft.language);
  const steps = withOvenHeat(
    textsOf(draft, "step")
      .flatMap(tasksOf)
      .map((text) => readStep(cutText(text, 500), lexicon)),
  );
  const { kind, isSaid } = guessKind(contentsOf(draft, first, { steps, reader }));
  const named = yieldInTitle(titleOf(draft));
  const yieldText =
    textsOf(draft, "yield").join(" ") || named.yieldText || yieldInNotes(textsOf(draft, "note"));
  const minutes =
    draft.minutes ?? minutesIn(textsOf(draft, "time").join(" "))?.high ?? minutesIn(yieldText)?.high;
  return {
    title: named.title,
    kind,
    isKindSaid: isSaid,
    ...readYield(yieldText),
    servingsProposal: Math.max(1, Math.round(othersG / defaultPortionG(kind))),
    minutes: minutes !== undefined && minutes >= 1 && minutes <= longestMinutes ? Math.round(minutes) : null,
    notes: notesOf(draft),
    lines: about(kind, othersG),
    steps,
    language: draft.language,
  };
}

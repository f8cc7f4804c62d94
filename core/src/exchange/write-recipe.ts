import {
  lineReader,
  nameOf,
  readLine,
  type Catalogue,
  type Dialect,
  type LineReading,
} from "../catalogue/index.ts";
import { nameOnceCooked } from "../forms/index.ts";
import { trimmedDecimals } from "../measure/index.ts";
import {
  textWithWays,
  dietsOf,
  writtenIngredients,
  type Diet,
  type DishKind,
  type Formula,
  type Line,
} from "../recipes/index.ts";

/** How a kitchen writes things. */
export type RecipeWriter = {
  readonly name: (ingredient: string) => string;
  readonly recipeName: (id: string) => string;
  readonly catalogue: Catalogue;
  /** How a line of its own would be read. */
  readonly read: (text: string) => LineReading;
};

/**
 * A writer in a kitchen's dialect. Of an ingredient's names it takes the first that reads back as this ingredient and
 * nothing else, so that what goes out comes in again; where none does, the kitchen's own name.
 */
export function recipeWriter(
  catalogue: Catalogue,
  dialect: Dialect,
  recipeName: RecipeWriter["recipeName"],
): RecipeWriter {
  const reader = lineReader(catalogue, { cup: "metric", ounces: {} });
  const readsBack = (name: string, id: string): boolean => {
    const { ingredient, alternatives } = readLine(`100 g ${name}, torn`, reader);
    return ingredient.kind === "one" && ingredient.id === id && alternatives.length === 0;
  };
  const isPlain = (name: string): boolean => !/[(,]/.test(name);
  const known = new Map<string, string>();
  const name = (id: string): string => {
    const facts = catalogue.ingredients.get(id);
    if (!facts) return id;
    const own = nameOf(facts, dialect);
    const names = [own, facts.uk, facts.us, ...facts.other];
    const unbracketed = names.map((one) => one.replace(/[(),]/g, " ").replace(/\s+/g, " ").trim());
    const good = [...names, ...unbracketed].filter((one) => readsBack(one, id));
    return good.find(isPlain) ?? good[0] ?? own;
  };
  const remembered = (id: string): string => {
    const said = known.get(id) ?? name(id);
    known.set(id, said);
    return said;
  };
  return { name: remembered, recipeName, catalogue, read: (text) => readLine(text, reader) };
}

const kindNames: Readonly<Record<DishKind, string>> = {
  "leaf-salad": "Leaf salad",
  "chopped-salad": "Chopped salad",
  slaw: "Slaw",
  "grain-salad": "Grain salad",
  "composed-plate": "Composed plate",
  "cooked-salad": "Cooked salad",
  "cooked-vegetables": "Cooked vegetables",
  pesto: "Pesto",
  "herb-sauce": "Herb sauce",
  dip: "Dip",
  dressing: "Dressing",
  preserve: "Preserve",
};

/** Diets that schema.org's RestrictedDiet has a word for. */
const restrictedDiets: Readonly<Partial<Record<Diet, string>>> = {
  vegan: "https://schema.org/VeganDiet",
  vegetarian: "https://schema.org/VegetarianDiet",
  "gluten-free": "https://schema.org/GlutenFreeDiet",
};

const amountOf = (line: Line): string =>
  line.range
    ? `${trimmedDecimals(line.range.low, 3)}–${trimmedDecimals(line.range.high, 3)} g`
    : `${trimmedDecimals(line.grams, 3)} g`;

/** Fillers that may take all of the line, gram for gram, are said with "or"; caps and floors have no words here. */
const namesOf = (line: Line, writer: RecipeWriter): string =>
  line.recipe === null
    ? line.fillers
        .filter((f, i) => i === 0 || (f.maxShare === 1 && f.convertBy === "mass"))
        .map((f) => writer.name(f.ingredient))
        .join(" or ")
    : writer.recipeName(line.recipe);

/** The word that a cooking is read back from. */
const cookedWord = (method: string | null): string =>
  method?.startsWith("roast") ? "roasted" : method === "char-grill" ? "grilled" : "cooked";

/**
 * "4 leeks, white part" and "2 cups cooked rice" stay whole pieces and cooked food: in the words that were kept, where
 * those still say this amount of this ingredient; undefined where they do not.
 */
function inOwnWords(line: Line, writer: RecipeWriter): string | undefined {
  const grams = line.asBoughtG ?? line.cookedG;
  if (grams === null || line.amountText === "" || line.recipe !== null || line.fillers.length > 1)
    return undefined;
  const form = line.asBoughtG === null ? "cooked" : "as-bought";
  const preparation = line.preparation === "" ? "" : `, ${line.preparation}`;
  const cooked = `${trimmedDecimals(grams, 3)} g ${cookedWord(line.cook)} ${nameOnceCooked(namesOf(line, writer))}`;
  const words = [
    line.amountText,
    `${line.amountText} ${namesOf(line, writer)}${preparation}`,
    ...(form === "cooked" ? [cooked] : []),
  ];
  return words.find((text) => {
    const { ingredient, grams: read, form: readForm } = writer.read(text);
    const isSame = ingredient.kind === "one" && ingredient.id === line.fillers[0]?.ingredient;
    return isSame && readForm === form && read !== null && Math.abs(read.value / grams - 1) < 0.001;
  });
}

/** One line as people write it: "100 g carrot tops or parsley, washed and spun (optional)". */
export function lineText(line: Line, writer: RecipeWriter): string {
  const own = inOwnWords(line, writer);
  const preparation = line.preparation === "" ? "" : `, ${line.preparation}`;
  return [
    own ?? `${amountOf(line)} ${namesOf(line, writer)}${preparation}`,
    line.toTaste && !own ? ", to taste" : "",
    line.optional && !/optional/i.test(own ?? "") ? " (optional)" : "",
  ].join("");
}

/** Lines in their groups, in the order the groups first appear; the main group has no name. */
function inGroups(formula: Formula): { group: string; lines: Line[] }[] {
  const groups = new Map<string, Line[]>([["", []]]);
  for (const line of formula.lines) groups.set(line.group, [...(groups.get(line.group) ?? []), line]);
  return [...groups].map(([group, lines]) => ({ group, lines })).filter(({ lines }) => lines.length > 0);
}

const yieldText = (formula: Formula): string => {
  const servings = `${trimmedDecimals(formula.servings, 2)} ${formula.servings === 1 ? "serving" : "servings"}`;
  if (!formula.makes) return servings;
  const { makes } = formula;
  const amount =
    makes.kind === "mass" ? `${trimmedDecimals(makes.grams, 1)} g` : `${trimmedDecimals(makes.ml, 1)} ml`;
  return `${servings}, makes ${amount}`;
};

/**
 * A recipe as schema.org JSON-LD; what that vocabulary cannot hold (roles, caps, floors) stays here. `image` is an
 * address, or a data URL that carries the photo along.
 */
export function recipeJson(formula: Formula, writer: RecipeWriter, image?: string) {
  const suitable = dietsOf(writtenIngredients(formula), writer.catalogue).flatMap(
    (d) => restrictedDiets[d] ?? [],
  );
  return {
    "@context": "https://schema.org",
    "@type": "Recipe",
    name: formula.name,
    ...(image !== undefined && { image }),
    recipeCategory: kindNames[formula.kind],
    recipeYield: yieldText(formula),
    ...(formula.minutes > 0 && { totalTime: `PT${formula.minutes}M` }),
    ...(formula.notes !== "" && { description: formula.notes }),
    ...(suitable.length > 0 && { suitableForDiet: suitable }),
    recipeIngredient: [
      ...inGroups(formula).flatMap(({ group, lines }) => [
        ...(group === "" ? [] : [`${group}:`]),
        ...lines.map((line) => lineText(line, writer)),
      ]),
      ...formula.unread,
    ],
    recipeInstructions: formula.steps.map(
      (step) => ({ "@type": "HowToStep", text: textWithWays(step) }) as const,
    ),
  } as const;
}

/** Markdown lets HTML through as it stands: what only looks like it is written so that it is shown. */
export const withoutMarkup = (text: string): string =>
  text.replaceAll(/&(?=#?\w+;)/g, "&amp;").replaceAll("<", "&lt;");

/** A recipe as Markdown: what a cook would write down, and what this kitchen reads back. */
export function recipeMarkdown(formula: Formula, writer: RecipeWriter): string {
  const time = formula.minutes > 0 ? ` · ${formula.minutes} min` : "";
  const groups = inGroups(formula).flatMap(({ group, lines }) => [
    ...(group === "" ? [] : ["", `### ${group}`, ""]),
    ...lines.map((line) => `- ${lineText(line, writer)}`),
  ]);
  const unread = formula.unread.map((text) => `- ${text}`);
  const steps = formula.steps.map((step, i) => `${i + 1}. ${textWithWays(step)}`);
  return [
    `# ${formula.name}`,
    "",
    `${kindNames[formula.kind]} · ${yieldText(formula)}${time}`,
    "",
    "## Ingredients",
    "",
    ...groups,
    ...unread,
    "",
    "## Method",
    "",
    ...steps,
    ...(formula.notes === "" ? [] : ["", "## Notes", "", formula.notes]),
    "",
  ]
    .map(withoutMarkup)
    .join("\n");
}

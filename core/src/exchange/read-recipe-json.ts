import { parse as parseDuration, toSeconds } from "iso8601-duration";
import { accept, cutText, refuse, type Result } from "../measure/index.ts";
import { draftOfParts } from "./draft-of-parts.ts";
import { plainText } from "./plain-text.ts";
import { draftLimits, textsOf, type DraftIssue, type RecipeDraft } from "./recipe-draft.ts";

type Json = null | boolean | number | string | readonly Json[] | JsonObject;
type JsonObject = { readonly [key: string]: Json | undefined };

const isObject = (value: Json | undefined): value is JsonObject =>
  typeof value === "object" && value !== null && !Array.isArray(value);
const listOf = (value: Json | undefined): readonly Json[] =>
  value === undefined || value === null ? [] : Array.isArray(value) ? (value as readonly Json[]) : [value];

/** A text whatever it was written as; "" where it is no text at all. */
const textOf = (value: Json | undefined): string => {
  if (typeof value === "string") return plainText(value);
  if (typeof value === "number") return String(value);
  if (Array.isArray(value)) return textOf((value as readonly Json[])[0]);
  return isObject(value) ? textOf(value["text"] ?? value["name"] ?? value["@value"]) : "";
};

const named = /(?:^|[/:])Recipe$/i;
/** Its type says so, or, where it has none, what it holds. */
const isRecipe = (value: JsonObject): boolean => {
  const types = listOf(value["@type"] ?? value["type"]).filter((type) => typeof type === "string");
  return types.length > 0
    ? types.some((type) => named.test(type))
    : (value["recipeIngredient"] ?? value["ingredients"]) !== undefined &&
        (value["name"] ?? value["title"]) !== undefined;
};

/** Walks without recursion, so that no nesting can exhaust the stack. */
function findRecipes(root: Json): Result<JsonObject[], DraftIssue> {
  const found: JsonObject[] = [];
  const waiting: { value: Json; depth: number }[] = [{ value: root, depth: 0 }];
  for (let next = waiting.pop(); next !== undefined; next = waiting.pop()) {
    const { value, depth } = next;
    if (typeof value !== "object" || value === null) continue;
    if (depth > draftLimits.depth) return refuse({ code: "nested-too-deep", atMost: draftLimits.depth });
    if (isObject(value) && isRecipe(value)) {
      found.push(value);
      continue;
    }
    const inside = Array.isArray(value) ? (value as readonly Json[]) : Object.values(value);
    // Pushed last to first, so that recipes come out in the order they were written.
    for (const one of [...inside].reverse())
      if (one !== undefined) waiting.push({ value: one, depth: depth + 1 });
  }
  return accept(found);
}

function minutesOf(recipe: JsonObject): number | null {
  const minutes = (key: string): number => {
    const text = textOf(recipe[key]);
    try {
      return text === "" ? 0 : Math.max(0, Math.round(toSeconds(parseDuration(text)) / 60));
    } catch {
      return 0;
    }
  };
  const total = minutes("totalTime") || minutes("prepTime") + minutes("cookTime");
  return total > 0 && total <= 2880 ? total : null;
}

function yieldOf(value: Json | undefined): string {
  const texts = listOf(value).map((one) =>
    isObject(one) && one["value"] !== undefined
      ? `${textOf(one["value"])} ${textOf(one["unitText"])}`.trim()
      : textOf(one),
  );
  // "4" and "4 servings" side by side: the one with words says more.
  return texts.find((text) => /[a-z]/i.test(text)) ?? texts[0] ?? "";
}

/** Steps in order out of text, steps, sections and lists; a section's name heads its steps. */
function stepsOf(value: Json | undefined, depth = 0): string[] {
  if (depth > 8) return [];
  return listOf(value).flatMap((one) => {
    if (typeof one === "string") return splitSteps(one);
    if (!isObject(one)) return stepsOf(one, depth + 1);
    const text = textOf(one["text"]);
    if (text !== "") return [text];
    const inside = one["itemListElement"] ?? one["steps"];
    if (inside === undefined) return splitSteps(textOf(one["name"]));
    const name = textOf(one["name"]).replace(/:$/, "");
    return [...(name === "" ? [] : [`${name}:`]), ...stepsOf(inside, depth + 1)];
  });
}

const splitSteps = (text: string): string[] =>
  text
    .split(/<br\s*\/?>|<\/(?:p|li|div)>|\r?\n+/i)
    .map((line) => plainText(line).replace(/^(?:step )?\d+[.):]\s*/i, ""))
    .filter((line) => line !== "");

const heldPicture = /^data:image\/(?:jpeg|png|webp);base64,[A-Za-z0-9+/]+={0,2}$/;

/** The first picture that is held in the recipe itself: a text, an object with its address, or a list of either. */
function photoOf(image: Json | undefined): string | undefined {
  const addresses = listOf(image).map((one) =>
    isObject(one) ? (one["url"] ?? one["contentUrl"] ?? null) : one,
  );
  return addresses.find(
    (one): one is string =>
      typeof one === "string" && one.length <= draftLimits.photo && heldPicture.test(one),
  );
}

function draftOf(recipe: JsonObject): RecipeDraft {
  const photo = photoOf(recipe["image"]);
  return { ...partsOf(recipe), ...(photo !== undefined && { photo }) };
}

const partsOf = (recipe: JsonObject): RecipeDraft =>
  draftOfParts({
    title: cutText(textOf(recipe["name"] ?? recipe["headline"] ?? recipe["title"]), draftLimits.title),
    category: cutText(listOf(recipe["recipeCategory"]).map(textOf).join(", "), 200),
    yieldText: yieldOf(recipe["recipeYield"] ?? recipe["yield"]),
    minutes: minutesOf(recipe),
    notes: textOf(recipe["description"]),
    ingredients: listOf(recipe["recipeIngredient"] ?? recipe["ingredients"])
      .flatMap((one) => (typeof one === "string" ? one.split(/\r?\n/) : [textOf(one)]))
      .map(plainText)
      .filter((line) => line !== ""),
    steps: stepsOf(recipe["recipeInstructions"] ?? recipe["instructions"] ?? recipe["steps"]),
  });

/**
 * Every schema.org Recipe in a JSON-LD text, wherever it stands in it. Wrong types are read for what they hold or left
 * out; markup and scripts in texts are dropped. Refuses what is no JSON, nests too deep, or holds too many.
 */
export function readRecipeJson(text: string): Result<RecipeDraft[], DraftIssue> {
  if (text.length > draftLimits.characters)
    return refuse({ code: "recipe-too-long", atMost: draftLimits.characters });
  let root: Json;
  try {
    root = JSON.parse(text) as Json;
  } catch {
    return refuse({ code: "not-json", at: cutText(text.trim(), 40) });
  }
  const found = findRecipes(root);
  if (!found.ok) return found;
  if (found.value.length === 0) return refuse({ code: "no-recipe-found" });
  if (found.value.length > draftLimits.recipes)
    return refuse({ code: "too-many-recipes", found: found.value.length, atMost: draftLimits.recipes });
  const drafts = found.value.map(draftOf);
  return drafts.some(
    (d) =>
      textsOf(d, "ingredient").length > draftLimits.lines || textsOf(d, "step").length > draftLimits.lines,
  )
    ? refuse({ code: "recipe-too-long", atMost: draftLimits.lines })
    : accept(drafts);
}

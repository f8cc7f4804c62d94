import { accept, refuse, type Result } from "../measure/index.ts";
import { parsePage } from "./parse-page.ts";
import { readRecipeJson } from "./read-recipe-json.ts";
import { readMicrodata } from "./read-microdata.ts";
import { readRecipeText, type NamesFood } from "./read-recipe-text.ts";
import { draftLimits, textsOf, type DraftIssue, type RecipeDraft } from "./recipe-draft.ts";

/** The JSON-LD blocks of a page, as they are written in it; undefined where tags stand in tags deeper than any page's do. */
function blocksOf(page: string): string[] | undefined {
  const blocks: string[] = [];
  let open = false;
  const isWhole = parsePage(page, {
    onopentag: (name, attributes) => {
      open = name === "script" && (attributes["type"] ?? "").toLowerCase().startsWith("application/ld+json");
      if (open) blocks.push("");
    },
    ontext: (text) => {
      if (open) blocks[blocks.length - 1] += text;
    },
    onclosetag: () => {
      open = false;
    },
  });
  return isWhole ? blocks : undefined;
}

/** Every block that can be read counts; a page whose blocks are all broken says what was wrong with the first. */
function readPage(page: string): Result<RecipeDraft[], DraftIssue> {
  const blocks = blocksOf(page);
  if (!blocks) return refuse({ code: "nested-too-deep", atMost: draftLimits.tags });
  const read = blocks.map(readRecipeJson);
  const linked = read.flatMap((one) => (one.ok ? one.value : []));
  const drafts = linked.length > 0 ? linked : readMicrodata(page);
  if (drafts.length > 0) return notTooMany(drafts);
  return (
    read.find((one) => !one.ok && one.issue.code !== "no-recipe-found") ?? refuse({ code: "no-recipe-found" })
  );
}

function notTooMany(drafts: RecipeDraft[]): Result<RecipeDraft[], DraftIssue> {
  if (drafts.length > draftLimits.recipes)
    return refuse({ code: "too-many-recipes", found: drafts.length, atMost: draftLimits.recipes });
  const isTooLong = (draft: RecipeDraft): boolean =>
    [textsOf(draft, "ingredient"), textsOf(draft, "step")].some((texts) => texts.length > draftLimits.lines);
  return drafts.some(isTooLong)
    ? refuse({ code: "recipe-too-long", atMost: draftLimits.lines })
    : accept(drafts);
}

/**
 * Recipes out of whatever was pasted or opened: schema.org JSON-LD, a page with such a block or microdata in it, or plain
 * text. Reading takes nothing over: what comes back is reviewed first. `namesFood` tells lines that name a food without
 * an amount from other words.
 */
export function readRecipes(text: string, namesFood?: NamesFood): Result<RecipeDraft[], DraftIssue> {
  const start = text.replace(/^\ufeff/, "").trimStart();
  if (start === "") return refuse({ code: "nothing-pasted" });
  if (text.length > draftLimits.characters)
    return refuse({ code: "recipe-too-long", atMost: draftLimits.characters });
  if (/^\{|^\[\s*[\]{["\d]/.test(start)) return readRecipeJson(start);
  if (/^<|<script\b/i.test(start)) return readPage(start);
  const found = start.split("\n").length;
  if (found > draftLimits.textLines)
    return refuse({ code: "too-many-lines", found, atMost: draftLimits.textLines });
  const drafts = readRecipeText(start, namesFood);
  const isRecipe = drafts.some((draft) => textsOf(draft, "ingredient").length > 0);
  return isRecipe ? notTooMany(drafts) : refuse({ code: "no-recipe-found" });
}

/** A file as it was chosen. */
export type RecipeFile = { readonly name: string; readonly text: string };
/** The recipes of several files, in their order, and each file that holds none that can be read. */
export type FilesRead = {
  readonly drafts: readonly RecipeDraft[];
  readonly unread: readonly { readonly name: string; readonly issue: DraftIssue }[];
};

/** Recipes out of several files, each in whatever form it is. One that cannot be read leaves the others as they are. */
export function readRecipeFiles(files: readonly RecipeFile[], namesFood?: NamesFood): FilesRead {
  const drafts: RecipeDraft[] = [];
  const unread: { name: string; issue: DraftIssue }[] = [];
  for (const { name, text } of files) {
    const read = readRecipes(text, namesFood);
    const found = drafts.length + (read.ok ? read.value.length : 0);
    if (!read.ok) unread.push({ name, issue: read.issue });
    else if (found > draftLimits.recipes)
      unread.push({ name, issue: { code: "too-many-recipes", found, atMost: draftLimits.recipes } });
    else drafts.push(...read.value);
  }
  return { drafts, unread };
}

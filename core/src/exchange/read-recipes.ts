import { Parser } from "htmlparser2";
import { accept, refuse, type Result } from "../measure/index.ts";
import { readRecipeJson } from "./read-recipe-json.ts";
import { readRecipeText } from "./read-recipe-text.ts";
import { draftLimits, type DraftIssue, type RecipeDraft } from "./recipe-draft.ts";

/** The JSON-LD blocks of a page, as they are written in it. */
function blocksOf(page: string): string[] {
  const blocks: string[] = [];
  let open = false;
  const parser = new Parser({
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
  parser.end(page);
  return blocks;
}

/** Every block that can be read counts; a page whose blocks are all broken says what was wrong with the first. */
function readPage(page: string): Result<RecipeDraft[], DraftIssue> {
  const read = blocksOf(page).map(readRecipeJson);
  const drafts = read.flatMap((one) => (one.ok ? one.value : []));
  if (drafts.length > draftLimits.recipes)
    return refuse({ code: "too-many-recipes", found: drafts.length, atMost: draftLimits.recipes });
  if (drafts.length > 0) return accept(drafts);
  return (
    read.find((one) => !one.ok && one.issue.code !== "no-recipe-found") ?? refuse({ code: "no-recipe-found" })
  );
}

/**
 * Recipes out of whatever was pasted or opened: schema.org JSON-LD, a page with such a block in it, or plain text.
 * Reading takes nothing over: what comes back is reviewed first.
 */
export function readRecipes(text: string): Result<RecipeDraft[], DraftIssue> {
  const start = text.replace(/^\ufeff/, "").trimStart();
  if (start === "") return refuse({ code: "nothing-pasted" });
  if (text.length > draftLimits.characters)
    return refuse({ code: "recipe-too-long", atMost: draftLimits.characters });
  if (/^[[{]/.test(start)) return readRecipeJson(start);
  if (/^<|<script\b/i.test(start)) return readPage(start);
  const draft = readRecipeText(start);
  if (draft.ingredients.length > draftLimits.lines || draft.steps.length > draftLimits.lines)
    return refuse({ code: "recipe-too-long", atMost: draftLimits.lines });
  return draft.ingredients.length === 0 ? refuse({ code: "no-recipe-found" }) : accept([draft]);
}

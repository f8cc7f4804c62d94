import { draftOfParts } from "./draft-of-parts.ts";
import { parsePage } from "./parse-page.ts";
import { plainText } from "./plain-text.ts";
import { type RecipeDraft } from "./recipe-draft.ts";

/** An open tag: what it says is everything from where it begins. */
type Open = { readonly prop: string; readonly from: number; readonly isItem: boolean };

/** What a page marks as the properties of one recipe, in the order it says them. */
type Marked = Map<string, string[]>;

const isRecipeType = (type: string): boolean => /schema\.org\/Recipe\b/i.test(type);
const voidTags = new Set(["meta", "link", "img", "br", "hr", "input"]);
/** What stands on a line of its own. */
const blocks = new Set(["p", "li", "div", "tr", "h2", "h3", "h4"]);
const isoMinutes = (text: string): number | null => {
  const [, hours = "0", minutes = "0"] = /^PT(?:(\d+)H)?(?:(\d+)M)?/i.exec(text) ?? [];
  const total = Number(hours) * 60 + Number(minutes);
  return total > 0 ? total : null;
};

const rawOf = (marked: Marked, ...props: readonly string[]): string[] =>
  props.flatMap((prop) => marked.get(prop) ?? []);

const all = (marked: Marked, ...props: readonly string[]): string[] =>
  rawOf(marked, ...props)
    .map(plainText)
    .filter((text) => text !== "");

function draftOf(marked: Marked): RecipeDraft {
  const [name = ""] = all(marked, "name");
  const [total = "", prep = "", cook = ""] = ["totalTime", "prepTime", "cookTime"].map(
    (prop) => all(marked, prop)[0] ?? "",
  );
  const parted = (isoMinutes(prep) ?? 0) + (isoMinutes(cook) ?? 0);
  return draftOfParts({
    title: name,
    category: all(marked, "recipeCategory").join(", "),
    yieldText: all(marked, "recipeYield")[0] ?? "",
    minutes: isoMinutes(total) ?? (parted > 0 ? parted : null),
    notes: all(marked, "description")[0] ?? "",
    ingredients: all(marked, "recipeIngredient", "ingredients"),
    steps: rawOf(marked, "recipeInstructions")
      .flatMap((text) => text.split(/\n+/))
      .map(plainText)
      .filter(Boolean),
  });
}

/** Reads a page tag by tag: what is open, and the recipe that is being read, if any. */
class MicrodataReader {
  readonly drafts: RecipeDraft[] = [];
  private readonly open: Open[] = [];
  private marked: Marked | undefined;
  private depth = -1;
  private text = "";

  begin(name: string, at: Readonly<Record<string, string>>): void {
    const prop = at["itemprop"] ?? "";
    if (isRecipeType(at["itemtype"] ?? "") && !this.marked) {
      this.marked = new Map();
      this.depth = this.open.length;
    }
    const stated = at["content"] ?? at["datetime"];
    if (prop !== "" && stated !== undefined) this.keep(prop, stated);
    if (voidTags.has(name)) return;
    this.open.push({
      prop: stated === undefined ? prop : "",
      from: this.text.length,
      isItem: at["itemscope"] !== undefined,
    });
  }

  say(text: string): void {
    this.text += text;
  }

  end(name: string): void {
    if (voidTags.has(name)) return;
    if (blocks.has(name)) this.say("\n");
    const closed = this.open.pop();
    const isAuthor = closed?.isItem === true && closed.prop === "author";
    if (closed && closed.prop !== "" && !isAuthor) this.keep(closed.prop, this.text.slice(closed.from));
    if (!this.marked || this.open.length !== this.depth) return;
    if (all(this.marked, "recipeIngredient", "ingredients").length > 0)
      this.drafts.push(draftOf(this.marked));
    this.marked = undefined;
  }

  private keep(props: string, text: string): void {
    for (const prop of props.split(/\s+/)) {
      const said = this.marked?.get(prop);
      if (said) said.push(text);
      else this.marked?.set(prop, [text]);
    }
  }
}

/** Recipes that a page marks up with schema.org microdata (itemscope, itemprop), as many sites still do. */
export function readMicrodata(page: string): RecipeDraft[] {
  const reader = new MicrodataReader();
  parsePage(page, {
    onopentag: (name, at) => {
      reader.begin(name, at);
    },
    ontext: (text) => {
      reader.say(text);
    },
    onclosetag: (name) => {
      reader.end(name);
    },
  });
  return reader.drafts;
}

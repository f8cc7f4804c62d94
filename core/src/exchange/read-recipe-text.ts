import { splitLine } from "../measure/index.ts";
import { languageOf } from "./language-of.ts";
import { plainText } from "./plain-text.ts";
import { type RecipeDraft, type SourceKind, type SourceLine } from "./recipe-draft.ts";
import { sections, timeLine, yieldLine, type Section } from "./section-words.ts";

/** Does a text name a food and nothing else, as far as this kitchen knows? */
export type NamesFood = (text: string) => boolean;

const bullet = /^\s*(?:[-–—•*▢□◦‣·✓]|\[[ xX]?\])\s+/;
const numbered = /^\s*(?:step\s*)?\d{1,2}\s*[.):](?!\d)\s*(?=\S)|^\s*step\s*\d{1,2}\b[.:)]?\s*/i;
const separator = /^\s*(?:[-–—=*_~]{3,}|(?:\* ){2,}\*)\s*$/;
const markedTitle = /^#{1,2}\s+/;

/** A line of a text, with all that tells what it may be. */
type Seen = {
  readonly raw: string;
  readonly text: string;
  readonly afterBlank: boolean;
  readonly isBullet: boolean;
  readonly isNumbered: boolean;
  readonly section: Section | undefined;
  readonly isMeasured: boolean;
  /** Measured in a unit, not merely counted: "5 bean salad" counts. */
  readonly hasUnit: boolean;
  readonly isSentence: boolean;
  readonly isGroup: boolean;
};

const clean = (line: string): string => plainText(line.replace(/^#+\s*/, "").replace(/[*_`]{1,3}/g, ""));
const bare = (text: string): string => text.replace(bullet, "").replace(/:$/, "");

const sectionOf = (text: string): Section | undefined => {
  const said = bare(text);
  if (said.split(" ").length > 6 || /\d/.test(said.replace(/\(.*\)/, ""))) return undefined;
  return (Object.keys(sections) as Section[]).find((part) => sections[part].test(said));
};

/** No amount of a food is longer than this, nor is a title. */
const longestIngredient = 140;

/** "200 g plums", "feta, 200 g", "a handful of mint", "salt to taste": an amount, or a word for one. */
function measureIn(text: string): Pick<Seen, "isMeasured" | "hasUnit"> {
  if (text.length > longestIngredient) return { isMeasured: false, hasUnit: true };
  const { count, unit, word, stated, remarks, heading, isOdd } = splitLine(text, "us-customary");
  const hasUnit = !heading && !isOdd && (unit !== null || word !== "" || stated !== null);
  const isMeasured = !heading && ((count !== null && !isOdd) || hasUnit || remarks.toTaste);
  return { isMeasured, hasUnit };
}

const verbs =
  /^(?:first|then|next|now|finally|meanwhile|when|while|once|as soon|to (?:make|serve|assemble)|in a|using|add|arrange|assemble|bake|beat|blanch|blend|blitz|boil|bring|brush|char|check|chill|chop|combine|cook|cool|core|cover|crumble|crush|cut|dice|divide|drain|dress|drizzle|dry|fill|finish|fold|fry|garnish|grate|griddle|grill|halve|heat|keep|lay|leave|let|line|oven (?:to|on|at)|make|mash|massage|melt|mix|peel|pick|place|pour|preheat|press|process|pulse|purée|puree|put|quarter|refrigerate|remove|rest|return|rinse|roast|roll|rub|salt|sauté|saute|scatter|scoop|scrape|scrub|season|separate|serve|set|shake|shave|shred|sieve|simmer|slice|slide|soak|soften|spread|sprinkle|squeeze|stand|steam|stir|store|strain|strip|take|taste|tear|tip|toast|top|toss|transfer|trim|turn|warm|wash|whisk|whizz|wipe|work|wrap|zest|you can|do not|don't|precalienta|calienta|corta|pela|mezcla|añade|cuece|asa|lava|pica|sirve|deja|pon|hornea|tritura|aliña|escurre|ralla|préchauffe[rz]?|coupe[rz]?|lave[rz]?|mélange[rz]?|ajoute[rz]?|fai(?:tes|re)|verse[rz]?|servir|servez|mixe[rz]?|laisse[rz]?|épluche[rz]?|met(?:tre|tez)|égoutte[rz]?|râpe[rz]?|tagliate|lavate|mescolate|unite|cuocete|frullate|servite|scaldate|lasciate|den|die|das|alles|schneiden|waschen)\b/iu;

function isSentence(text: string): boolean {
  if (/^[^.!?]{25,}[.!?](?:\s|$)/.test(text) || (text.length > 70 && /[.!]$/.test(text))) return true;
  return (
    verbs.test(text) &&
    text.split(" ").length >= 3 &&
    !/^(?:salt|top|dress|core|season|zest|peel|grate)\s+(?:and|of|\p{L}+ ?,)/iu.test(text) &&
    (/[.!]$/.test(text) || text.split(" ").length >= 5)
  );
}

const groupWords =
  /^(?:for|to)\s+(?:the\s+|a\s+|my\s+)?\p{L}[\p{L}\s'&-]{2,40}$|^(?:the\s+)?(?:dressing|sauce|salad|topping|toppings|marinade|vinaigrette|garnish|base|filling|dip|crust|croutons|to serve|to finish|extras?|optional)$|^(?:para|pour|per|für)\s+(?:el|la|los|las|le|les|l'|il|lo|das|den|die|der)?\s*\p{L}[\p{L}\s'-]{2,30}$/iu;

/** "For the dressing:", "### Salad", "Dressing": what heads a group. */
function isGroup(raw: string, text: string): boolean {
  if (yieldLine.test(text) || text.length > 60) return false;
  if (/^#{3,}\s/.test(raw)) return true;
  const { heading, count } = splitLine(text, "us-customary");
  if (heading || (/:$/.test(text) && count === null && text.split(" ").length <= 7)) return true;
  if (/^\*\*[^*]+\*\*:?\s*$/.test(raw.trim()) && count === null) return true;
  return count === null && groupWords.test(text);
}

function seen(text: string): Seen[] {
  const out: Seen[] = [];
  let afterBlank = true;
  for (const raw of text.split(/\r\n|\n|\r|\u2028/)) {
    const whole = clean(raw);
    if (whole === "" && !separator.test(raw)) {
      afterBlank = true;
      continue;
    }
    const isNumbered = numbered.test(whole) && !/^\d+[.)]\s*\d/.test(whole);
    const said = whole.replace(bullet, "").replace(isNumbered ? numbered : /^$/, "");
    out.push({
      ...{ raw, afterBlank, isNumbered, text: said === "" ? whole : said },
      isBullet: bullet.test(raw),
      section: sectionOf(whole),
      ...measureIn(said),
      isSentence: isSentence(said),
      isGroup: isGroup(raw, whole),
    });
    afterBlank = false;
  }
  return out;
}

/** "*Pesto · 8 servings · 25 min*": what a head line says between its dots. */
const piecesOf = (text: string): string[] => {
  const pieces = text.split(/\s+[·|•]\s+/);
  return pieces.length > 1 ? pieces : [text];
};

type Part = Section | "head";
type Reading = { lines: SourceLine[]; kinds: Set<SourceKind>; part: Part; hasSteps: boolean };

const afresh = (): Reading => ({ lines: [], kinds: new Set(), part: "head", hasSteps: false });
const has = ({ kinds }: Reading, kind: SourceKind): boolean => kinds.has(kind);
function put(reading: Reading, ...lines: readonly SourceLine[]): void {
  for (const line of lines) {
    reading.lines.push(line);
    reading.kinds.add(line.kind);
  }
}

/** What comes before a line and after it, for what it alone does not tell. */
type Around = {
  readonly next: Seen | undefined;
  /** Is a part of the recipe announced further on by a heading? What comes before a method that is announced is none. */
  readonly announces: (section: Section) => boolean;
  readonly namesFood: NamesFood;
};

/** Does a new recipe begin here: a short line of its own, with its yield, its ingredients or an amount behind it? */
function beginsRecipe(line: Seen, reading: Reading, { next }: Around): boolean {
  if (!reading.hasSteps && reading.part !== "notes")
    return markedTitle.test(line.raw) && /^# /.test(line.raw) && has(reading, "ingredient");
  if (
    line.isSentence ||
    line.isMeasured ||
    line.section ||
    line.isBullet ||
    line.isNumbered ||
    line.text.length > 80
  )
    return false;
  if (/^# /.test(line.raw)) return true;
  if (!line.afterBlank || line.isGroup || /[.!?:]$/.test(line.text)) return false;
  return (
    next !== undefined &&
    (yieldLine.test(next.text) ||
      next.section === "ingredients" ||
      (next.isMeasured && !next.isSentence && !next.isNumbered) ||
      timeLine.test(next.text))
  );
}

function headLine(line: Seen, reading: Reading, around: Around): SourceKind {
  const { announces, namesFood } = around;
  const begins = !has(reading, "title") && !has(reading, "ingredient");
  if (begins && (/^# /.test(line.raw) || maybeTitle(line, namesFood))) return "title";
  if (line.isGroup && !line.isSentence) return "heading";
  if (line.isMeasured && !line.isSentence) return "ingredient";
  if (line.isSentence || line.isNumbered)
    return has(reading, "ingredient") && !announces("ingredients") ? "step" : "note";
  if (line.isBullet || namesFood(line.text)) return "ingredient";
  return has(reading, "ingredient") ? "ingredient" : "note";
}

/** A short line that is no amount of a food and no sentence may be what it is called. */
const maybeTitle = (line: Seen, namesFood: NamesFood): boolean =>
  !line.hasUnit &&
  !(line.isMeasured && namesFood(line.text)) &&
  !line.isBullet &&
  !line.isNumbered &&
  !line.isSentence &&
  !(line.isGroup && line.text.endsWith(":"));

function ingredientLine(line: Seen, { announces, namesFood }: Around): SourceKind {
  if (line.isGroup && !line.isMeasured && !(namesFood(line.text) && !/:$/.test(line.text))) return "heading";
  if (line.isMeasured && (!line.isSentence || /^[\d½¼¾⅓⅔⅛]/.test(line.text))) return "ingredient";
  const ends = /[.!]$/.test(line.text) && (line.text.includes(" ") || line.isNumbered) && !line.isMeasured;
  if ((line.isSentence || ends) && !namesFood(line.text)) return announces("steps") ? "note" : "step";
  if (line.isNumbered && !announces("steps") && line.text.split(" ").length > 3) return "step";
  return "ingredient";
}

function stepLine(line: Seen, { next }: Around): SourceKind {
  const headsIngredients =
    line.isGroup && line.afterBlank && next?.isMeasured === true && !next.isSentence && !next.isNumbered;
  if (headsIngredients) return "heading";
  if (line.isGroup && /:$/.test(line.text) && !line.isSentence) return "heading";
  return "step";
}

function kindOf(line: Seen, reading: Reading, around: Around): SourceKind {
  if (reading.part === "head" && timeLine.test(line.text)) return "time";
  if (
    reading.part !== "steps" &&
    reading.part !== "notes" &&
    yieldLine.test(line.text) &&
    !line.isSentence &&
    !has(reading, "yield")
  )
    return "yield";
  switch (reading.part) {
    case "head":
      return headLine(line, reading, around);
    case "ingredients":
      return ingredientLine(line, around);
    case "steps":
      return stepLine(line, around);
    case "notes":
      return "note";
  }
}

/** The parts of a head line that says several things at once, each as its own line. */
function headPieces(line: Seen, reading: Reading): SourceLine[] | undefined {
  const pieces = piecesOf(line.text);
  if (reading.part !== "head" || !has(reading, "title") || pieces.length < 2) return undefined;
  return pieces.map((text) => {
    if (yieldLine.test(text)) return { kind: "yield", text };
    if (/\d+ ?(?:min|h\b|hour)/i.test(text)) return { kind: "time", text };
    return { kind: "category", text };
  });
}

function take(line: Seen, reading: Reading, around: Around): void {
  if (line.section && !(reading.part === "head" && !has(reading, "title") && line.section === "notes")) {
    reading.part = line.section;
    if (line.section === "steps") reading.hasSteps = true;
    put(reading, { kind: "heading", text: line.text });
    return;
  }
  const pieces = headPieces(line, reading);
  if (pieces) {
    put(reading, ...pieces);
    return;
  }
  const kind = kindOf(line, reading, around);
  put(reading, { kind, text: line.text });
  if (kind === "step") {
    reading.hasSteps = true;
    reading.part = "steps";
  } else if (kind === "ingredient" || kind === "heading") {
    if (reading.part !== "steps" || kind === "heading")
      reading.part =
        kind === "heading" && !around.next?.isMeasured && reading.part === "steps" ? "steps" : "ingredients";
  }
}

const draftOf = ({ lines }: Reading): RecipeDraft => ({
  minutes: null,
  lines,
  language: languageOf(lines.map((line) => line.text)),
});

/** No part of a recipe is longer than this. */
const lookAhead = 150;

/** Which line, at or behind each, is the next heading of a part; beyond the last there is none. */
function nextHeadings(all: readonly Seen[], section: Section): number[] {
  const next: number[] = [];
  let at = Infinity;
  for (let i = all.length - 1; i >= 0; i--) {
    if (all[i]?.section === section) at = i;
    next[i] = at;
  }
  return next;
}

/** What is around each line of a text. */
function aroundOf(all: readonly Seen[], namesFood: NamesFood): (i: number) => Around {
  const headings = {
    ingredients: nextHeadings(all, "ingredients"),
    steps: nextHeadings(all, "steps"),
    notes: nextHeadings(all, "notes"),
  };
  return (i) => ({
    next: all[i + 1],
    announces: (section) => (headings[section][i + 1] ?? Infinity) < i + lookAhead,
    namesFood: (text) => text.length <= longestIngredient && namesFood(text),
  });
}

/**
 * Recipes out of plain or Markdown text: titles, ingredient lines and steps, every line of it as something. Headings are
 * followed where there are any, in five languages; otherwise lines that begin with an amount or name a food are
 * ingredients, and sentences the method. Several recipes in one text become several drafts.
 */
export function readRecipeText(text: string, namesFood: NamesFood = () => false): RecipeDraft[] {
  const all = seen(text);
  const aroundLine = aroundOf(all, namesFood);
  const recipes: Reading[] = [];
  let reading = afresh();
  for (const [i, line] of all.entries()) {
    const around = aroundLine(i);
    if (separator.test(line.raw)) {
      if (has(reading, "ingredient") && around.next && !around.next.section) {
        recipes.push(reading);
        reading = afresh();
      }
      continue;
    }
    if (beginsRecipe(line, reading, around)) {
      recipes.push(reading);
      reading = afresh();
    }
    take(line, reading, around);
  }
  recipes.push(reading);
  return recipes.filter(({ lines }) => lines.length > 0).map(draftOf);
}

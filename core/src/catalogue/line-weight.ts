import {
  accept,
  estimate,
  exactly,
  heaviestEntryG,
  product,
  refuse,
  showGrams,
  sum,
  times,
  trimmedDecimals,
  type LineParts,
  type Result,
  type StatedAmount,
} from "../measure/index.ts";
import type { IngredientFacts } from "./catalogue.ts";
import { findCounted } from "./find-measure.ts";
import type { LineReader, NamedParts } from "./line-reading.ts";
import { wordsOf } from "./name-keys.ts";
import { onItsStalk } from "./part-names.ts";
import { provenance } from "./provenance.ts";
import { hasTrait } from "./rows.ts";
import { changeSaid, saysCooked } from "./said-cooked.ts";
import { colloquialMeasures } from "./tables/colloquial-measures.ts";
import { countToGrams, toGrams, volumeToGrams, type Weight, type WeightIssue } from "./to-grams.ts";

const drained = "drain-can";
/** What it lies in is poured off whether a line says so or not; the juice of tomatoes goes into the dish. */
const drainedAlways: ReadonlySet<IngredientFacts["keepsAs"]> = new Set<IngredientFacts["keepsAs"]>([
  "tinned-fish",
  "in-brine",
  "in-oil",
]);
const keepsItsLiquid = /undrained|with (?:its|their|the) (?:liquid|juice)|in (?:its|their) juice/i;

/**
 * "2 tins of 400 ml", "1 head cabbage, shredded (about 6 cups)": by the density, or by the cup of what is cut so.
 * Undefined where neither is known; then what was counted stands.
 */
function statedVolume(
  parts: LineParts,
  stated: Extract<StatedAmount, { kind: "volume" }>,
  facts: IngredientFacts,
): Weight | undefined {
  const said = `${trimmedDecimals(stated.ml, 0)} ml as stated`;
  // The juice of a fruit weighs what water does.
  const isJuice = facts.measures.some((one) => one.measure === "juice-of-one");
  const density = facts.composition?.gramsPerMl ?? (isJuice ? 1 : null);
  if (density !== null)
    return { grams: exactly(stated.ml * density), weighed: true, form: "usable", workings: said };
  const preparation = wordsOf(`${parts.preparation} ${parts.name}`);
  const read = volumeToGrams(stated, { word: "", size: "", preparation, unit: stated.unit }, facts);
  return read.ok ? { ...read.value, workings: `${said}: ${read.value.workings}` } : undefined;
}

/** Less than half of the lightest piece that the table knows is no piece. Common practice, no source. */
const leastOfAPiece = 0.5;

/** What a weight is printed on: "3 tins (400 g)" is 400 g each. Of bunches, or what is loose, it is that of all. */
const printedOn = new Set("tin can jar pot pouch sachet pack packet punnet tub bottle carton".split(" "));

/** What food is put into loose; none holds less than this. Common practice, no source. */
const filledWith = new Set("bag net sack box crate tray".split(" "));
const leastFilledG = 80;

/** "2 tins chickpeas, drained, 480 g": so much that it is what all the tins hold once they are drained. */
function isDrainedInAll(parts: LineParts, facts: IngredientFacts): boolean {
  const { stated, count } = parts;
  const saysDrained = parts.isDrained || /drain/i.test(parts.preparation);
  if (!saysDrained || !parts.isEachOrAll || stated?.kind !== "mass" || !count) return false;
  const one = findCounted({ ...countedAs(parts), preparation: [] }, facts)?.grams;
  const ofOne = stated.grams / ((count.low + count.high) / 2);
  return one !== undefined && ofOne >= one.low && ofOne <= one.high;
}

/** How many times the stated weight or volume counts: it may be of each of them, or of all. */
function timesStated(parts: LineParts, facts: IngredientFacts): number {
  const { stated, count, word } = parts;
  if (!parts.isEachOrAll) return 1;
  if (!stated || !count) return 1;
  const many = (count.low + count.high) / 2;
  const isPrinted = printedOn.has(word);
  if (stated.kind === "mass" && filledWith.has(word) && stated.grams / many < leastFilledG) return many;
  const one = findCounted({ ...countedAs(parts), preparation: [] }, facts)?.grams;
  if (stated.kind !== "mass" || !one) return isPrinted ? many : 1;
  const ofAll = stated.grams / many;
  if (isPrinted) return isDrainedInAll(parts, facts) ? 1 : many;
  // "8 bunches radishes (250 g)": so little for all of them that it is the weight of each.
  return ofAll < leastOfAPiece * one.low && stated.grams <= one.high ? many : 1;
}

const timesOver = (stated: StatedAmount, times: number): StatedAmount =>
  stated.kind === "mass"
    ? { ...stated, grams: stated.grams * times }
    : { ...stated, ml: stated.ml * times, count: stated.count * times };

/** A tin's stated weight is what it holds; drained, only its drained share counts. */
function statedWeight(parts: LineParts, facts: IngredientFacts): Weight | undefined {
  if (!parts.stated) return undefined;
  const stated = timesOver(parts.stated, timesStated(parts, facts));
  if (stated.kind === "volume") return statedVolume(parts, stated, facts);
  const isTin = /^(tin|can|jar|packet|tub)$/.test(parts.word);
  const isDrained = parts.isDrained || isDrainedInAll(parts, facts);
  const how = isDrained ? undefined : facts.trims.find((t) => t.method === drained);
  const isPoured = facts.category === "legume" || /drain/i.test(parts.preparation);
  if (isTin && how && !keepsItsLiquid.test(parts.preparation) && isPoured)
    return {
      grams: times({ value: how.mean, low: how.low, high: how.high }, stated.grams),
      weighed: false,
      form: "usable",
      workings: `${showGrams(stated.grams)} as stated, drained × ${how.mean} (${how.low}–${how.high}): ${provenance(how)}`,
    };
  // "3 tins of tuna (80 g each)", "2 aubergines (about 1 kg)": that is what they weigh as they are bought.
  const isAsBought = isTin
    ? how !== undefined && drainedAlways.has(facts.keepsAs)
    : parts.count !== null && parts.unit === null;
  return {
    grams: exactly(stated.grams),
    weighed: true,
    form: isAsBought && !isDrained ? "as-bought" : "usable",
    workings: `${showGrams(stated.grams)} as stated`,
  };
}

/** Juice, zest or both, where the words ask for that of a fruit: "1 lemon, juiced", "2 squeezed limes", "1 lemon rind". */
const zestOrJuice = (text: string): ("juice" | "zest")[] =>
  [...text.matchAll(/\b(?:(juic(?:e|ed)|squeezed)|zest(?:ed)?|rind)\b/gi)].map((m) =>
    m[1] === undefined ? "zest" : "juice",
  );

/** What of a fruit a line asks for: said before its name, in it, or behind it. */
export const partsAsked = ({ parts, name, preparation }: LineParts): readonly ("juice" | "zest")[] =>
  parts.length > 0 ? parts : [...new Set([...zestOrJuice(name), ...zestOrJuice(preparation)])];

/** "1 orange, zested and segmented": the rest of the fruit goes in as well. */
const fleshToo =
  /\b(?:segment(?:s|ed)?|(?:in|into) (?:\w+ )?(?:wedges|slices|pieces|chunks)|then (?:cut|sliced)|flesh)\b/i;

/** "juice of half a lemon": so much of the fruit's own juice or zest. */
function fruitWeight(parts: LineParts, facts: IngredientFacts): Result<Weight, WeightIssue> | undefined {
  const isFruit = facts.measures.some((m) => m.measure === "zest-of-one" || m.measure === "juice-of-one");
  if (!isFruit || parts.unit || parts.word || !parts.count) return undefined;
  const asked = partsAsked(parts);
  const isEaten = parts.parts.length === 0 && fleshToo.test(parts.preparation);
  if (asked.length === 0 || isEaten) return undefined;
  const count = parts.count;
  const each = [...new Set(asked)].map((part) =>
    countToGrams(count, { word: `${part}-of-one`, size: "", preparation: [] }, facts),
  );
  const refused = each.find((one) => !one.ok);
  if (refused) return refused;
  const weights = each.flatMap((one) => (one.ok ? [one.value] : []));
  return accept({
    grams: sum(weights.map((w) => w.grams)),
    weighed: false,
    form: "usable",
    workings: weights.map((w) => w.workings).join(" + "),
  });
}

/** A written range ("2–3 tbsp") widens the grams on both sides. */
const spread = (weight: Weight, count: { low: number; high: number }, middle: number): Weight => ({
  ...weight,
  grams: {
    value: weight.grams.value,
    low: weight.grams.low * (count.low / middle),
    high: weight.grams.high * (count.high / middle),
  },
});

/** "2 little gems", "3 baby leeks": what is counted is a size of its own, by the name it goes by. */
function countedAs({ word, wholeName, size }: LineParts): Pick<LineParts, "word" | "size"> {
  // "1 small ciabatta loaf": a loaf of its own size.
  if (!["", "loaf", "head"].includes(word)) return { word, size };
  const name = ` ${wordsOf(wholeName).join(" ")} `;
  const [, measure = ""] = colloquialMeasures.find(([one]) => name.includes(` ${one} `)) ?? [];
  // "3 heads little gem": small heads.
  if (word === "head" && !measure.startsWith("head")) return { word, size };
  return { word: measure || word, size: measure === "each-baby" ? "" : size };
}

function countedWeight(
  parts: NamedParts,
  facts: IngredientFacts,
  reader: LineReader,
): Result<Weight, WeightIssue> | undefined {
  const { count, unit } = parts;
  if (!count) return undefined;
  // What one core or the stems of one head weigh, no table says.
  if (parts.part && !unit) return refuse({ code: "measure-unknown", word: parts.part, known: [] });
  const middle = (count.low + count.high) / 2;
  const preparation = wordsOf(`${parts.preparation} ${parts.name}`);
  const ask = { ...countedAs(parts), preparation };
  if (!unit) return countToGrams(count, ask, facts);
  if (unit.kind === "volume" && isCookedDown(parts, facts))
    return refuse({ code: "measure-unknown", word: unit.id, known: [] });
  const weight =
    unit.kind === "volume"
      ? volumeToGrams(
          { ml: middle * unit.factor, count: middle, unit: unit.id },
          { ...ask, unit: unit.id },
          facts,
        )
      : toGrams(
          { kind: "mass", grams: middle * unit.factor, ...(unit.id === "oz" ? { ounces: middle } : {}) },
          facts,
          { ounces: reader.ounces[facts.id] },
        );
  if (!weight.ok || middle <= 0) return weight;
  const filled = heapable.has(unit.id) ? filledSo(weight.value, parts, facts) : weight.value;
  return accept(spread(filled, count, middle));
}

/** What a heaped or rounded, and a scant, spoon or cup holds of a level one: of what heaps, and of what runs off. Common practice, no source. */
const heaped = { heaps: estimate(1.4, 1, 2), runs: estimate(1.1, 1, 1.2) } as const;
const scant = estimate(0.9, 0.8, 1);
const heapable = new Set(["tsp", "tbsp", "dessertspoon", "cup"]);
/** From so much water on, g in 100 g, nothing heaps. */
const runsFromG = 80;

/** "1 heaped tbsp flour", "a scant cup": how full a measure is. */
function filledSo(weight: Weight, { size }: LineParts, facts: IngredientFacts): Weight {
  if (size !== "large" && size !== "small") return weight;
  const runs =
    facts.category === "oil" || facts.category === "acid" || (facts.composition?.waterG ?? 0) >= runsFromG;
  const share = size === "small" ? scant : runs ? heaped.runs : heaped.heaps;
  const said = size === "small" ? "scant" : "heaped";
  return {
    ...weight,
    grams: product(weight.grams, share),
    workings: `${weight.workings}; ${said}: × ${share.value} (${share.low}–${share.high}), common practice`,
  };
}

const addedWeight = (
  amount: StatedAmount,
  facts: IngredientFacts,
  reader: LineReader,
): Result<Weight, WeightIssue> => toGrams(amount, facts, { ounces: reader.ounces[facts.id] });

/** "100 ml oil, plus 2 tbsp for frying": both together. */
function withAdded(
  weight: Weight,
  parts: LineParts,
  about: { readonly facts: IngredientFacts; readonly reader: LineReader },
): Result<Weight, WeightIssue> {
  let all = weight;
  for (const amount of parts.added) {
    const more = addedWeight(amount, about.facts, about.reader);
    if (!more.ok) return more;
    all = {
      ...all,
      grams: sum([all.grams, more.value.grams]),
      workings: `${all.workings} + ${more.value.workings}`,
    };
  }
  return accept(all);
}

const saysWeighedCooked = /\bcooked weight\b|\bweigh\w* (?:when )?cooked\b/i;

/** "1 cup cooked spinach": leaves cook down to a fifth, and no table says what a cup of them holds then. */
const isCookedDown = ({ name }: LineParts, { category }: IngredientFacts): boolean =>
  saysCooked.test(name) && ["leaf", "brassica", "soft-herb"].includes(category);

/**
 * "300 g cooked rice", "640 g roasted squash": the weight is of the cooked food. After a comma ("300 g rice, cooked") it is
 * of the raw. Counts of what shrinks are of raw pieces: "4 roasted beetroots".
 */
function cookedWeight(weight: Weight, parts: LineParts, facts: IngredientFacts): Weight {
  const swells = (facts.category === "grain" && facts.keepsAs !== "bread") || hasTrait(facts, "dry-pulse");
  const isCooked = saysCooked.test(parts.name) || saysWeighedCooked.test(parts.preparation);
  const isSwollen = swells && isCooked && (weight.form === "usable" || weight.weighed);
  const hasShrunk = !swells && weight.weighed && changeSaid(parts.wholeName, facts.changes) !== undefined;
  return isSwollen || hasShrunk ? { ...weight, form: "cooked" } : weight;
}

const stillOn = new RegExp(
  `\\b(?:untrimmed|unpeeled|unpodded|unshelled|unhusked|in (?:(?:the|their|its) )?(?:pods?|shells?|husks?)|with (?:(?:the|their|its) )?(?:tops|leaves|greens|fronds)(?: (?:on|attached))?|(?:rind|husks?) on|${onItsStalk}|whole weight|stones? (?:still )?in|before (?:trimming|peeling|podding|shelling))\\b`,
  "i",
);

/** "1 kg broad beans in their pods", "500 g leeks (untrimmed)": a weight with all that comes off still on. */
const untrimmedWeight = (weight: Weight, { wholeName, preparation }: LineParts): Weight =>
  weight.weighed && weight.form === "usable" && stillOn.test(`${wholeName}, ${preparation}`)
    ? { ...weight, form: "as-bought" }
    : weight;

const allOff =
  /\b(?:peeled|trimmed|podded|shelled|stoned|pitted|hulled|prepared|cleaned) weight\b|\b(?:when|once|after being) (?:peeled|trimmed|podded|shelled|stoned|pitted|hulled)\b/i;

/** "3 carrots (180 g when peeled)", "400 g squash, peeled weight": a weight with nothing left to come off. */
const trimmedWeight = (weight: Weight, { preparation }: LineParts): Weight =>
  weight.weighed && weight.form === "as-bought" && allOff.test(preparation)
    ? { ...weight, form: "usable" }
    : weight;

/** Nothing, or more than a quarter of a tonne, is a slip of the pen. */
function believable(weight: Weight, text: string): Result<Weight, WeightIssue> {
  const grams = weight.grams.value;
  if (!(grams > 0)) return refuse({ code: "amount-not-positive", text });
  return grams > heaviestEntryG
    ? refuse({ code: "amount-too-large", grams, atMostG: heaviestEntryG })
    : accept(weight);
}

/** What a line of one ingredient weighs; undefined where it gives no amount. */
export function weightOf(
  parts: NamedParts,
  facts: IngredientFacts,
  reader: LineReader,
): Result<Weight, WeightIssue> | undefined {
  const stated = statedWeight(parts, facts);
  const first = stated ? accept(stated) : (fruitWeight(parts, facts) ?? countedWeight(parts, facts, reader));
  if (!first?.ok) return first;
  const all = withAdded(first.value, parts, { facts, reader });
  if (!all.ok) return all;
  const read = believable(all.value, parts.name);
  return read.ok
    ? accept(cookedWeight(trimmedWeight(untrimmedWeight(read.value, parts), parts), parts, facts))
    : read;
}

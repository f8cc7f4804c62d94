import {
  aNumber,
  anyOf,
  massWords,
  measurePraise,
  measureWords,
  numberWords,
  packWords,
  someNumber,
  volumeWords,
} from "./amount-words.ts";

const about = "(?:(?:about|approx\\.?|roughly|ca\\.?|~) ?)?";
const measured = `${someNumber} ?(?:x ?${someNumber} ?)?(?:(?:large |small |medium |big )?(?:${massWords}|${volumeWords}|${anyOf(measureWords)}))\\b\\.?(?: ${aNumber} ?(?:oz|ounces?)\\b\\.?)?`;
const startsWithName = /^[\p{L}"(]/u;

/** Dots that lead to a number, and are not its decimal point: "feta....200 g", "feta.200 g", but not "feta .2 kg". */
const dots = "(?:\\.{2,}|\\.(?!\\d)|(?<=\\p{L})\\.)";

/** "feta, 200 g", "feta: 200 g", "feta (200 g)", "carrots with tops: 1.4 kg", "olive oil 2 tbsp, warmed". */
const measuredLast = new RegExp(
  `^(?<name>[^\\d()]*(?:\\([^()\\d]*\\)[^\\d()]*)*(?<=[\\p{L})]))(?:[\\s,;:|=–—-]|${dots})*(?:[\\s(,:|=–—-]|${dots})(?<amount>${about}${measured})(?:\\s*(?:of|x) ?(?<each>\\d+ ?(?:${massWords}|ml|cl|l)\\b))?\\)?(?<rest>.*)$`,
  "iu",
);
/** "kohlrabi 3", "fennel x3", "cucumbers 3 (1.2 kg)", "avocados 3 ripe"; many of them are grams: "shallots 500". */
const countedLast =
  /^(?<name>\p{L}[^\d()]*?(?:\([^()\d]*\))?)[\s,:]*\s?(?:[x×] ?)?(?<count>\d+(?:\.\d+)?|½|1\/2)(?<words>(?: \p{L}+){0,2})?(?<rest>\s*(?:[,(].*)?)$/iu;
/** "aubergines, three", "aubergines – three of them", "figs, a few". */
const wordLast = new RegExp(
  `^(?<name>\\p{L}[^\\d,()]*?)(?:,| [–—-]) (?<count>${numberWords.join("|")}|a few|several|a couple)(?: of (?:them|these))?(?<rest>,.*)?$`,
  "iu",
);
/** "carrots bunch 2", "salad bags x 4": the measure between name and number. */
const measureBeforeCount = new RegExp(
  `^(.+?),? ((?:(?:big|large|small) )?(?:${anyOf(`${packWords} head crate`)}))$`,
  "i",
);
/** A bare number this high is what a scale shows, not pieces. */
const leastBareGrams = 50;
/** Eggs are counted however many there are. Common practice, no source. */
const neverWeighed = /\beggs?$/i;

const inPacks = anyOf(`${packWords} handful head`);
/** "red onion (1/2), sliced": how many, in brackets; not of "bunch of radishes (6-8)". */
const countInBrackets = new RegExp(
  `^(?!(?:(?:small|large|big) )?(?:${inPacks}) of |(?:an?|half an?) (?:(?:small|large|big) )?(?:${inPacks}) )(?<name>\\p{L}[^\\d()]*?) \\((?<count>${someNumber})(?<size> (?:small|medium|large))?\\)(?<rest>.*)$`,
  "iu",
);
/** "salad onions bunch", "wild garlic big bag": one of a measure. */
const oneLast = new RegExp(
  `^(?<name>\\p{L}[^\\d()]*?),? \\(?(?<measure>(?:(?:big|large|small) )?(?:${`${packWords} head handful crate bucket`.replaceAll(" ", "|")}|half(?: an?)?))\\)?$`,
  "iu",
);
/** "basil, a handful", "kale two bunches", "parsley, half a bunch, chopped": an amount in words, and nothing else. */
const spokenLast = new RegExp(
  `^(?<name>\\p{L}[^\\d,()]*?)(?<!\\b(?:in|of|with|for|to|on|and|or|plus))(?:,| from|, from)? (?:(?:about|roughly|approximately|around|nearly|almost|maybe) )?(?<amount>(?:half(?: an?)?|quarter|third|an?|one|two|three|four|a few|several|a couple of) (?:(?:big|large|small|generous|heaped|scant|level|rounded|${measurePraise.replaceAll(" ", "|")}) )*(?:${anyOf(measureWords)}|doz(?:en)?|${massWords}|${volumeWords}))\\b(?<rest>,.*)?$`,
  "iu",
);
const packAtEnd = new RegExp(`(?<=\\p{L} )(?<! (?:a|an|the) )(?:${anyOf(packWords)})$`, "iu");

const join = (...parts: readonly string[]): string =>
  parts
    .map((part) => part.trim())
    .filter(Boolean)
    .join(" ");

/** What may stand behind an amount and still be of it: "500 ml bottle", "200 g each". */
const ofTheAmount = /^(?:each|tub|bag|pack|bottle|sack|jar|punnet|wedge|block|tin|can|carton|seconds?\b)/i;

/** "400 g x 3", "400 g tin x 3", "400 g tins ×3". */
const timesAfter = new RegExp(`^((?:${anyOf(packWords)}) )?[x×] ?(\\d+)\\b`, "i");

/** "kidney beans 400 g tin": what it comes in, which says that it is drained. */
const onlyPack = new RegExp(`^(?:${anyOf("tin can jar")})$`, "i");

/** "pasta half a 500 g packet", "flour, half of a 1 kg bag". */
const partOfPack = /^(.+?),? (half|quarter|three[- ]quarters|third|two[- ]thirds|½|¼|¾)(?: of)?(?: an?)?$/i;

function measuredFirst(text: string): string | undefined {
  const found = measuredLast.exec(text)?.groups;
  if (!found) return undefined;
  const { name = "", amount = "", each, rest = "" } = found;
  const cut = name
    .replace(/[\s,;:|.=–—-]+$/u, "")
    .replace(/ [x×]$/i, "")
    .replace(/[\s,;:]+(?:about|approx\.?|roughly|ca\.?)$/i, "")
    .replace(packAtEnd, "")
    .trim();
  const after = rest.replace(/^[\s,;.)-]+/, "");
  const [, whole, share] = partOfPack.exec(cut) ?? [];
  if (share !== undefined) return join(share, "a", amount, after, whole ?? "");
  const [food = "", ...how] = cut.split(/[,(]/);
  const [, pack = "", times] = timesAfter.exec(after) ?? [];
  if (times !== undefined) return join(times, "x", amount, pack, food);
  const said = each === undefined ? amount : `${amount} (${each} each)`;
  // "feta 200 g (7 oz)" says its amount again; "strawberries 4 kg (jam)" says something of the food.
  if (after.startsWith("(")) return /\d/.test(after) ? join(said, after, food) : join(said, food, after);
  if (onlyPack.test(after)) return join(said, after, food);
  if (ofTheAmount.test(after)) return join(said, food, `, ${after}`);
  const prepared = [...how.map((one) => one.replace(/\)/g, "").trim()), after].filter(Boolean).join(", ");
  return join(said, food, prepared && `, ${prepared}`);
}

function bracketsFirst(text: string): string | undefined {
  const found = countInBrackets.exec(text)?.groups;
  if (!found) return undefined;
  const { name = "", count = "", size = "", rest = "" } = found;
  return `${join(count, size, name)}${rest}`;
}

/** What ends so is no food's name before a count: "gas 4", "serves 6", "juice of 2". */
const noName =
  /,|^(?:the |finely |freshly |grated )*(?:juice|zest|rind)\b|\b(?:gas|mark|step|serves|for|no|page|type|size|part|day|about|and|or|with|plus|of|from|to|at|in|x|the|a|an)$/i;

/** A food's name, not a sentence that ends in "the box". */
const isShortName = /^(?!.*\b(?:the|with|in|of|my|a|an|to|for|from|and|i)\b)\S+(?: \S+){0,3}$/i;

function spokenFirst(text: string): string | undefined {
  const { name, amount, rest = "" } = spokenLast.exec(text)?.groups ?? {};
  if (amount !== undefined) return `${amount} ${name}${rest}`;
  const counted = wordLast.exec(text)?.groups;
  return counted && `${counted["count"]} ${counted["name"]}${counted["rest"] ?? ""}`;
}

/** "eggs, boiled x 24": how many stands behind how it is prepared. */
const timesBehind = /^(\p{L}[^\d,()]*), ?(\p{L}[^\d,()]*?),? [x×] ?(\d+)$/iu;

/** "lemons, 2 nets of 5": ten lemons. */
const packsBehind = new RegExp(
  `^(\\p{L}[^\\d,()]*?),? (\\d+) (?:${anyOf(`${packWords} crate`)}) of (\\d+)$`,
  "iu",
);
/** "milk x2 (1 l)": so many of that size. */
const timesThenSize =
  /^(\p{L}[^\d,()]*?),? [x×] ?(\d+),? \((\d+(?:[.,]\d+)? ?(?:g|kg|ml|cl|l|oz|lbs?))(?: each)?\)(.*)$/iu;

/** How many there are stands last, of a size or a pack: turned round, or undefined where it does not. */
function severalBehind(text: string): string | undefined {
  const [, counted, how, times] = timesBehind.exec(text) ?? [];
  if (times !== undefined) return `${times} ${counted}, ${how}`;
  const [, single, many, of] = packsBehind.exec(text) ?? [];
  if (many !== undefined) return `${Number(many) * Number(of)} ${single}`;
  const [, packed, packs, size, behind = ""] = timesThenSize.exec(text) ?? [];
  if (packs === undefined || packAtEnd.test(packed ?? "")) return undefined;
  return `${packs} x ${size} ${packed}${behind}`;
}

function countedFirst(text: string): string | undefined {
  const one = oneLast.exec(text)?.groups;
  if (one && isShortName.test(one["name"] ?? ""))
    return one["measure"]?.startsWith("half") ? `half ${one["name"]}` : `1 ${one["measure"]} ${one["name"]}`;
  const found = countedLast.exec(text)?.groups;
  if (!found) return undefined;
  const { name = "", count = "", rest = "" } = found;
  const words = (found["words"] ?? "").replace(/ ones$/i, "");
  const food = name.replace(/[\s,;:|.–—-]+$/u, "").trim();
  if (noName.test(food)) return undefined;
  const [, kind = "", measure = ""] = measureBeforeCount.exec(food) ?? [];
  if (kind !== "" && words === "" && Number(count) < leastBareGrams) return join(count, measure, kind, rest);
  if (/^ (?:juice|zest)$/i.test(words)) return `${words.trim()} of ${count} ${food}${rest}`;
  const isGrams = Number(count) >= leastBareGrams && !neverWeighed.test(food);
  return join(count, isGrams ? "g" : "", words, food, rest);
}

/**
 * A line that names the food before its amount, turned round: "feta, crumbled, 200 g" → "200 g feta, crumbled". Any other
 * line stays as it is.
 */
export function amountFirst(text: string): string {
  if (!startsWithName.test(text)) return text;
  return (
    severalBehind(text) ??
    measuredFirst(text) ??
    spokenFirst(text) ??
    bracketsFirst(text) ??
    countedFirst(text) ??
    text
  );
}

import type { Catalogue } from "../catalogue/index.ts";
import { isHot, linesMentioned, type Formula, type Line, type Mention, type Step } from "../recipes/index.ts";

/** "Char the aubergines whole", "roast in their skins". */
const saysWhole =
  /\bwhole\b|\bin (?:its|their|the) (?:skins?|jackets?)\b|\bunpeeled\b|\b(?:skins? on|with (?:its|their|the) skins?)\b/gi;

/** What stands behind a word that is said of food named before it: "the aubergines whole, until soft". */
const endsThere = /^\s*(?:$|[.,;:()]|(?:and|or|until|till|on|over|in|at|for|under|directly|side|turning)\b)/i;

/** Where another thing is begun: "fry the onions, then char the aubergines whole". */
const beginsAnew = /[.;:]|\bthen\b/gi;

/** Between "whole" and the food it is said of stand at most a few words of what that is like: "the whole unpeeled beets". */
const mostLetters = 24;

/** What is said of another food, or of no food at all: "the whole surface of the beetroot". */
const isCutOff = /[.,;:]|\b(?:of|and|or|with|over|into)\b/i;

const placesOf = (words: RegExp, text: string): number[] =>
  [...text.matchAll(words)].map(({ index }) => index);

/** The food that stands right behind a word. */
const rightBehind = (mentions: readonly Mention[], text: string, end: number): Mention[] => {
  const next = mentions.filter(({ at }) => at >= end).sort((a, b) => a.at - b.at)[0];
  return next && next.at - end <= mostLetters && !isCutOff.test(text.slice(end, next.at)) ? [next] : [];
};

/** The food that was last spoken of before a word: all of the same doing, or of the nearest one that names any. */
function lastBefore(mentions: readonly Mention[], text: string, from: number): Mention[] {
  const starts = [0, ...placesOf(beginsAnew, text).filter((at) => at < from)].reverse();
  for (const start of starts) {
    const here = mentions.filter(({ at }) => at >= start && at < from);
    if (here.length > 0) return here;
  }
  return [];
}

/**
 * The lines that a step on the heat cooks whole, by its words: what has to be peeled or cut is peeled and cut afterwards.
 * "Fry the chopped onions with the whole spices" is of the spices. Common practice, no source.
 */
export function linesCookedWhole(
  formula: Pick<Formula, "lines">,
  step: Pick<Step, "text" | "tool">,
  catalogue: Catalogue,
): Line[] {
  if (!isHot(step.tool)) return [];
  const { text } = step;
  const mentions = linesMentioned(text, formula.lines, catalogue);
  const whole = [...text.matchAll(saysWhole)].flatMap(({ 0: word, index }) => {
    const end = index + word.length;
    const isOfFoodBefore = endsThere.test(text.slice(end)) || !/whole|unpeeled/i.test(word);
    const before = isOfFoodBefore ? lastBefore(mentions, text, index) : [];
    return before.length > 0 ? before : rightBehind(mentions, text, end);
  });
  return formula.lines.filter((line) => whole.some((one) => one.line === line));
}

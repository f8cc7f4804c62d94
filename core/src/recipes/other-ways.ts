import type { Formula, Step, StepWay } from "./formula.ts";
import { isHot, toolIn } from "./step-tool.ts";

/** "…, or char over a flame", "(or on the grill)": where another way to do the same begins, and what it must begin with. */
const orElse =
  /[\s,;(–—]+(?:or|alternatively,?|or else)(?: else| instead)?:?\s+(?=(?:roast|bake|grill|char|fry|boil|steam|simmer|blanch|barbecue|broil|poach|griddle|sear|toast|cook|do (?:them|it)|on|over|under|in)\b)/i;
/** "Roast in the oven or on the grill for …": only the place is another, the rest is said of both. */
const otherPlace =
  /^(.*?)\b((?:in|on|over|under) (?:a |an |the )?[\w-]+(?: [\w-]+)??),? or ((?:in|on|over|under) (?:a |an |the )?[\w-]+(?: (?:grill|flame|fire|pan|oven|griddle|barbecue))?)\b(.*)$/i;

/** Words with a capital and a full stop. */
export function asSentence(words: string): string {
  const ended = /[.!?]$/.test(words) ? words : `${words}.`;
  return ended.charAt(0).toUpperCase() + ended.slice(1);
}

const wayAsSentence = (text: string): string => asSentence(text.trim().replace(/\)([.!?]?)$/, "$1"));

const areTwoFires = (ways: readonly [string, string]): boolean => {
  const [one, other] = ways.map(toolIn);
  return isHot(one ?? null) && isHot(other ?? null) && one !== other;
};

function splitSentence(sentence: string): readonly [string, string] | undefined {
  const [, before = "", here = "", there = "", after = ""] = otherPlace.exec(sentence) ?? [];
  const byPlace = [`${before}${here}${after}`, `${before}${there}${after}`] as const;
  if (here !== "" && areTwoFires(byPlace)) return byPlace;
  const or = orElse.exec(sentence);
  if (!or) return undefined;
  const ways = [sentence.slice(0, or.index), sentence.slice(or.index + or[0].length)] as const;
  return areTwoFires(ways) ? ways : undefined;
}

/**
 * The words of a step taken apart where they offer two fires: "Roast for 25 minutes, or char over a flame for 10." gives each
 * way as words of its own, with what else the step says; so does "Or: …", whatever it is. One text where they do not.
 */
export function waysSaid(text: string): readonly string[] {
  const written = text.split(/\s*\bOr: +/).map((way) => way.trim());
  if (written.length > 1 && written.every((way) => way !== "")) return written;
  const sentences = text.split(/(?<=[.!?])\s+/);
  for (const [i, sentence] of sentences.entries()) {
    const split = splitSentence(sentence);
    if (split) return split.map((way) => sentences.with(i, wayAsSentence(way)).join(" "));
  }
  return [text];
}

/** All ways to do a step, as it is written first. */
export const waysOfStep = ({ otherWays = [], ...written }: Step): readonly StepWay[] => [
  written,
  ...otherWays,
];

/** Ways that the words of the step do not say already: what is shown, printed and written beside them. */
export const waysUnsaid = ({
  text,
  otherWays = [],
}: Pick<Step, "text" | "otherWays">): readonly StepWay[] => {
  const said = waysSaid(text).slice(1);
  return otherWays.filter((way) => !said.includes(way.text));
};

/** The words of a step with all its ways: what a text that knows no ways is written with, and read back from. */
export const textWithWays = (step: Pick<Step, "text" | "otherWays">): string =>
  [step.text, ...waysUnsaid(step).map((way) => `Or: ${way.text}`)].join(" ");

/** A formula done in chosen ways: by the step's number, 0 as written. A way that is not there any more is as written. */
export function inWays(formula: Formula, chosen: ReadonlyMap<number, number>): Formula {
  if (chosen.size === 0) return formula;
  const steps = formula.steps.map((step, i): Step => {
    const way = (chosen.get(i) ?? 0) === 0 ? undefined : waysOfStep(step)[chosen.get(i) ?? 0];
    return way ?? step;
  });
  return { ...formula, steps };
}

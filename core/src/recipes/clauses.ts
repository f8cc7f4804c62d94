import { asSentence } from "./other-ways.ts";
import { timesIn, withoutKeeping } from "./step-time.ts";
import { isHot, standsByItself, toolIn } from "./step-tool.ts";

/** "After 20 minutes", "10 minutes before serving": a moment in what is going on, and not how long it goes on. */
export const moments =
  /\bafter (?:only |just |about |around |another )?\d[^.;,]*?(?:minutes?|mins?|hours?|hrs?)\b|\b(?<!\bfor (?:about |around |at least )?)\d[^.;,]{0,12}?(?:minutes?|mins?|hours?|hrs?) before\b/gi;

/** "Every 10 minutes", "for the last 5 minutes": looks, and a part of a time that is said elsewhere. */
export const withoutParts = (text: string): string =>
  text.replace(/every [^.;,]+/gi, "").replace(/\b(?:last|final|first) [^.;,]*?(?:minutes?|mins?)/gi, "");

/** Does it say how long something goes on? */
const lasts = (text: string): boolean =>
  timesIn(withoutParts(withoutKeeping(text)).replace(moments, "")).length > 0;

/** Another reading of the time before, or something that only happens perhaps. */
const isAside = /^(?:and |then )*(?:or|if|but|at least|at most|up to)\b|\bif\b/i;

/** Where food is while its time runs; undefined of what says nothing of it. */
const placeOf = (text: string): string | undefined =>
  toolIn(text) ?? (standsByItself(text) ? "standing" : undefined);

/** A sentence in clauses, each with the time that runs in it; the last has what is said behind. */
function timedClauses(sentence: string): string[] {
  const pieces = sentence.split(/(?<=[,;])\s+|\s+(?=(?:and|then)\s)/i);
  const clauses: string[] = [];
  let waiting = "";
  for (const piece of pieces) {
    const isOfLast = waiting === "" && clauses.length > 0 && /^[a-z]+ing\b|\bevery\b/i.test(piece);
    if (isOfLast) {
      clauses[clauses.length - 1] = `${clauses.at(-1) ?? ""} ${piece}`;
      continue;
    }
    waiting = waiting === "" ? piece : `${waiting} ${piece}`;
    if (!lasts(piece)) continue;
    clauses.push(waiting);
    waiting = "";
  }
  if (waiting === "") return clauses;
  return clauses.length === 0 ? [waiting] : [...clauses.slice(0, -1), `${clauses.at(-1) ?? ""} ${waiting}`];
}

const clauseAsSentence = (clause: string): string =>
  asSentence(
    clause
      .trim()
      .replace(/^and (?:then )?/i, "")
      .replace(/[,;]$/, ""),
  );

/**
 * A sentence in which food goes from one place to another and stays in each for a time of its own, as a sentence for each:
 * "leave for 30 minutes, rinse and roast for 25" stands first and roasts then. One sentence where it does not.
 */
export function sentenceByPlace(sentence: string): string[] {
  const parts = timedClauses(sentence).reduce<string[]>((before, clause) => {
    const last = before.at(-1);
    const [from, to] = [last && placeOf(last), placeOf(clause)];
    const goesOn = last === undefined || to === undefined || from === to || isAside.test(clause);
    return last === undefined || !goesOn
      ? [...before, clause]
      : [...before.slice(0, -1), `${last} ${clause}`];
  }, []);
  return parts.length < 2 ? [sentence] : parts.map(clauseAsSentence);
}

/** "Simmer for 10 minutes, add the peas and simmer for 2": the times of one fire that follow each other, in words; [] else. */
export function timesOfOneFire(sentence: string): string[] {
  const clauses = timedClauses(sentence);
  const [first = ""] = clauses;
  const place = toolIn(first);
  const isOne = isHot(place) && clauses.every((clause) => toolIn(clause) === place && !isAside.test(clause));
  return isOne && clauses.length > 1 && !/\b(?:while|meanwhile)\b/i.test(sentence) ? clauses : [];
}

import { moments, timesOfOneFire, withoutParts } from "./clauses.ts";
import type { Minutes } from "./formula.ts";
import { minutesIn } from "./step-time.ts";

const unit = "(?:seconds?|secs?|minutes?|mins?|hours?|hrs?)";
const count =
  "(?:\\d[\\d–½¼¾.-]*|an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|thirty)";
/** "another 5 minutes", "for a further hour", "2 minutes more", "then 20 minutes", "10 more.": time on top of what was said before. */
const onTop = new RegExp(
  [
    `\\b(?:another|(?:a )?further|(?:an )?additional|(?:an )?extra) (?:${count}(?: (?:to|or) ${count})? )?${unit}\\b`,
    `\\b${count}(?: ?(?:to|or) ${count})? ?${unit} (?:more|longer)\\b`,
    `\\bthen (?:for )?(?=\\d)${count}(?: ?(?:to|or) ${count})? ?${unit}\\b`,
    `\\b\\d+(?:[-–]\\d+)? more(?=[.,;)]|$)`,
  ].join("|"),
  "gi",
);
/** "5 minutes on each side", "3 minutes a side"; "pushed to a side" is none. */
const eachSide =
  /\b(?:seconds?|secs?|minutes?|mins?)\.? (?:(?:on |for )?each|on either|per|a) side\b|\b(?:each|per) side for\b/i;
/** It only goes on where it has to. */
const onlyIf = /\b(?:if|unless|or)\b/i;

const plus = (a: Minutes, b: Minutes): Minutes => ({ low: a.low + b.low, high: a.high + b.high });
const times = (a: Minutes, factor: number): Minutes => ({ low: a.low * factor, high: a.high * factor });

/** "10 more", "another minute": as a stretch of time that can be read. */
const asStretch = (said: string): Minutes | null =>
  minutesIn(
    said
      .replace(/\b(?:another|further|additional|extra) (?=minute|min|hour|hr)/i, "1 ")
      .replace(/^(\d+(?:[-–]\d+)?) more$/i, "$1 minutes"),
  );

const sentencesOf = (text: string): string[] => text.split(/(?<=[.;!?])\s+/);

/** Time on top, of every sentence in which it is sure that it goes on. */
function moreTime(text: string): Minutes[] {
  return sentencesOf(text)
    .filter((sentence) => !onlyIf.test(sentence))
    .flatMap((sentence) => [...sentence.matchAll(onTop)].flatMap(([said]) => asStretch(said) ?? []));
}

/** Times of one fire one after the other, summed; undefined where there is only one, or what is on top is said to be so. */
function inTurn(text: string): Minutes | undefined {
  const clauses = sentencesOf(text)
    .map(timesOfOneFire)
    .find((one) => one.length > 1);
  const all = clauses?.map(minutesIn);
  return all?.reduce<Minutes | undefined>(
    (sum, one) => (one === null ? sum : sum ? plus(sum, one) : one),
    undefined,
  );
}

/**
 * How long what a step says goes on, minutes: "for 20 minutes, then for another 15" is 35, "4 minutes on each side" is 8. A
 * moment in it ("after 20 minutes") counts only where nothing else does. null where no time is named.
 */
export function lastingMinutes(text: string): Minutes | null {
  const lasting = withoutParts(text);
  const more = moreTime(lasting);
  const before = more.length > 0 ? lasting.replace(onTop, "") : lasting;
  const hasMoments = before.search(moments) >= 0;
  const single = minutesIn(before.replace(moments, "")) ?? minutesIn(before);
  const base = more.length === 0 && !hasMoments ? (inTurn(lasting) ?? single) : single;
  if (base === null) return minutesIn(lasting);
  const sum = more.reduce(plus, base);
  return eachSide.test(text) ? times(sum, 2) : sum;
}

import { wordsToNumber, wordTable } from "../measure/index.ts";
import type { Minutes } from "./formula.ts";

/** Two weeks: what claims to take longer was misread. */
const longestMin = 20_160;

const unitMinutes: Readonly<Record<string, number>> = wordTable({ s: 1 / 60, m: 1, h: 60, d: 1440 });
const fractions: Readonly<Record<string, number>> = wordTable({
  "¼": 0.25,
  "½": 0.5,
  "¾": 0.75,
  "⅓": 1 / 3,
  "⅔": 2 / 3,
});

/** Times in words, as figures: "half an hour", "an hour and a half", "overnight". Common practice, no source. */
const spoken: readonly (readonly [RegExp, string])[] = [
  [/\bhalf an? hour\b/gi, "30 minutes"],
  [/\b(?:three[- ]quarters of an|¾ of an) hour\b/gi, "45 minutes"],
  [/\b(?:a )?quarter of an hour\b/gi, "15 minutes"],
  [/\b(?:an|one|1) hour and a half\b/gi, "90 minutes"],
  [/\b(?:an|one) hour or (?:two|2|so)\b/gi, "1-2 hours"],
  [/\b(?:an|one) hour\b/gi, "1 hour"],
  [/\ba couple of (minutes|hours|mins|hrs)\b/gi, "2 $1"],
  [/\ba (?:good )?few (minutes|hours|mins|hrs|seconds)\b/gi, "2-4 $1"],
  [/\bseveral (minutes|hours)\b/gi, "3-6 $1"],
  [/\b(?:a|one) minute\b/gi, "1 minute"],
  [/\bovernight\b/gi, "8-12 hours"],
  [/\b(?:a|one) day\b/gi, "1 day"],
  [
    /\b(one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|thirty|forty|forty-five|sixty) (?=minutes?|mins?|hours?|hrs?|seconds?)/gi,
    "$1#",
  ],
];
const inFigures: Readonly<Record<string, number>> = wordTable({
  ...{ one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10, twelve: 12 },
  ...{ fifteen: 15, twenty: 20, thirty: 30, forty: 40, "forty-five": 45, sixty: 60 },
});

const quotient = (part: string): number => {
  const [over = 0, under = 1] = part.split("/").map(Number);
  return over / under;
};

const plain = (text: string): string =>
  spoken
    .reduce((said, [words, figures]) => said.replace(words, figures), text)
    .replace(/\b([a-z-]+)#/gi, (_, word: string) => `${inFigures[word.toLowerCase()] ?? word} `)
    .replace(/(\d)?([¼½¾⅓⅔])/g, (_, whole: string | undefined, sign: string) =>
      String(Number(whole ?? 0) + (fractions[sign] ?? 0)),
    )
    .replace(/(\d+) (\d\/\d)/g, (_, whole: string, part: string) => String(Number(whole) + quotient(part)));

const unit = "seconds?|secs?|minutes?|mins?|min\\.|hours?|hrs?|hr\\.|h\\b|days?";
const number = "\\d+(?:[.,]\\d+)?";
const span = new RegExp(
  `(${number})(?: ?(${unit}))?(?: ?(?:-|–|—|to|or|bis|a|à) ?(${number}))? ?(${unit})(?:(?<=h|hours?|hrs?|hr\\.|days?),? ?(?:and )?(\\d{1,2}) ?(minutes?|mins?|min\\.|m\\b))?`,
  "gi",
);

/** "Keeps for 3 days in the fridge", "leftovers will last a week": how long it may be kept, and not how long it is made. */
const keeping =
  /\b(?:keeps|lasts|stores|stays (?:fresh|good)|(?:will|can|should|may|they|these|leftovers?|which|to) (?:be )?(?:keep|kept|last|stored?|stay)|once opened|(?:use|eat|consume)\b[^.;\d]*\bwithin|(?:keep|store|refrigerate|freeze)\b[^.;\d]*\bup to)\b(?![^.;]*\bbefore\b)[^.;]*?\b(?:days?|weeks?|months?)\b[^.;]*/gi;

/** What a step says but for how long it keeps. */
export const withoutKeeping = (text: string): string => text.replace(keeping, "");

/** A stretch of time, and the words it was said in. */
export type TimeSaid = { readonly minutes: Minutes; readonly at: number };

/** Every stretch of time that a text names, minutes, in the order it names them. */
export function timesIn(text: string): TimeSaid[] {
  return [...plain(text).matchAll(span)].flatMap((found) => {
    const [, first = "", ownUnit, second, last = "m", more = "0"] = found;
    const factor = (of: string): number => unitMinutes[of.charAt(0).toLowerCase()] ?? 1;
    const extra = Number(more);
    const value = (digits: string): number => Number(digits.replace(",", "."));
    const low = value(first) * factor(ownUnit ?? last) + extra;
    const high = second === undefined ? low : Math.max(low, value(second) * factor(last) + extra);
    return high > 0 && high <= longestMin ? [{ minutes: { low, high }, at: found.index }] : [];
  });
}

/** The first stretch of time a text names, minutes; null when it names none. */
export const minutesIn = (text: string): Minutes | null =>
  timesIn(text)[0]?.minutes ?? timesIn(wordsToNumber(text))[0]?.minutes ?? null;

/** Every so many minutes something is turned, stirred or looked at. */
export function checkEvery(text: string): number | null {
  const match = /(?:turn|stir|check|shak|bast|look|toss|flip|tast)\w*[^.;]*? every ([^.;,]+)/i.exec(text);
  const said = (match?.[1] ?? "").replace(/^(?=minute|hour)/i, "1 ");
  const every = minutesIn(said)?.low ?? 0;
  return every > 0 && every <= 1440 ? every : null;
}

const inTheMiddle = "\\b(?:half ?-?way(?: through)?|mid-?way(?: through)?)\\b";
/** "turning once", and neither "once golden, turn" nor "turn once golden". */
const onlyOnce = "[^.;]*?\\bonce(?=\\s*(?:[.,;)]|$|or\\b|and\\b|during\\b|while\\b|in\\b|after\\b))";
const seenTo = "\\b(?:turn|flip|stir|shak|bast|toss|check|rotat|swap)\\w*";
const saysMiddle = new RegExp(
  `${seenTo}(?:[^.;]*?${inTheMiddle}|${onlyOnce})|${inTheMiddle}[^.;]*?${seenTo}`,
  "i",
);

/** "Turning halfway": minutes from the start, for a step that lasts so long; null where it is not said. */
export const checkHalfway = (text: string, lasts: Minutes | null): number | null =>
  lasts !== null && lasts.high >= 2 && saysMiddle.test(text) ? Math.ceil(lasts.high / 2) : null;

const seenToAfter = new RegExp(
  `${seenTo}[^.;,]*? after ([^.;,]+)|\\bafter ([^.;,]+?),? (?:then )?${seenTo}`,
  "i",
);

/**
 * "Turning the tray after 40 minutes": minutes from the start, for the one look that a step then has; null where it is not
 * said, comes when the step is over, or would come round again before that.
 */
export function checkAfter(text: string, lasts: Minutes | null): number | null {
  const [, behind, ahead] = seenToAfter.exec(text) ?? [];
  const after = minutesIn(behind ?? ahead ?? "")?.low ?? 0;
  return lasts !== null && after > 0 && after < lasts.high && 2 * after >= lasts.high ? after : null;
}

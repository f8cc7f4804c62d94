import { wordsToNumber } from "../measure/index.ts";
import { stepOf, type Minutes, type Step, type StepTool } from "./formula.ts";

const toolWords: readonly (readonly [StepTool, RegExp])[] = [
  ["oven", /\boven|\broast(?!ed)|\bbake/i],
  ["blender", /blender|liquidi[sz]er/i],
  ["processor", /processor|\bblitz|\bpulse|whizz/i],
  ["grill", /\bgrill|barbecue|charcoal|\bchar\b/i],
  ["hob", /\bboil|simmer|blanch|\bfry|saut[eé]|\bpan\b|saucepan|soften|toast/i],
  ["freezer", /freez/i],
  ["fridge", /fridge|refrigerat|\bchill/i],
];

/** Gas marks ¼ to 9 in °C of a conventional oven. Common practice, no source. */
const gasMarks: readonly (readonly [mark: number, celsius: number])[] = [
  [0.25, 110],
  [0.5, 120],
  [1, 140],
  [2, 150],
  [3, 170],
  [4, 180],
  [5, 190],
  [6, 200],
  [7, 220],
  [8, 230],
  [9, 240],
];

/** A fan oven is set 20 °C lower. Common practice, no source. */
const fanLower = 20;

/** Is the temperature that stands between the two texts said of a fan oven: "160 °C fan", "fan 160 °C"? */
const isFan = (before: string, after: string): boolean =>
  /\bfan(?: oven)?:? ?$/i.test(before) || /^\s*\(?(?:c )?fan\b(?!(?: oven)?:? ?\d{3})/i.test(after);

/** No kitchen oven goes further, °C. */
const hottest = 350;

/** The oven's temperature a text names, °C of a conventional oven; null when it names none. */
export function celsiusIn(text: string): number | null {
  const mark = /gas (?:mark )?(¼|½|\d+(?:\.\d+)?)/i.exec(text)?.[1];
  const degrees = /(\d{2,3}) ?(?:°|º|degrees?) ?(c|f)?\b|(\d{2,3}) ?(c|f)\b(?! ?\w)/i.exec(text);
  const value = Number(degrees?.[1] ?? degrees?.[3]);
  if (degrees && value > 0) {
    const fahrenheit = (degrees[2] ?? degrees[4] ?? "c").toLowerCase() === "f";
    const celsius = fahrenheit ? Math.round((value - 32) / 1.8) : value;
    const [before, after] = [text.slice(0, degrees.index), text.slice(degrees.index + degrees[0].length)];
    const set = celsius + (!fahrenheit && isFan(before, after) ? fanLower : 0);
    return set <= hottest ? set : null;
  }
  if (mark === undefined) return null;
  const wanted = mark === "¼" ? 0.25 : mark === "½" ? 0.5 : Number(mark);
  return gasMarks.find(([known]) => known === wanted)?.[1] ?? null;
}

/** Two weeks: what claims to take longer was misread. */
const longestMin = 20_160;

const unitMinutes: Readonly<Record<string, number>> = { s: 1 / 60, m: 1, h: 60 };
const spans =
  /(\d+(?:\.\d+)?)(?: ?(?:-|–|to) ?(\d+(?:\.\d+)?))? ?(seconds?|secs?|minutes?|mins?|hours?|hrs?|h)\b/gi;

/** The first stretch of time a text names, minutes; null when it names none. */
export function minutesIn(text: string): Minutes | null {
  const plain = text.replace(/\bhalf an hour\b/gi, "30 minutes").replace(/\b(?:an|one) hour\b/gi, "1 hour");
  const [match] = wordsToNumber(plain).matchAll(spans);
  if (!match) return null;
  const factor = unitMinutes[(match[3] ?? "m").charAt(0).toLowerCase()] ?? 1;
  const low = Number(match[1]) * factor;
  const high = Math.max(low, Number(match[2] ?? match[1]) * factor);
  return high > 0 && high <= longestMin ? { low, high } : null;
}

/** Every so many minutes something is turned, stirred or looked at. */
const checkIn = (text: string): number | null => {
  const match = /(?:turn|stir|check|shak|bast|look)\w*[^.;]*? every ([^.;,]+)/i.exec(text);
  const span = (match?.[1] ?? "").replace(/^(?=minute|hour)/i, "1 ");
  const every = minutesIn(span)?.low ?? 0;
  return every > 0 && every <= 1440 ? every : null;
};

/** "until the edges brown": the sign that it is done. */
const signIn = (text: string): string => (/\buntil ([^.;]+)/i.exec(text)?.[1] ?? "").trim().slice(0, 160);

const passiveTools: readonly (StepTool | null)[] = ["oven", "fridge", "freezer"];
const passiveWords = /\b(?:stand|rest|soak|cool|chill|marinate|leave|prove|steep)\b/i;

/**
 * What the words of a step say about time, tool, heat and doneness. Nothing is made up: what they do not say is null,
 * and asked (`openQuestions`).
 * @example readStep("Roast at 200 °C for 25–30 minutes until the edges brown, turning every 10 minutes.")
 */
export function readStep(text: string): Step {
  const tool = toolWords.find(([, words]) => words.test(text))?.[0] ?? null;
  const checkEveryMin = checkIn(text);
  const untimed = text.replace(/every [^.;,]+/gi, "");
  const minutes = minutesIn(untimed);
  const passive = passiveTools.includes(tool) || passiveWords.test(text);
  const waits = minutes !== null && passive && tool === null;
  return stepOf(text, {
    tool,
    celsius: tool === "oven" || tool === null ? celsiusIn(text) : null,
    activeMin: minutes !== null && !passive ? minutes.high : null,
    passiveMin: minutes !== null && passive && !waits ? minutes : null,
    wait: waits ? { leastMin: minutes.low, mostMin: null } : null,
    doneWhen: signIn(text),
    checkEveryMin,
    setAside: /set (?:a |some |one )?[\w ]*aside|(?:plain|mild) portion/i.test(text),
    tasteCold: /taste again|taste when cold|taste (?:it )?cold/i.test(text),
  });
}

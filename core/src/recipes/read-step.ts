import { cutText } from "../measure/index.ts";
import { translate, type Lexicon } from "../languages/index.ts";
import { mostOtherWays, stepOf, type Step, type StepWay } from "./formula.ts";
import { waysSaid } from "./other-ways.ts";
import { celsiusIn } from "./step-heat.ts";
import { checkEvery, checkHalfway, minutesIn, timesIn } from "./step-time.ts";
import { isPassive, toolIn } from "./step-tool.ts";
import { saysWarmUp, warmedUp } from "./warm-up.ts";

/** "until the edges brown": the sign that it is done. */
const signIn = (text: string): string => {
  const said = /\b(?:until|till|'til) ([^.;(]+)/i.exec(text)?.[1] ?? "";
  const sign = said
    .replace(/,? (?:(?:turning|stirring|shaking|basting|tossing|about|around|roughly) |\d).*$/i, "")
    .replace(
      /,? (?:and )?then .*$|, (?:and )?(?:turn|stir|shake|baste|toss|drain|remove|take|lift|leave|let|cool|serve|add)\b.*$/i,
      "",
    )
    .trim();
  return cutText(sign, 160);
};

/** "The tomatoes come out after 20 minutes": a moment in what is going on, and not how long it goes on. */
const moments =
  /\bafter (?:only |just |about |around |another )?\d[^.;,]*?(?:minutes?|mins?|hours?|hrs?)\b/gi;

const isMoment = (text: string): boolean =>
  timesIn(text).length > 0 && timesIn(text.replace(moments, "")).length === 0 && toolIn(text) === null;

/**
 * What the words of a step say about time, tool, heat and doneness. Nothing is made up: what they do not say is null,
 * and asked (`openQuestions`). A step in another language is read through its lexicon; its words stay as they are.
 * @example readStep("Roast at 200 °C for 25–30 minutes until the edges brown, turning every 10 minutes.")
 */
export function readStep(text: string, lexicon?: Lexicon): Step {
  if (lexicon) return readWay(translate(text, lexicon).text, text);
  const [written = text, ...others] = waysSaid(text);
  const read = readWay(written, text);
  if (others.length === 0) return read;
  return { ...read, otherWays: others.slice(0, mostOtherWays).map((way) => readWay(way, way)) };
}

/** What English words say of one way; `text` is how it is written. */
function readWay(english: string, text: string): StepWay {
  const tool = saysWarmUp(english) ? warmedUp(english) : toolIn(english);
  const lasting = english
    .replace(/every [^.;,]+/gi, "")
    .replace(/\b(?:last|final|first) [^.;,]*?(?:minutes?|mins?)/gi, "");
  const minutes = minutesIn(lasting.replace(moments, "")) ?? minutesIn(lasting);
  const checkEveryMin = checkEvery(english) ?? checkHalfway(english, minutes);
  const passive = isPassive(english, tool, minutes?.high);
  const waits = minutes !== null && passive && tool === null;
  return stepOf(text, {
    tool,
    celsius: tool === "oven" || tool === null ? celsiusIn(english) : null,
    activeMin: minutes !== null && !passive ? minutes.high : null,
    passiveMin: minutes !== null && passive && !waits ? minutes : null,
    wait: waits ? { leastMin: minutes.low, mostMin: null } : null,
    doneWhen: signIn(english),
    checkEveryMin,
    setAside:
      /set (?:a |some |one )?(?:plain |mild |unseasoned )?(?:portion|bowl|half|third|share|little)[\w ]* aside|set aside (?:a |some |one )?(?:plain |mild )?(?:portion|bowl)|(?:plain|mild) portion/i.test(
        english,
      ),
    tasteCold: /taste again|taste when cold|taste (?:it )?cold/i.test(english),
  });
}

const sentences = (text: string): string[] =>
  text.split(/(?<=[.!?;])\s+(?=\p{Lu}|\d)/u).filter((one) => one.trim() !== "");

/** Is this sentence a task of its own, that a clock or a machine is needed for? */
const isTask = (text: string): boolean =>
  timesIn(text).length > 0 || ["oven", "fridge", "freezer", "grill"].includes(toolIn(text) ?? "");

/**
 * A paragraph that holds several timed tasks, as one text for each: what is said before a task goes with it, what is said
 * after the last one too. A paragraph with one task or none stays whole.
 */
export function tasksOf(text: string): string[] {
  const parts = sentences(text).reduce<string[]>((before, part) => {
    const last = before.at(-1);
    const isOfLast = last !== undefined && isTask(last) && isMoment(part);
    return isOfLast ? [...before.slice(0, -1), `${last} ${part}`] : [...before, part];
  }, []);
  if (parts.filter(isTask).length < 2) return [text];
  const tasks: string[] = [];
  let waiting = "";
  for (const part of parts) {
    const all = waiting === "" ? part : `${waiting} ${part}`;
    if (isTask(part)) {
      tasks.push(all);
      waiting = "";
    } else waiting = all;
  }
  const last = tasks.length - 1;
  if (waiting !== "") tasks[last] = `${tasks[last] ?? ""} ${waiting}`;
  return tasks;
}

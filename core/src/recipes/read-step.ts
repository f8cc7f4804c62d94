import { cutText } from "../measure/index.ts";
import { translate, type Lexicon } from "../languages/index.ts";
import { mostOtherWays, stepOf, type Step, type StepWay } from "./formula.ts";
import { waysSaid } from "./other-ways.ts";
import { celsiusIn } from "./step-heat.ts";
import { lastingMinutes } from "./lasting.ts";
import { checkAfter, checkEvery, checkHalfway, timesIn, withoutKeeping } from "./step-time.ts";
import { isPassive, toolIn } from "./step-tool.ts";
import { saysWarmUp, warmedUp } from "./warm-up.ts";

const untilSaid = /\b(?:until|till|'til) ([^.;(]+)/i;

/** Where one doing ends and the next begins: behind a stop, at "then", where something is added. */
const nextDoing =
  /(?<=[.;])\s+|,? (?:and )?then |, (?:and )?(?=(?:add|stir in|pour in|tip in|put in|throw in)\b)/i;

/**
 * Of several signs, the last one of what is timed: "stir till dissolved, then simmer for 20 minutes until thick" is done when
 * thick, and so is "fry for 10 minutes till soft, add the tomatoes and cook 8 minutes until thick".
 */
function whereItIsTimed(text: string): string {
  const clauses = text.split(nextDoing).filter((clause) => untilSaid.test(clause));
  return clauses.length > 1 ? (clauses.findLast((clause) => timesIn(clause).length > 0) ?? text) : text;
}

/** "until the edges brown": the sign that it is done. */
const signIn = (text: string): string => {
  const said = untilSaid.exec(whereItIsTimed(text))?.[1] ?? "";
  const sign = said
    .replace(/,? (?:(?:turning|stirring|shaking|basting|tossing|about|around|roughly) |\d).*$/i, "")
    .replace(
      /,? (?:and )?then .*$|, (?:and )?(?:turn|stir|shake|baste|toss|drain|remove|take|lift|leave|let|cool|serve|add)\b.*$/i,
      "",
    )
    .trim();
  return cutText(sign, 160);
};

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
function readWay(whole: string, text: string): StepWay {
  const english = withoutKeeping(whole);
  const tool = saysWarmUp(english) ? warmedUp(english) : toolIn(english);
  const minutes = lastingMinutes(english);
  const checkEveryMin = checkEvery(english) ?? checkHalfway(english, minutes) ?? checkAfter(english, minutes);
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

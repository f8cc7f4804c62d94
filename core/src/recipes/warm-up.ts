import type { Step } from "./formula.ts";
import { isHot, toolIn } from "./step-tool.ts";

/** "Preheat the oven to 200 °C", "Oven to 200C fan", in the languages that recipes are read in. */
const heatsUp =
  /^\s*(?:pre-?heat|heat (?:the|your) oven|turn (?:on )?(?:the|your) oven|set (?:the|your) oven|(?:the )?oven (?:to|at|on)\b|precal[ie]|calienta(?:r)? el horno|encender el horno|pr[ée]chauff|allume[rz]? le four|preriscalda|accende(?:te|re) il forno|(?:den )?(?:back)?ofen\b[^.;]*(?:vor)?heizen)/i;

/** Heating the oven is nobody's work; it is done before something else begins. */
export const saysWarmUp = (text: string): boolean => heatsUp.test(text);

/** What such a step heats: "preheat the grill", and else the oven. */
export const warmedUp = (text: string): "grill" | "oven" =>
  /^[^.;,]{0,30}\b(?:grill|broiler|barbecue|griddle)\b/i.test(text) ? "grill" : "oven";

/** What a step does beside heating up: all behind its first sentence or clause. */
const restOf = (text: string): string => text.replace(/^(?:[^.;]|\.(?=\d))*[.;]?\s*/, "");
const clauseRest = (text: string): string => text.replace(/^.*?(?:,|\band\b|\bthen\b)\s*/i, "");

/**
 * Does a step only heat the oven, or the grill, for a later one: nothing is in it yet? "Preheat to 200 °C and roast the beets" is no such
 * step. What else it does ("… Rub the beets with oil.") is work of the hands.
 */
export const onlyWarmsUp = (step: Step): boolean =>
  (step.tool === "oven" || step.tool === "grill") &&
  step.activeMin === null &&
  step.passiveMin === null &&
  saysWarmUp(step.text) &&
  ![restOf(step.text), clauseRest(step.text)].some(
    (rest) => rest !== step.text && isHot(toolIn(rest)) && !saysWarmUp(rest),
  );

/** Does a step that only heats up ask anything else of the hands? */
export const worksBesideWarmUp = (step: Step): boolean => restOf(step.text) !== "";

/** "Let it cool to 40 °C" sets no oven: none is set lower, °C. */
const leastOvenC = 90;

/** Steps in which every one that is done in the oven has the heat that was last stated before, where it states none. */
export function withOvenHeat(steps: readonly Step[]): Step[] {
  let celsius: number | null = null;
  return steps.map((step) => {
    if (step.celsius !== null && (step.tool === "oven" || step.celsius >= leastOvenC)) celsius = step.celsius;
    return step.tool === "oven" && step.celsius === null ? { ...step, celsius } : step;
  });
}

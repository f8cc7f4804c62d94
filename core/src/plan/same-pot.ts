import type { Step } from "../recipes/index.ts";
import { saysMeanwhile } from "./beside.ts";

/** Said of what leaves its pot: it is lifted out, drained, or stands off the fire. Common practice, no source. */
const leaves =
  /\b(?:drain|strain|lift(?: \w+)? out|take (?:\w+ )?(?:off|out)|remove|off the heat|set (?:\w+ )?aside|tip (?:\w+ )?(?:out|into)|transfer|cool|refresh|rest)\b/i;

/** Said of what is cooked in another pot, or once the pot is free. */
const isAnother =
  /\b(?:another|separate|second|clean|fresh|different|new|drain|wipe)\b|\bboil(?:ing)? (?:a|some|salted)\b/i;

/**
 * Does a step on the hob go on in the pot of the one before, so that nothing is taken off between them? "Soften the onions" and
 * then "Add the peppers" do; what was drained, or waits, does not. Without a word either way they do.
 */
export function goesOnInPot(step: Step, next: Step | undefined): boolean {
  if (step.tool !== "hob" || next?.tool !== "hob" || step.wait || next.warmUpMin) return false;
  if (saysMeanwhile.test(next.text)) return false;
  return (
    !leaves.test(step.text) && !isAnother.test(next.text) && !leaves.test(next.text.split(/[,.;]/)[0] ?? "")
  );
}

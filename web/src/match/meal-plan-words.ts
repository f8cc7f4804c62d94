import type {
  CardChange,
  MealPlanCard,
  MealPlanDifference,
  MealPlanView,
  PlannedAndDone,
  WhyNot,
} from "@apron/core/match";
import type { AcceptedDish } from "@apron/contract";
import { addDays, daysBetween, showGrams, trimmedDecimals, type Display } from "@apron/core/measure";
import { showDay, todayIso } from "../ui/dates.ts";
import { counted } from "../ui/plural.ts";

/** "Today", "Tomorrow", "Wed 2 Dec". */
export function dayName(day: number): string {
  if (day < 0) return showDay(addDays(todayIso(), day));
  if (day === 0) return "Today";
  return day === 1 ? "Tomorrow" : showDay(addDays(todayIso(), day));
}

/** What a kept dish is kept for: "Kept for tomorrow", "Kept for Wed 2 Dec"; null is any of the days. */
export function keptWords(day: number | null): string {
  return day === null ? "Kept" : `Kept for ${inSentence(day)}`;
}

/** A day's name inside a sentence. */
const inSentence = (day: number): string =>
  day === 0 || day === 1 ? dayName(day).toLowerCase() : dayName(day);

const within = (days: number): string => (days === 1 ? "today" : `in the next ${days} days`);

/** What the plan uses, and of what would spoil meanwhile what it uses and what no plan can beat. */
export function savedWords({ spoils, usedG, days }: MealPlanView, units: Display): string {
  const grams = (of: number): string => showGrams(of, units);
  const when = within(days.length);
  if (usedG < 1) return "Nothing that is left is worth another dish in these days.";
  if (spoils.thereG < 1) return `Uses ${grams(usedG)}. Nothing spoils ${when}.`;
  const used = `Uses ${grams(usedG)}, and ${grams(spoils.usedG)} of the ${grams(spoils.thereG)} that spoils ${when}.`;
  return spoils.usedG >= spoils.atMostG * 0.995
    ? `${used} No plan can save more of it.`
    : `${used} No plan can save more than ${grams(spoils.atMostG)} of it.`;
}

/** How far from the best, counting what is to be bought and done too. */
export function proofWords(gap: number): string {
  if (gap === 0) return "Counting work and shopping, there is no better plan.";
  const percent = gap < 0.01 ? "1" : String(Math.ceil(gap * 100));
  return `Counting work and shopping, no plan is more than ${percent} % better.`;
}

/** How the search for a better plan stands. */
export function searchWords(solving: string, gap: number): string {
  if (solving === "done") return proofWords(gap);
  return solving === "failed"
    ? "The search for a better plan stopped. This one can be cooked as it stands."
    : "Looking for a better plan…";
}

/** To the half portion: nobody serves a tenth. */
function portions(count: number): string {
  const halves = Math.max(1, Math.round(count * 2));
  if (halves === 1) return "half a portion";
  const text = `${Math.floor(halves / 2)}${halves % 2 === 1 ? "½" : ""}`;
  return `${text} ${halves === 2 ? "portion" : "portions"}`;
}

/** Who eats it when: "2 portions today, 1 portion tomorrow; 1 portion to freeze". */
export function eatenWords({
  eaten,
  frozen,
  given,
}: Pick<MealPlanCard, "eaten" | "frozen" | "given">): string {
  const meals = eaten.map(({ on, portions: count }) => {
    const day = dayName(on);
    return `${portions(count)} ${on < 2 ? day.toLowerCase() : `on ${day}`}`;
  });
  const kept = [
    ...(frozen > 0.05 ? [`${portions(frozen)} to freeze`] : []),
    ...(given > 0.05 ? [`${portions(given)} to give away`] : []),
  ];
  return [...meals, ...kept].join(", ");
}

/** The same of a plan that was accepted: its days are those of the calendar. */
export const eatenOnWords = ({ eaten, ...dish }: AcceptedDish): string =>
  eatenWords({
    ...dish,
    eaten: eaten.map(({ on, portions: count }) => ({ on: daysBetween(todayIso(), on), portions: count })),
  });

export const larderWords = (from: readonly { readonly name: string; readonly portions: number }[]): string =>
  `From the larder: ${from.map((one) => `${portions(one.portions)} of ${one.name}`).join(", ")}.`;

/** "300 g more would be used, 20 min more work, 150 g more to buy": what is otherwise, in the order of what matters. */
function differenceWords(difference: MealPlanDifference, units: Display): string {
  const { savedG, minutes, buyG, goes } = difference;
  const grams = (of: number): string => showGrams(Math.abs(of), units);
  const parts = [
    ...(Math.abs(savedG) >= 5
      ? [savedG < 0 ? `${grams(savedG)} more would spoil` : `${grams(savedG)} less would spoil`]
      : []),
    ...(Math.abs(minutes) >= 1
      ? [`${Math.round(Math.abs(minutes))} min ${minutes > 0 ? "more" : "less"} work`]
      : []),
    ...(Math.abs(buyG) >= 5 ? [`${grams(buyG)} ${buyG > 0 ? "more" : "less"} to buy`] : []),
    ...(goes.length > 0 ? [`no ${goes.join(", no ")}`] : []),
  ];
  return parts.join(", ");
}

/** Why a dish is not in the plan. */
export function whyNotWords(name: string, why: WhyNot, units: Display): string {
  switch (why.kind) {
    case "uses-nothing":
      return `${name}: nothing you have left goes into it, or it isn't for everybody at this table.`;
    case "limit":
      return {
        minutes: `${name} takes longer than these days have. Allow more minutes.`,
        times: `${name} would be one more of its kind than you want in these days.`,
        kept: `${name} doesn't fit beside the dishes you kept. Let one go.`,
        stock: `${name} needs something that there isn't enough of and that isn't bought, or nobody would eat it in time.`,
      }[why.limit];
    case "costs": {
      const words = differenceWords(why.difference, units);
      return words === "" ? `With ${name} the plan would be about as good.` : `With ${name}: ${words}.`;
    }
  }
}

/** What buying something would change. */
export function whatIfWords(bought: string, difference: MealPlanDifference, units: Display): string {
  const words = differenceWords(difference, units);
  const comes = difference.comes.length > 0 ? ` You could make ${difference.comes.join(", ")}.` : "";
  return words === "" && comes === ""
    ? `With ${bought} the plan would be as it is.`
    : `With ${bought}: ${words === "" ? "as much is used" : words}.${comes}`;
}

/** What came of a dish that was planned. */
export const cameWords: Readonly<Record<AcceptedDish["state"], string>> = {
  planned: "To be cooked",
  cooked: "Cooked",
  dropped: "Dropped",
  past: "Not cooked",
};

/** "2 of 3 dishes cooked, 1 still to come." */
export function outcomeWords({ dishes, cooked, toCome }: PlannedAndDone): string {
  const done = `${cooked} of ${counted(dishes, "dish", "dishes")} cooked`;
  return toCome === 0 ? `${done}.` : `${done}, ${toCome} still to come.`;
}

/** What became of a dish since the plan before. */
export function changeWords(change: CardChange): string {
  switch (change.kind) {
    case "new":
      return "New";
    case "moved":
      return `Moved from ${inSentence(change.fromDay)}`;
    case "resized":
      return `Was ${trimmedDecimals(change.fromBatches, 1)} ${change.fromBatches === 1 ? "batch" : "batches"}`;
  }
}

/** Dishes of the plan before that are not in this one any more. */
export const goneWords = (gone: readonly string[]): string => `No longer in it: ${gone.join(", ")}.`;

import type { Catalogue, CookingChange } from "../catalogue/index.ts";
import type { UnclearAmount } from "./reread-amounts.ts";
import { writtenFiller, type Formula, type Minutes, type Step } from "./formula.ts";
import { isHot } from "./step-tool.ts";
import { onlyWarmsUp } from "./warm-up.ts";

/** Something a recipe does not say, with what the tables propose; the cook decides, nothing is filled in silently. */
export type OpenQuestion =
  | {
      readonly about: "temperature";
      readonly step: number;
      readonly proposal: { readonly celsius: number; readonly of: string; readonly source: string } | null;
    }
  | {
      readonly about: "time";
      readonly step: number;
      readonly proposal: { readonly minutes: Minutes; readonly of: string; readonly source: string } | null;
    }
  | { readonly about: "doneness"; readonly step: number; readonly proposal: string | null }
  | ({ readonly about: "amount" } & UnclearAmount)
  | { readonly about: "unread"; readonly text: string };

const methodsOf: Readonly<Partial<Record<NonNullable<Step["tool"]>, readonly string[]>>> = {
  oven: ["roast-diced", "roast-whole", "dry-roast", "roast-crisp", "roast-wedge"],
  hob: ["blanch", "boil", "saute"],
  grill: ["char-grill"],
};

/** The cooking changes of what the step could be about: its lines' own method first, heaviest line first. */
function changesFor(step: Step, formula: Formula, catalogue: Catalogue): CookingChange[] {
  const methods = (step.tool && methodsOf[step.tool]) ?? [];
  const heaviest = [...formula.lines].filter((line) => !line.eatenRaw).sort((a, b) => b.grams - a.grams);
  return heaviest.flatMap((line) => {
    const facts = catalogue.ingredients.get(writtenFiller(line)?.ingredient ?? "");
    const own = facts?.changes.filter((c) => c.method === line.cook && methods.includes(c.method)) ?? [];
    return own.length > 0 ? own : (facts?.changes.filter((c) => methods.includes(c.method)) ?? []);
  });
}

function questionsOf(step: Step, index: number, changes: readonly CookingChange[]): OpenQuestion[] {
  const hot = changes.find((c) => c.celsius !== null);
  const timed = changes.find((c) => c.minutesLow !== null && c.minutesHigh !== null);
  const heated = isHot(step.tool) && !onlyWarmsUp(step);
  const untimed = step.activeMin === null && step.passiveMin === null;
  const temperature: OpenQuestion = {
    about: "temperature",
    step: index,
    proposal:
      hot && hot.celsius !== null ? { celsius: hot.celsius, of: hot.ingredient, source: hot.source } : null,
  };
  const time: OpenQuestion = {
    about: "time",
    step: index,
    proposal: timed
      ? {
          minutes: { low: timed.minutesLow ?? 0, high: timed.minutesHigh ?? 0 },
          of: timed.ingredient,
          source: timed.source,
        }
      : null,
  };
  const doneness: OpenQuestion = { about: "doneness", step: index, proposal: changes[0]?.doneWhen ?? null };
  return [
    ...(step.tool === "oven" && step.celsius === null ? [temperature] : []),
    ...(heated && untimed ? [time] : []),
    ...(heated && step.doneWhen === "" ? [doneness] : []),
  ];
}

/** Everything a formula leaves open: its steps in order, amounts that are not clear, lines nobody could read last. */
export function openQuestions(
  formula: Formula,
  catalogue: Catalogue,
  unclear: readonly UnclearAmount[] = [],
): OpenQuestion[] {
  const steps = formula.steps.flatMap((step, i) =>
    questionsOf(step, i, changesFor(step, formula, catalogue)),
  );
  const amounts = unclear.map((one): OpenQuestion => ({ about: "amount", ...one }));
  return [...steps, ...amounts, ...formula.unread.map((text): OpenQuestion => ({ about: "unread", text }))];
}

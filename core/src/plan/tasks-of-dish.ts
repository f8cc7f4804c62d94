import { wordsOf, type Catalogue } from "../catalogue/index.ts";
import {
  inWays,
  isHot,
  isMachine,
  linesNamed,
  onlyWarmsUp,
  stepOf,
  worksBesideWarmUp,
  writtenFiller,
  type Formula,
  type Line,
  type Step,
} from "../recipes/index.ts";
import { addTask, follow, type CookingPlaces, type DishToCook, type Draft } from "./cooking-task.ts";
import {
  cookedByItself,
  cooksByItself,
  exactly,
  infoOf,
  prepared,
  worked,
  type Ends,
  type Timed,
  type Writing,
} from "./step-tasks.ts";
import { goesBeside } from "./beside.ts";
import { linesCookedWhole } from "./cooked-whole.ts";
import { ovenIsHot } from "./oven-is-hot.ts";
import { goesOnInPot } from "./same-pot.ts";
import { standing, stepTimes, waitBehind } from "./step-times.ts";
import { cookedLines } from "./tables/cooked-lines.ts";
import {
  atTableWithin,
  coolBeforeMachineMin,
  coolingMin,
  handling,
  outBeforeTableMin,
  staysHotMin,
} from "./tables/hand-times.ts";

/** The moment that everything is on the table: a task without minutes. */
export const table = "table";

/** A step whose minutes nobody knows: it is asked, and planned without. */
export type MissingTime = { readonly dish: string; readonly step: number };

/** "Toss everything", "the remaining ingredients": words for all that no step names. */
const saysTheRest = /\b(?:everything|ingredients|the rest|remaining|vegetables|veg)\b/i;

const saysGroup = (text: string, line: Line): boolean => {
  const [part] = wordsOf(line.group).slice(-1);
  return part !== undefined && wordsOf(text).includes(part);
};

/** The step for which a line is got ready that no step names: for its part, for "everything", else as late as it can be. */
function stepOfUnnamed(line: Line, formula: Formula, steps: readonly Timed[]): Timed | undefined {
  const said =
    steps.find(({ step }) => saysGroup(step.text, line)) ??
    steps.find(({ step }) => saysTheRest.test(step.text));
  if (said) return said;
  const isCooked = line.cook !== null || formula.kind === "cooked-vegetables";
  return isCooked ? (steps.find(({ step }) => isHot(step.tool)) ?? steps[0]) : steps.at(-1);
}

/** "Then peel and dice it": what was cooked whole is peeled in the same step. */
const peelsItself = /\b(?:peel|scoop|flesh|slip (?:off|out))\b|\bskins? off\b/i;

/** The step for which it is got ready then: the next one off the heat; none where the cooking step says it itself. */
const afterCookedWhole = (cooking: Timed, steps: readonly Timed[]): Timed | undefined =>
  peelsItself.test(cooking.step.text)
    ? undefined
    : steps.slice(steps.indexOf(cooking) + 1).find(({ step }) => !isHot(step.tool));

/** The lines that are got ready for each step: for the first that names them. */
function linesByStep(formula: Formula, steps: readonly Timed[], catalogue: Catalogue): Map<string, Line[]> {
  const named = steps.map(({ step }) => new Set(linesNamed(formula, step, catalogue)));
  const lines = new Map<string, Line[]>();
  for (const line of formula.lines) {
    if (line.recipe !== null) continue;
    const first = steps[named.findIndex((ofStep) => ofStep.has(line))];
    const at =
      first && linesCookedWhole(formula, first.step, catalogue).includes(line)
        ? afterCookedWhole(first, steps)
        : (first ?? stepOfUnnamed(line, formula, steps));
    if (at) lines.set(at.key, [...(lines.get(at.key) ?? []), line]);
  }
  return lines;
}

type CookedAhead = {
  readonly last: string;
  readonly into: string;
  readonly wait: { readonly least: number };
};

/** "spread to cool", "cooled", "when cold": cooked food that stands before it goes on. Common practice, no source. */
const coolsFirst = /\bcool|\bcold/i;

/** Is a line cooked in a step of its recipe? Where any step heats, that is taken to be it. */
const isHeatedInSteps = ({ dish }: Writing): boolean => dish.formula.steps.some((step) => isHot(step.tool));

/** A cooked line that no step heats ("farro, boiled"): put on, cooked by itself as long as the tables say, taken off. */
function cookLine(writing: Writing, line: Line, steps: readonly Timed[]): CookedAhead[] {
  const ingredient = writtenFiller(line)?.ingredient ?? "";
  const change = writing.catalogue.ingredients
    .get(ingredient)
    ?.changes.find(({ method }) => method === line.cook);
  const how = cookedLines.find(({ method }) => method.test(line.cook ?? ""));
  if (!how || change?.minutesHigh == null) return [];
  const step = stepOf(how.water ? "Boil" : "", { tool: how.tool, celsius: change.celsius });
  const byItself = { low: change.minutesLow ?? change.minutesHigh, high: change.minutesHigh };
  const timed: Timed = {
    ...{ key: `cook-${line.id}`, index: null, step, byItself },
    ...{ workMin: handling.putInMin, from: "table" },
  };
  const marked = { method: line.cook, lineIds: [line.id] };
  const { last } = cookedByItself(writing, timed, marked);
  const into =
    steps.find((one) => linesNamed(writing.dish.formula, one.step, writing.catalogue).includes(line)) ??
    steps[0];
  const least = coolsFirst.test(line.preparation) ? coolingMin : 0;
  return into ? [{ last, into: into.key, wait: { least } }] : [];
}

const isCookedAlready = /\b(?:leftover|left[- ]over|yesterday'?s|ready[- ]cooked|pre-?cooked)\b/i;
const saysCook = /\b(?:cook|boil|steam)(?:s|ed|ing)?\b/i;

/** "150 g cooked rice": asked for cooked, so cooked before, unless a step that heats says that it is cooked there. */
const isAskedCooked = ({ dish, catalogue }: Writing, line: Line): boolean =>
  line.cookedG !== null &&
  !isCookedAlready.test(`${line.amountText} ${line.preparation}`) &&
  !dish.formula.steps.some(
    (step) =>
      isHot(step.tool) &&
      saysCook.test(step.text) &&
      linesNamed(dish.formula, step, catalogue).includes(line),
  );

const cookedAhead = (writing: Writing, steps: readonly Timed[]): CookedAhead[] =>
  writing.dish.formula.lines
    .filter((line) => line.cook !== null && (!isHeatedInSteps(writing) || isAskedCooked(writing, line)))
    .flatMap((line) => cookLine(writing, line, steps));

/** How long a dish that is finished may wait for the table. */
function toTheTable(writing: Writing, last: Timed, ends: Ends): void {
  const { draft, dish } = writing;
  const wait = waitBehind(last.step);
  const within = atTableWithin[dish.formula.kind] ?? null;
  follow(draft, [ends.last, table], {
    least: wait?.least ?? 0,
    most: wait?.most ?? (wait ? null : within),
  });
  if (!dish.formula.steps.some((step) => step.tasteCold)) return;
  const info = infoOf(writing, last, { kind: "taste", minutes: exactly(handling.tasteMin) });
  const id = addTask(draft, info, { uses: [{ resource: "hands", amount: 1 }], weight: 1 });
  follow(draft, [ends.last, id], { least: wait?.least ?? 0 });
  follow(draft, [id, table], { most: 30 });
}

/**
 * Between two steps: as long as the recipe lets it stand, and long enough for what is hot before a closed machine. What
 * goes on in one machine or one pot with the next step goes on at once, so that no other dish comes between.
 */
function waitBetween(before: Timed, next: Timed): { least: number; most: number | null } {
  const wait = waitBehind(before.step);
  const isNext = before.index !== null && before.index + 1 === next.index;
  if (isNext && goesOnInPot(before.step, next.step)) return { least: 0, most: 3 };
  if (isNext && ovenIsHot(before.step, next.step)) return { least: wait?.least ?? 0, most: staysHotMin };
  if (isNext && !wait && isMachine(before.step.tool) && before.step.tool === next.step.tool)
    return { least: 0, most: 5 };
  const isTooHot = isHot(before.step.tool) && isMachine(next.step.tool);
  return {
    least: Math.max(wait?.least ?? 0, isTooHot ? coolBeforeMachineMin : 0),
    most: wait?.most ?? null,
  };
}

/** A dish that was made earlier is only taken out: a little before, so that it is not fridge-cold. */
function takeOut(writing: Writing): MissingTime[] {
  const step = stepOf("", { tool: "fridge" });
  const timed: Timed = { key: "out", index: null, step, workMin: 0, byItself: null, from: "usual" };
  const info = infoOf(writing, timed, { kind: "take-out", minutes: exactly(handling.takeOutMin) });
  const id = addTask(writing.draft, info, { uses: [{ resource: "hands", amount: 1 }], weight: 1 });
  follow(writing.draft, [id, table], { least: outBeforeTableMin, most: outBeforeTableMin + 30 });
  return [];
}

type Written = { readonly timed: Timed; readonly ends: Ends };

/** The task after which hands are free while a step goes on: it cooks, stands or has to wait by itself. */
const handsFreeAfter = ({ timed, ends }: Written): string | undefined =>
  ends.handsFree ?? (timed.step.wait === null ? undefined : ends.last);

/**
 * Puts a step behind those that are open: behind all of them, or beside the last while that goes on by itself. Returns
 * what the next step has to wait for.
 */
function afterStep(writing: Writing, open: readonly Written[], next: Written): readonly Written[] {
  const { draft, dish, catalogue } = writing;
  const last = open.at(-1);
  const free = last && handsFreeAfter(last);
  const isBeside =
    next.timed.index !== null &&
    (free !== undefined || open.length > 1) &&
    goesBeside(dish.formula, next.timed.index, catalogue);
  if (last && isBeside) {
    follow(draft, [free ?? last.ends.last, next.ends.first]);
    return free === undefined ? [...open.slice(0, -1), next] : [...open, next];
  }
  for (const { timed, ends } of open)
    follow(draft, [ends.last, next.ends.first], waitBetween(timed, next.timed));
  return [next];
}

/** Heating the oven goes before the step that needs it; what a step does beside that is work of the hands. */
const asHandWork = (step: Step): Step => (onlyWarmsUp(step) ? { ...step, tool: null } : step);

/** By the step that needs the heat: the one before it in which nothing is done but to heat the oven for it. */
function heatedBefore(steps: readonly Step[]): ReadonlyMap<number, number> {
  const found = new Map<number, number>();
  for (const [index, step] of steps.entries()) {
    if (!onlyWarmsUp(step) || worksBesideWarmUp(step)) continue;
    const needs = steps.findIndex((one, i) => i > index && one.tool === step.tool && !onlyWarmsUp(one));
    if (needs >= 0 && !found.has(needs)) found.set(needs, index);
  }
  return found;
}

/**
 * The tasks of a dish, one after another as its steps stand, with what can go on beside them: getting lines ready, heating
 * up, looking, washing up. Steps that nobody knows the time of are returned; they are planned without it.
 */
export function addDish(
  draft: Draft,
  asked: DishToCook,
  kitchen: { readonly catalogue: Catalogue; readonly places: CookingPlaces },
): MissingTime[] {
  const formula = inWays(asked.formula, asked.ways);
  const dish = { ...asked, formula: { ...formula, steps: formula.steps.map(asHandWork) } };
  const writing = { dish, draft, ...kitchen };
  if (dish.isMade) return takeOut(writing);
  const missing: MissingTime[] = [];
  const heated = heatedBefore(formula.steps);
  const nobodysWork = new Set(heated.values());
  const steps = dish.formula.steps.flatMap((step, index): Timed[] => {
    if (nobodysWork.has(index)) return [];
    const given = dish.times.get(index);
    const at = { key: String(index), index, step, heatedIn: heated.get(index) };
    if (given) return [{ ...given, byItself: given.byItself ?? standing(step), from: "cook", ...at }];
    const { batches, lessons } = dish;
    const times = stepTimes({ formula: dish.formula, index, batches, lessons }, kitchen.catalogue);
    if (times.from !== "unknown") return [{ ...times, ...at }];
    missing.push({ dish: dish.id, step: index });
    return [{ workMin: handling.putInMin, byItself: null, from: "usual", ...at }];
  });
  const ready = linesByStep(dish.formula, steps, kitchen.catalogue);
  const ahead = cookedAhead(writing, steps);
  /** What came out of the oven whole, and when it is out. */
  const wholes: { readonly last: string; readonly lines: readonly Line[] }[] = [];
  let open: readonly Written[] = [];
  for (const timed of steps) {
    const ends = cooksByItself(timed) ? cookedByItself(writing, timed) : worked(writing, timed);
    const lines = ready.get(timed.key) ?? [];
    const task = prepared(writing, timed, lines);
    for (const whole of wholes)
      if (task && whole.lines.some((line) => lines.includes(line))) follow(draft, [whole.last, task]);
    wholes.push({ last: ends.last, lines: linesCookedWhole(dish.formula, timed.step, kitchen.catalogue) });
    for (const line of ahead) if (line.into === timed.key) follow(draft, [line.last, ends.first], line.wait);
    open = afterStep(writing, open, { timed, ends });
  }
  for (const { timed, ends } of open) toTheTable(writing, timed, ends);
  return missing;
}

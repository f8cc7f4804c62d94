import type { Catalogue } from "../catalogue/index.ts";
import {
  equalLoads,
  isHot,
  isMachine,
  writtenFiller,
  writtenWeight,
  type Line,
  type Step,
} from "../recipes/index.ts";
import {
  addTask,
  during,
  follow,
  trayParts,
  type CookingPlaces,
  type CookingTask,
  type DishToCook,
  type Draft,
} from "./cooking-task.ts";
import { ovenIsHot } from "./oven-is-hot.ts";
import { goesOnInPot } from "./same-pot.ts";
import { preparationMin, standsMin, workBehind, type StepTimes } from "./step-times.ts";
import { freshness, handling, warmUps } from "./tables/hand-times.ts";

/** A dish being written into a draft. */
export type Writing = {
  readonly dish: DishToCook;
  readonly draft: Draft;
  readonly catalogue: Catalogue;
  readonly places: CookingPlaces;
};
/** A step with its minutes. `key` names it within the dish; `index` is null of what stands in no step of the recipe. */
export type Timed = StepTimes & {
  readonly key: string;
  readonly index: number | null;
  readonly step: Step;
  /** The step before that says to heat up for this one, and nothing else. */
  readonly heatedIn?: number | undefined;
};
/** The first and the last task of a step, and the one after which it goes on by itself, where it does. */
export type Ends = { readonly first: string; readonly last: string; readonly handsFree?: string };

const shelf = { resource: "fridge", amount: 1 } as const;
const hands = { resource: "hands", amount: 1 } as const;

/** Tables and earlier cooks say how long food cooks, not how long the hands are at it. */
const fromOf = (from: StepTimes["from"], kind: CookingTask["kind"] = "work"): StepTimes["from"] =>
  kind !== "by-itself" && (from === "table" || from === "kitchen") ? "usual" : from;

export const infoOf = (
  { dish }: Writing,
  { key, index, step, from }: Timed,
  more: Partial<CookingTask>,
): CookingTask => ({
  id: `${dish.id}/${key}/${more.kind ?? "work"}`,
  dish: dish.id,
  step: index,
  kind: "work",
  tool: step.tool,
  celsius: step.celsius,
  minutes: { low: 0, high: 0 },
  from: fromOf(from, more.kind),
  method: null,
  lineIds: [],
  food: null,
  learned: null,
  staysOn: false,
  allergens: [],
  load: null,
  begins: false,
  ...more,
});

export const exactly = (minutes: number) => ({ low: minutes, high: minutes });

/** How much of the oven a step fills, in hundredths of a tray. */
const trayAmount = (step: Step, batches: number): number =>
  Math.max(1, Math.round((step.trayShare ?? 1) * batches * trayParts));

/** What a step keeps busy beside the hands. */
function usesOf({ tool }: Step, trays: number): { readonly resource: string; readonly amount: number }[] {
  if (tool === "oven") return [{ resource: "oven", amount: trays }];
  return tool === "hob" || tool === "grill" || isMachine(tool) ? [{ resource: tool ?? "", amount: 1 }] : [];
}

const bringsToBoil = /\bbring(?:s|ing)?\b[^.;]*\bto (?:the|a) (?:\w+ )?(?:boil|simmer)\b/i;
const bringsWater = /\bbring(?:s|ing)? (?:a|the|some|plenty|lots|\d)[^.;]*\bwater\b[^.;]*\bto (?:the|a)\b/i;

/** "Put everything into a pan, bring to the boil": it is brought to the boil with what is in it, and nothing waits for water. */
const boilsWithIt = ({ tool, text }: Step): boolean =>
  tool === "hob" && bringsToBoil.test(text) && !bringsWater.test(text);

/** Minutes until what is put in boils, where the cook did not say how long putting it in takes. */
const untilItBoils = ({ step, from }: Timed): number =>
  boilsWithIt(step) && from !== "cook" ? (step.warmUpMin ?? warmUps.water) : 0;

/** Heating up before a pot or a tray goes in: not so long before that it cools again. */
function warmUp(writing: Writing, timed: Timed, before: string): void {
  const { draft, dish } = writing;
  const { step } = timed;
  const lastStep = timed.index === null ? undefined : dish.formula.steps[timed.index - 1];
  if (boilsWithIt(step) || ovenIsHot(lastStep, step)) return;
  const inWater = step.tool === "hob" && /\b(?:boil|blanch|steam|poach)/i.test(step.text);
  const grillMin = writing.places.isCharcoal ? warmUps.charcoal : warmUps.grill;
  const usual =
    step.tool === "oven" ? warmUps.oven : step.tool === "grill" ? grillMin : inWater ? warmUps.water : 0;
  const minutes = step.warmUpMin ?? usual;
  if (minutes === 0) return;
  const more = { kind: "warm-up", minutes: exactly(minutes), step: timed.heatedIn ?? timed.index } as const;
  const info = infoOf(writing, timed, more);
  const id = addTask(draft, info, { uses: usesOf(step, trayAmount(step, dish.batches)), weight: 1 });
  if (step.tool === "oven") draft.ovens.push({ task: id, celsius: step.celsius });
  follow(draft, [id, before], { most: 10 });
}

/** Looks at what cooks by itself, as often as the recipe says. */
function looks(writing: Writing, timed: Timed, at: string): void {
  const every = timed.step.checkEveryMin;
  const until = timed.byItself?.high ?? 0;
  if (every === null) return;
  // Half a turn before the end none is worth opening the oven for.
  for (let after = every, count = 1; after <= until - every / 2; after += every, count++) {
    const info = infoOf(writing, timed, { kind: "look", minutes: exactly(handling.lookMin) });
    const id = addTask(writing.draft, { ...info, id: `${info.id}-${count}` }, { uses: [hands], weight: 0 });
    during(writing.draft, [at, id], { after: Math.round(after), giveOrTake: 3 });
  }
}

/** Something put in, cooking by itself, and taken out. */
export function cookedByItself(writing: Writing, timed: Timed, marked: Partial<CookingTask> = {}): Ends {
  const { draft, dish } = writing;
  const { step, workMin } = timed;
  const putIn = addTask(
    draft,
    infoOf(writing, timed, { ...marked, kind: "put-in", minutes: exactly(workMin + untilItBoils(timed)) }),
    {
      ...{ uses: [hands], weight: freshness.cooking },
    },
  );
  const minutes = timed.byItself ?? exactly(0);
  const learning = { food: timed.food ?? null, learned: timed.learned ?? null };
  const cooks = addTask(
    draft,
    infoOf(writing, timed, { ...marked, ...learning, kind: "by-itself", minutes }),
    {
      uses: usesOf(step, trayAmount(step, dish.batches)),
      weight: freshness.cooking,
    },
  );
  const staysOn = timed.index !== null && goesOnInPot(step, dish.formula.steps[timed.index + 1]);
  const minutesOut = exactly(staysOn ? handling.lookMin : handling.takeOutMin);
  const takeOut = addTask(draft, infoOf(writing, timed, { kind: "take-out", minutes: minutesOut, staysOn }), {
    uses: [hands, ...(staysOn ? usesOf(step, 0) : [])],
    weight: 0,
  });
  if (step.tool === "oven") draft.ovens.push({ task: cooks, celsius: step.celsius });
  // A tray is filled while the oven heats; what goes into water waits until it boils.
  warmUp(writing, timed, step.tool === "oven" ? cooks : putIn);
  looks(writing, timed, cooks);
  follow(draft, [putIn, cooks], { most: 2 });
  follow(draft, [cooks, takeOut], { most: 3 });
  return { first: putIn, last: takeOut, handsFree: putIn };
}

/** A machine is washed when a dish is done with it, before another dish's food goes in. */
function washUp(writing: Writing, timed: Timed, after: string): void {
  const { draft, dish } = writing;
  const { step, index } = timed;
  const isLast = !dish.formula.steps.some((other, i) => i > (index ?? -1) && other.tool === step.tool);
  if (!isMachine(step.tool) || !isLast) return;
  const info = infoOf(writing, timed, { kind: "wash-up", minutes: exactly(handling.washMin) });
  const wash = addTask(draft, info, { uses: [hands, ...usesOf(step, 0)], weight: 0 });
  follow(draft, [after, wash], { most: 0 });
}

/** Loads of a machine or a pan follow each other within so many minutes. Common practice, no source. */
const betweenLoadsMin = 3;

/** The work of a step, load after load where it does not go in at once; each is said to be done by itself. */
function inLoads({ draft, dish, catalogue }: Writing, { step }: Timed, info: CookingTask): Ends {
  const more = { uses: [hands, ...usesOf(step, 0)], weight: freshness.cutting };
  const grams = writtenWeight(dish.formula, catalogue).value * dish.batches;
  const { count, eachG } = step.load && grams > 0 ? equalLoads(grams, step.load) : { count: 1, eachG: grams };
  if (count < 2) {
    const id = addTask(draft, info, more);
    return { first: id, last: id };
  }
  const minutes = exactly(Math.max(1, Math.round(info.minutes.high / count)));
  const ids = Array.from({ length: count }, (_, i) => {
    const id = i === 0 ? info.id : `${info.id}-${i + 1}`;
    return addTask(draft, { ...info, id, minutes, load: { number: i + 1, of: count, grams: eachG } }, more);
  });
  for (const [i, id] of ids.slice(1).entries()) follow(draft, [ids[i] ?? id, id], { most: betweenLoadsMin });
  return { first: info.id, last: ids.at(-1) ?? info.id };
}

/** "Let it cool, then …", "leave it 15 minutes to steam, and peel it": what stands stands before the work. */
const standsFirst = (step: Step): boolean =>
  /^(?:let (?:it|them) )?(?:cool|chill|rest|stand|soak)\b[^.;]*\bthen\b/i.test(step.text) ||
  (standsMin(step) > 0 && workBehind(step.text) > 0);

/** Work at the board, the hob or a machine; and, where something stands by itself, that after or before it. */
export function worked(writing: Writing, timed: Timed): Ends {
  const { draft } = writing;
  const { step, workMin, byItself } = timed;
  const extra = (step.setAside ? handling.setAsideMin : 0) + untilItBoils(timed);
  const info = infoOf(writing, timed, { kind: "work", minutes: exactly(workMin + extra) });
  const { first, last: work } = inLoads(writing, timed, info);
  if (isHot(step.tool)) warmUp(writing, timed, first);
  washUp(writing, timed, work);
  if (!byItself) return { first, last: work };
  const begins = standsFirst(step);
  const alone = infoOf(writing, timed, { kind: "by-itself", minutes: byItself, begins });
  const stands = addTask(draft, alone, { uses: step.tool === "fridge" ? [shelf] : [], weight: 0 });
  looks(writing, timed, stands);
  if (begins) {
    follow(draft, [stands, first]);
    return { first: stands, last: work };
  }
  follow(draft, [work, stands], { most: 0 });
  return { first, last: stands, handsFree: work };
}

const isLeafy = (line: Line, catalogue: Catalogue): boolean => {
  const facts = catalogue.ingredients.get(writtenFiller(line)?.ingredient ?? "");
  return facts?.category === "leaf" || facts?.category === "soft-herb";
};

/** Getting lines ready before the step that they go into; the task's id, undefined where there is nothing to do. */
export function prepared(writing: Writing, timed: Timed, lines: readonly Line[]): string | undefined {
  const { draft, dish, catalogue } = writing;
  const ofLine = (line: Line): number => preparationMin(line, line.grams * dish.batches);
  const busy = lines.filter((line) => ofLine(line) > 0);
  if (busy.length === 0) return undefined;
  const minutes = Math.max(1, Math.round(busy.reduce((sum, line) => sum + ofLine(line), 0)));
  const info = infoOf(writing, timed, {
    ...{ kind: "prepare", minutes: exactly(minutes), tool: "hands", celsius: null, from: "usual" },
    lineIds: busy.map((line) => line.id),
  });
  const weight = busy.some((line) => isLeafy(line, catalogue)) ? freshness.cuttingLeaves : freshness.cutting;
  const id = addTask(draft, info, { uses: [hands], weight });
  follow(draft, [id, `${dish.id}/${timed.key}/${firstKind(timed)}`]);
  return id;
}

export const cooksByItself = ({ step, byItself }: Timed): boolean => byItself !== null && isHot(step.tool);
const firstKind = (timed: Timed): string => (cooksByItself(timed) ? "put-in" : "work");
